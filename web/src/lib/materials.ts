import { say } from '../texts'
import type { PaintOnSkin } from '../api/client'

/** The painter's words for what a paint is made of. */
export const MATERIALS: Record<PaintOnSkin['material'], string> = {
  waterCake: say('materials.waterCake'),
  splitCake: say('materials.splitCake'),
  cream: 'cream',
  powder: say('materials.pressedPowder'),
  pencil: 'pencil',
  metallic: 'metallic',
  pigment: say('materials.loosePigment'),
  gel: 'gel',
  glitter: 'glitter',
  leaf: 'leaf',
  gem: 'gem',
}

export const FINISHES: PaintOnSkin['finish'][] = ['matt', 'satin', 'pearl', 'metal', 'sparkle']
