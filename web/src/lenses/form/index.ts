import type { LensEntry } from '../lens'
import FormInspector from './FormInspector.vue'
import LampOnBust from './LampOnBust.vue'

export default {
  id: 'form',
  label: 'Form',
  key: 'o',
  does: 'Form lens: what to darken and lighten so that the form reads',
  inspector: FormInspector,
  onBust: LampOnBust,
} satisfies LensEntry
