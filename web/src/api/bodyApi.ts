import type { Beside } from '../lib/colours'
import { answer, client, keyed, AS_TEXT } from './service'
import type { Face, TraceRequest, WearerCard } from './types'

/** Faces, what is measured on them, and what can be laid there. */
export const bodyApi = {
  faces: () => answer(client.GET('/api/faces')),
  face: (id: string, revision?: number) =>
    answer(client.GET('/api/faces/{id}', { params: { path: { id }, query: { revision } } })),
  addFace: (face: Face, key?: string) =>
    answer(client.POST('/api/faces', { params: keyed(key), body: face })),
  saveFace: (id: string, revision: number, face: Face, key: string) =>
    answer(
      client.PUT('/api/faces/{id}', {
        params: { path: { id }, ...keyed(key) },
        body: { revision, document: face },
      }),
    ),
  /** Every measure of a face, those not given as they follow from the others. */
  faceEstimate: (measuresMm: Record<string, number>, skin: Face['skin'], signal?: AbortSignal) =>
    answer(client.POST('/api/faces/estimate', { body: { measuresMm, skin }, signal })),
  facePreview: (measuresMm: Record<string, number>, skin: Face['skin'], signal?: AbortSignal) =>
    answer(client.POST('/api/faces/preview', { body: { measuresMm, skin }, signal, parseAs: 'blob' })),
  body: (id: string) => answer(client.GET('/api/faces/{id}/body', { params: { path: { id } } })),
  offers: (id: string, zone: string, kit: string, setting: string, colours: Beside) =>
    answer(
      client.GET('/api/faces/{id}/offers/{zone}', {
        params: { path: { id, zone }, query: { kit, setting, ...colours } },
      }),
    ),
  newPart: (id: string, kind: string, kit: string, setting: string, colours: Beside) =>
    answer(
      client.GET('/api/faces/{id}/parts/{kind}', {
        params: { path: { id, kind }, query: { kit, setting, ...colours } },
      }),
    ),
  kinds: () => answer(client.GET('/api/kinds')),
  hands: () => answer(client.GET('/api/hands')),
  lamps: () => answer(client.GET('/api/lamps')),
  measures: () => answer(client.GET('/api/measures')),
  measurePresets: () => answer(client.GET('/api/measures/presets')),
  places: () => answer(client.GET('/api/places')),
  zones: () => answer(client.GET('/api/zones')),
  /** A line traced over a picture as an own line on a face. */
  traced: (face: string, trace: TraceRequest) =>
    answer(client.POST('/api/faces/{id}/traced', { params: { path: { id: face } }, body: trace })),
  wearerCard: (id: string) => answer(client.GET('/api/faces/{id}/card', { params: { path: { id } } })),
  saveWearerCard: (id: string, revision: number, card: WearerCard) =>
    answer(
      // Whoever leaves the page just then has it kept all the same.
      client.PUT('/api/faces/{id}/card', {
        params: { path: { id } },
        body: { revision, document: card },
        keepalive: true,
      }),
    ),
  deleteWearerCard: (id: string) =>
    answer(client.DELETE('/api/faces/{id}/card', { params: { path: { id } } })),
  printWearerCard: (id: string, paper: string, blank: boolean) =>
    answer(
      client.GET('/api/faces/{id}/card/sheet', {
        params: { path: { id }, query: { paper, blank } },
        parseAs: 'blob',
      }),
    ),
  /** A place of a face as a place of anatomy. */
  ownPoint: (face: string, at: { x: number; y: number }, snaps: boolean, signal?: AbortSignal) =>
    answer(
      client.GET('/api/faces/{id}/own-point', {
        params: { path: { id: face }, query: { ...at, snaps } },
        signal,
      }),
    ),
  tape: (face: string, from: { x: number; y: number }, to: { x: number; y: number }, signal?: AbortSignal) =>
    answer(
      client.GET('/api/faces/{id}/tape', {
        params: { path: { id: face }, query: { x1: from.x, y1: from.y, x2: to.x, y2: to.y } },
        signal,
      }),
    ),
  /** Reads the figures of an SVG drawing. */
  motif: (name: string, text: string) =>
    answer(client.POST('/api/motifs', { params: { query: { name } }, body: text, ...AS_TEXT })),
}
