import type { PaintOnSkin } from '../api/client'

/** The painter's words for what a paint is made of. */
export const MATERIALS: Record<PaintOnSkin['material'], string> = {
  waterCake: 'water cake',
  splitCake: 'split cake',
  cream: 'cream',
  powder: 'pressed powder',
  pencil: 'pencil',
  metallic: 'metallic',
  pigment: 'loose pigment',
  gel: 'gel',
  glitter: 'glitter',
  leaf: 'leaf',
  gem: 'gem',
}

export const FINISHES: PaintOnSkin['finish'][] = ['matt', 'satin', 'pearl', 'metal', 'sparkle']
