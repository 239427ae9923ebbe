import { openDB, type IDBPDatabase } from 'idb'
import type { Painting, Plan, PlanRequest } from '../api/client'

/** What a session needs while the service is out of reach: its plan and the pictures of its steps, in the browser's own database. */

export interface KeptSession {
  id: string
  painting: Painting
  plan: Plan
  request: PlanRequest
  /** ms of the epoch. */
  keptAt: number
}

export interface WaitingPhoto {
  id: string
  session: string
  takenAt: string
  picture: Blob
}

const NAME = 'datura-chair'
/** A session that nobody looked at for so long is not kept here any more; it is in the book. */
const KEPT_MS = 3 * 24 * 3600_000

let opened: Promise<IDBPDatabase> | undefined

const shelf = () =>
  (opened ??= openDB(NAME, 1, {
    upgrade(db) {
      db.createObjectStore('sessions', { keyPath: 'id' })
      db.createObjectStore('pictures')
      db.createObjectStore('photos', { keyPath: 'id' })
    },
  }))

/** Does without where the browser keeps nothing, as in a private window. */
async function tried<T>(work: (db: IDBPDatabase) => Promise<T>): Promise<T | undefined> {
  try {
    return await work(await shelf())
  } catch {
    return undefined
  }
}

export const chairShelf = {
  keep: (one: KeptSession) => tried((db) => db.put('sessions', one)),
  find: (id: string) => tried((db) => db.get('sessions', id) as Promise<KeptSession | undefined>),
  keepPicture: (key: string, picture: Blob) => tried((db) => db.put('pictures', picture, key)),
  picture: (key: string) => tried((db) => db.get('pictures', key) as Promise<Blob | undefined>),
  addPhoto: (photo: WaitingPhoto) => tried((db) => db.put('photos', photo)),
  photos: async () => (await tried((db) => db.getAll('photos') as Promise<WaitingPhoto[]>)) ?? [],
  photoSent: (id: string) => tried((db) => db.delete('photos', id)),
  /** Forgets a session that is over and told, and those that are old. */
  async forget(id: string | null, now = Date.now()) {
    await tried(async (db) => {
      for (const one of (await db.getAll('sessions')) as KeptSession[]) {
        if (one.id !== id && now - one.keptAt < KEPT_MS) continue
        await db.delete('sessions', one.id)
        for (const key of await db.getAllKeys('pictures'))
          if (String(key).startsWith(`${one.id} `)) await db.delete('pictures', key)
      }
    })
  },
}
