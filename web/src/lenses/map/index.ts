import { say } from '../../texts'
import type { LensEntry } from '../lens'
import { usePlan } from '../../stores/plan'
import { drawMap } from '../../three/marks'
import MapInspector from './MapInspector.vue'
import MapOverlay from './MapOverlay.vue'
import TapeTool from './TapeTool.vue'

export default {
  id: 'map',
  label: say('mapLens.map'),
  key: 'm',
  does: say('mapLens.mapLensOutlinesDotsAndTape'),
  inspector: MapInspector,
  overlay: MapOverlay,
  tools: TapeTool,
  onSkin: () => {
    const { plan } = usePlan()
    return { draw: (pen) => plan && drawMap(pen, plan.parts, plan.costumeEdge) }
  },
} satisfies LensEntry
