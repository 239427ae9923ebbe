import { answer, client } from './client'
import type { ChairEvent, PlanRequest } from './types'

/** What the chair and the book ask of the service. */

const blob = { parseAs: 'blob' } as const
const of = (id: string) => ({ params: { path: { id } } })

export interface Begin {
  lookId: string
  revision: number
  on: string
  chair: boolean
  painter?: string
  second?: string
  /** Ids of the only parts that are painted. */
  only?: string
}

export const chair = {
  /** Notes in the book that a planned look was painted, or is about to be. */
  begin: (request: PlanRequest, begin: Begin) =>
    answer(client.POST('/api/paintings/of-plan', { params: { query: begin }, body: request })),
  events: (id: string) => answer(client.GET('/api/paintings/{id}/events', of(id))),
  /** Adds what happened in the chair; sent twice it is there once. Gives all of it back. */
  addEvents: (id: string, events: ChairEvent[]) =>
    answer(client.POST('/api/paintings/{id}/events', { ...of(id), body: events })),
  /** The face at a step, what is new lit: with what is on the skin by then, where that is not all that comes before. */
  stepPicture: (request: PlanRequest, step: number, pixels: number, done?: string, without?: string) =>
    answer(
      client.POST('/api/plan/step', {
        params: { query: { step, pixels, done, without } },
        body: request,
        ...blob,
      }),
    ),
  open: () => answer(client.GET('/api/book/open')),
  photos: (id: string) => answer(client.GET('/api/paintings/{id}/photos', of(id))),
  addPhoto: (id: string, photo: string, takenAt: string, picture: Blob) =>
    answer(
      client.POST('/api/paintings/{id}/photos/{photo}', {
        params: { path: { id, photo }, query: { takenAt } },
        body: picture as unknown as string,
        bodySerializer: (body: unknown) => body as Blob,
        headers: { 'Content-Type': picture.type || 'application/octet-stream' },
      }),
    ),
  deletePhoto: (id: string, photo: string) =>
    answer(client.DELETE('/api/paintings/{id}/photos/{photo}', { params: { path: { id, photo } } })),
}

export const book = {
  painters: () => answer(client.GET('/api/book/painters')),
  times: (painter: string) => answer(client.GET('/api/book/times', { params: { query: { painter } } })),
  changes: (painter: string) => answer(client.GET('/api/book/changes', { params: { query: { painter } } })),
  quicker: (request: PlanRequest, lookId: string) =>
    answer(client.POST('/api/book/quicker', { params: { query: { lookId } }, body: request })),
  table: () => answer(client.GET('/api/book/table', blob)),
  file: () => answer(client.GET('/api/book/file', blob)),
  bringTable: (text: string) =>
    answer(
      client.POST('/api/book/table', {
        body: text as never,
        bodySerializer: (body: unknown) => body as string,
        headers: { 'Content-Type': 'text/csv' },
      }),
    ),
}
