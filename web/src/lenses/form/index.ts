import { say } from '../../texts'
import type { LensEntry } from '../lens'
import FormInspector from './FormInspector.vue'
import LampOnBust from './LampOnBust.vue'

export default {
  id: 'form',
  label: say('formLens.form'),
  key: 'o',
  does: say('formLens.formLensWhatToDarkenAnd'),
  inspector: FormInspector,
  onBust: LampOnBust,
} satisfies LensEntry
