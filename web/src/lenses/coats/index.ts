import { say } from '../../texts'
import type { LensEntry } from '../lens'
import { useCoats } from '../../stores/coats'
import CoatsInspector from './CoatsInspector.vue'
import CoreMark from './CoreMark.vue'

export default {
  id: 'coats',
  label: say('coatsLens.coats'),
  key: 'c',
  does: say('coatsLens.coatsLensWhatLiesWhereAnd'),
  inspector: CoatsInspector,
  overlay: CoreMark,
  onSkin: () => ({ sheet: useCoats().hiding }),
  pointAt: (at, zone) => useCoats().pointAt(at, zone),
} satisfies LensEntry
