import type { Component } from 'vue'

/**
 * What the bust shows and the inspector speaks of. A lens is one folder, whose index gives this, and one line in the registry; bar, key,
 * help, inspector, overlay and strip follow from it.
 */
export interface LensEntry {
  id: string
  label: string
  /** The key that turns it on and off. */
  key: string
  does: string
  /** Left out for the lens that shows the selected part, or the look. */
  inspector?: Component
  /** Drawn over bust and chart, as SVG; gets `scene` and `tick`. */
  overlay?: Component
  /** On the bust alone; gets `scene` and `tick`. */
  onBust?: Component
  /** Beside the lenses in the bar. */
  tools?: Component
  /** In place of the strip's ruler. */
  strip?: Component
}
