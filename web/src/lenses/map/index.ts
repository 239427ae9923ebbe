import type { LensEntry } from '../lens'
import MapInspector from './MapInspector.vue'
import MapOverlay from './MapOverlay.vue'
import TapeTool from './TapeTool.vue'

export default {
  id: 'map',
  label: 'Map',
  key: 'm',
  does: 'Map lens: outlines, dots and tape',
  inspector: MapInspector,
  overlay: MapOverlay,
  tools: TapeTool,
} satisfies LensEntry
