import { answer, client } from './client'
import type { FacePhoto, PlanRequest, ReviewedPhoto } from './types'

/** What is asked of photos: points and colours go out, pictures stay. */
export const photos = {
  places: () => answer(client.GET('/api/photos/places')),
  measure: (shots: FacePhoto[]) => answer(client.POST('/api/photos/measure', { body: { photos: shots } })),
  /** Where colours are wanted. */
  ask: (plan: PlanRequest, shots: FacePhoto[]) =>
    answer(client.POST('/api/photos/ask', { body: { plan, photos: shots } })),
  review: (plan: PlanRequest, shots: ReviewedPhoto[], characterId: string | null) =>
    answer(client.POST('/api/photos/review', { body: { plan, photos: shots, characterId } })),
  /** The face as planned, as the photo's camera would have taken it. */
  planned: (plan: PlanRequest, photo: FacePhoto) =>
    answer(client.POST('/api/photos/planned', { body: { plan, photo }, parseAs: 'blob' })),
  onSkin: (plan: PlanRequest, photo: FacePhoto) =>
    answer(client.POST('/api/photos/on-skin', { body: { plan, photo } })),
}
