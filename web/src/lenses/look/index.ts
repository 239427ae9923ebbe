import { say } from '../../texts'
import type { LensEntry } from '../lens'

export default {
  id: 'look',
  label: say('lookLens.paint'),
  key: 'p',
  does: say('lookLens.paintLensThePaintedFaceAnd'),
} satisfies LensEntry
