import { answer, client, keyed } from './client'
import type { DocumentCalls } from '../lib/document'
import type { DrillBook, DrillRequest } from './types'

/** Practice: books, what is worth it, sheets, and what a picture of one says. */
export const drills = {
  all: () => answer(client.GET('/api/drills')),
  one: (id: string, revision?: number) =>
    answer(client.GET('/api/drills/{id}', { params: { path: { id }, query: { revision } } })),
  add: (book: DrillBook, key?: string) =>
    answer(client.POST('/api/drills', { params: keyed(key), body: book })),
  save: (id: string, revision: number, book: DrillBook, key: string) =>
    answer(
      client.PUT('/api/drills/{id}', {
        params: { path: { id }, ...keyed(key) },
        body: { revision, document: book },
      }),
    ),
  /** What is worth practising for a look, most first. */
  advice: (
    book: DrillBook,
    look: string,
    on: { face?: string; kit?: string; setting?: string; today: string },
    signal?: AbortSignal,
  ) => answer(client.POST('/api/drills/advice', { params: { query: { look, ...on } }, body: book, signal })),
  lay: (drill: DrillRequest, signal?: AbortSignal) =>
    answer(client.POST('/api/drills/lay', { body: drill, signal })),
  /** At true size on paper. */
  paper: (drill: DrillRequest, title: string) =>
    answer(
      client.POST('/api/drills/sheet.pdf', { params: { query: { title } }, body: drill, parseAs: 'blob' }),
    ),
  /** What a picture of a painted sheet says, taken from straight above. */
  score: (
    drill: DrillRequest,
    picture: { rgb: string; columns: number; rows: number; stepMm: number },
    on: string,
    seconds: number | null,
  ) => answer(client.POST('/api/drills/score', { body: { drill, ...picture, on, seconds } })),
}

export const drillCalls: DocumentCalls<DrillBook> = {
  read: async (id, at) => {
    const { revision, book: value } = await drills.one(id, at)
    return { revision, value }
  },
  save: async (id, revision, one, key) => (await drills.save(id, revision, one, key)).revision,
  add: async (one, key) => (await drills.add(one, key)).id,
}
