import { say } from '../../texts'
import type { LensEntry } from '../lens'

export default {
  id: 'look',
  label: say('lookLens.paint'),
  key: 'p',
  offersParts: true,
  does: say('lookLens.paintLensThePaintedFaceAnd'),
} satisfies LensEntry
