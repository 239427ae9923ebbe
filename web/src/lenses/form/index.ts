import { say } from '../../texts'
import type { LensEntry } from '../lens'
import { useForm } from '../../stores/form'
import { useSelection } from '../../stores/selection'
import { drawTones } from '../../three/marks'
import FormInspector from './FormInspector.vue'
import LampOnBust from './LampOnBust.vue'

export default {
  id: 'form',
  label: say('formLens.form'),
  key: 'o',
  does: say('formLens.formLensWhatToDarkenAnd'),
  inspector: FormInspector,
  onBust: LampOnBust,
  onSkin: () => {
    const form = useForm()
    // Tones hide what a hand is moving.
    const tones = useSelection().dragging ? undefined : form.form?.tones
    return { sheet: form.relief, draw: (pen) => tones && drawTones(pen, tones) }
  },
} satisfies LensEntry
