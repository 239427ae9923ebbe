import type { LensEntry } from '../lens'
import CoatsInspector from './CoatsInspector.vue'
import CoreMark from './CoreMark.vue'

export default {
  id: 'coats',
  label: 'Coats',
  key: 'c',
  does: 'Coats lens: what lies where, and how it looks in which light',
  inspector: CoatsInspector,
  overlay: CoreMark,
} satisfies LensEntry
