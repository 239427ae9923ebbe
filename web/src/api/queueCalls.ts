import { ApiProblem, answer, client } from './client'
import type { PublicQueue, QueueEvent } from './types'
import { say } from '../texts'

/** The queue at a booth, and what phones see of it. */

const east = () => -new Date().getTimezoneOffset()
const of = (id: string) => ({ params: { path: { id }, query: { east: east() } } })

export const queues = {
  now: (id: string) => answer(client.GET('/api/days/{id}/queue', of(id))),
  /** Adds what happened; sent twice it is there once. Gives the queue back. */
  add: (id: string, events: QueueEvent[]) =>
    answer(client.POST('/api/days/{id}/queue', { ...of(id), body: events })),
  /** What the day came to beside its forecast. */
  review: (id: string) => answer(client.GET('/api/days/{id}/queue/review', { params: { path: { id } } })),
  link: (id: string) => answer(client.POST('/api/days/{id}/queue/link', { params: { path: { id } } })),
  /** By the link, without an account: it neither needs nor changes who is signed in. */
  async watch(token: string): Promise<PublicQueue> {
    let response
    try {
      response = await fetch('/api/queue', { headers: { 'Datura-Queue': token }, credentials: 'omit' })
    } catch {
      throw new ApiProblem(0, say('client.noConnection'))
    }
    const body = (await response.json()) as PublicQueue & { detail?: string }
    if (!response.ok) throw new ApiProblem(response.status, body.detail ?? '')
    return body
  },
}
