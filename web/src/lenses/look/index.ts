import type { LensEntry } from '../lens'

export default {
  id: 'look',
  label: 'Paint',
  key: 'p',
  does: 'Paint lens: the painted face and its parts',
} satisfies LensEntry
