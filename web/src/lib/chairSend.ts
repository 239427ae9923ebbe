import { chair } from '../api/chairCalls'
import type { ApiProblem } from '../api/client'
import { ChairQueue, sessionsOn } from './chairQueue'
import { chairShelf } from './chairShelf'

/**
 * Tells the service what waits on this device: events of every session, also of one whose chair was left while the service was out of reach, then
 * photos. A photo that is refused is not kept on trying.
 */
export async function sendWaiting(shelf: Storage, refused: (why: string) => void) {
  for (const id of sessionsOn(Object.keys(shelf))) {
    const queue = new ChairQueue(id, '', shelf)
    if (!queue.waiting.length) continue
    try {
      queue.heard(await chair.addEvents(id, [...queue.waiting]))
    } catch (error) {
      if ((error as ApiProblem).offline) return
      // A session that is gone holds up no other.
    }
  }
  for (const photo of await chairShelf.photos()) {
    try {
      await chair.addPhoto(photo.session, photo.id, photo.takenAt, photo.picture)
    } catch (error) {
      if ((error as ApiProblem).offline) return
      refused((error as Error).message)
    }
    await chairShelf.photoSent(photo.id)
  }
}
