import { answer, client, keyed } from './client'
import type { DocumentCalls } from '../lib/document'
import type { BoothDay } from './types'

/** Days at a booth. */
export const days = {
  all: () => answer(client.GET('/api/days')),
  one: (id: string, revision?: number) =>
    answer(client.GET('/api/days/{id}', { params: { path: { id }, query: { revision } } })),
  add: (day: BoothDay, key?: string) => answer(client.POST('/api/days', { params: keyed(key), body: day })),
  save: (id: string, revision: number, day: BoothDay, key: string) =>
    answer(
      client.PUT('/api/days/{id}', {
        params: { path: { id }, ...keyed(key) },
        body: { revision, document: day },
      }),
    ),
  /** What the day will be like, from many simulated ones. */
  forecast: (day: BoothDay, signal?: AbortSignal) =>
    answer(client.POST('/api/days/forecast', { body: day, signal })),
  /** The menu on one page, from poster to card. */
  menu: (day: BoothDay, paper: string) =>
    answer(client.POST('/api/days/menu', { params: { query: { paper } }, body: day, parseAs: 'blob' })),
}

export const dayCalls: DocumentCalls<BoothDay> = {
  read: async (id, at) => {
    const { revision, day: value } = await days.one(id, at)
    return { revision, value }
  },
  save: async (id, revision, one, key) => (await days.save(id, revision, one, key)).revision,
  add: async (one, key) => (await days.add(one, key)).id,
}
