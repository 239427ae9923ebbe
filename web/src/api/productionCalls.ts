import { answer, client, keyed } from './client'
import type { DocumentCalls } from '../lib/document'
import type { Production } from './types'

/** Productions: the same faces evening after evening. */
export const productions = {
  all: () => answer(client.GET('/api/productions')),
  one: (id: string, revision?: number) =>
    answer(client.GET('/api/productions/{id}', { params: { path: { id }, query: { revision } } })),
  add: (production: Production, key?: string) =>
    answer(client.POST('/api/productions', { params: keyed(key), body: production })),
  save: (id: string, revision: number, production: Production, key: string) =>
    answer(
      client.PUT('/api/productions/{id}', {
        params: { path: { id }, ...keyed(key) },
        body: { revision, document: production },
      }),
    ),
  /** Who sits down when on an evening; where a sheet is out, with as little changed as can be. */
  call: (production: Production, evening: number, signal?: AbortSignal) =>
    answer(
      client.POST('/api/productions/call', { params: { query: { evening } }, body: production, signal }),
    ),
  /** The sheet that is out on paper: of all, or of one painter or wearer. */
  paper: (production: Production, evening: number, of?: string) =>
    answer(
      client.POST('/api/productions/calls.pdf', {
        params: { query: { evening, of } },
        body: production,
        parseAs: 'blob',
      }),
    ),
  /** Where a calendar reads all calls that are out, of all or of one person. */
  calendar: (id: string, of?: string) =>
    `/api/productions/${id}/calls.ics${of ? `?of=${encodeURIComponent(of)}` : ''}`,
  /** When somebody cannot come, out of a calendar file. */
  availability: (calendar: string, days: string[]) =>
    answer(client.POST('/api/productions/availability', { body: { calendar, days } })),
}

export const productionCalls: DocumentCalls<Production> = {
  read: async (id, at) => {
    const { revision, production: value } = await productions.one(id, at)
    return { revision, value }
  },
  save: async (id, revision, one, key) => (await productions.save(id, revision, one, key)).revision,
  add: async (one, key) => (await productions.add(one, key)).id,
}
