import type { Component } from 'vue'
import type { ChartPoint } from '../lib/zones'

/** What a lens lays on the skin, of bust and chart alike. */
export interface OnSkin {
  /** A picture over the whole chart window. */
  sheet?: ImageBitmap | null
  /** Drawn in chart millimetres, y up. */
  draw?: (pen: CanvasRenderingContext2D) => void
}

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
  /** On the skin itself; asked again when a store that it reads changes. */
  onSkin?: () => OnSkin
  /** A click on the skin takes hold of this place. */
  pointAt?: (at: ChartPoint, zone: string) => void
  /** A click on the skin offers the parts that can hang there. */
  offersParts?: boolean
}
