import type { Painting } from '../api/client'
import { today } from './format'

/** A session as the book has it before anything is noted. */
export const newPainting = (): Painting => ({
  name: '',
  look: '',
  face: null,
  kit: null,
  on: today(),
  paints: [],
  passed: [],
  reaction: null,
  notes: '',
  steps: [],
  lookRevision: null,
  setting: null,
  slotMinutes: null,
  typed: [],
})
