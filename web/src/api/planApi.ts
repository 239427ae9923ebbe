import { answer, client, type Shown } from './service'
import type { BriefRequest, PlanRequest } from './types'

/** What is reckoned of a plan, and whole faces for a brief. */
export const planApi = {
  core: (request: PlanRequest, at: { x: number; y: number }, lamp: string) =>
    answer(client.POST('/api/plan/core', { params: { query: { ...at, lamp } }, body: request })),
  baseHiding: (request: PlanRequest, signal?: AbortSignal) =>
    answer(client.POST('/api/plan/base-hiding', { body: request, signal, parseAs: 'blob' })),
  lost: (request: PlanRequest, lamp: string) =>
    answer(client.POST('/api/plan/lost', { params: { query: { lamp } }, body: request })),
  fewest: (request: PlanRequest, deltaE: number) =>
    answer(client.POST('/api/plan/fewest', { params: { query: { deltaE } }, body: request })),
  touching: (request: PlanRequest, part: string, signal?: AbortSignal) =>
    answer(client.POST('/api/plan/touching', { params: { query: { part } }, body: request, signal })),
  stack: (request: PlanRequest, signal?: AbortSignal) =>
    answer(client.POST('/api/plan/stack', { body: request, signal })),
  toolPlans: (request: PlanRequest, signal?: AbortSignal) =>
    answer(client.POST('/api/plan/tools', { body: request, signal })),
  ideas: () => answer(client.GET('/api/briefs/ideas')),
  removalCard: (request: PlanRequest) =>
    answer(client.POST('/api/plan/removal/card', { body: request, parseAs: 'blob' })),
  /** Whole faces for a brief. */
  propose: (request: BriefRequest, signal?: AbortSignal) =>
    answer(client.POST('/api/briefs/proposals', { body: request, signal })),
  /** The first of them, before the others are drawn. */
  proposeFirst: (request: BriefRequest, signal?: AbortSignal) =>
    answer(client.POST('/api/briefs/first', { body: request, signal })),
  /** The finished face of a look that is not kept yet. */
  bust: (request: PlanRequest, signal?: AbortSignal) =>
    answer(client.POST('/api/plan/bust', { body: request, signal, parseAs: 'blob' })),
  plan: (request: PlanRequest, signal?: AbortSignal) =>
    answer(client.POST('/api/plan', { body: request, signal })),
  /** The paint on the chart; with grain it looks as it will in the mirror, without as its colour is judged. */
  paint: (
    request: PlanRequest,
    steps: number | null,
    pixels: number,
    shown: Shown,
    signal?: AbortSignal,
    lamp = '',
  ) =>
    answer(
      client.POST('/api/plan/paint', {
        params: { query: { pixels, lamp, ...shown, steps: steps ?? undefined } },
        body: request,
        signal,
        parseAs: 'blob',
      }),
    ),
  /** The paint after so many coats, in the order of work. */
  paintCoats: (request: PlanRequest, coats: number, pixels: number, signal?: AbortSignal, lamp = '') =>
    answer(
      client.POST('/api/plan/paint', {
        params: { query: { pixels, lamp, coats } },
        body: request,
        signal,
        parseAs: 'blob',
      }),
    ),
  finish: (request: PlanRequest, steps: number | null, signal?: AbortSignal) =>
    answer(
      client.POST('/api/plan/finish', {
        params: { query: { steps: steps ?? undefined } },
        body: request,
        signal,
        parseAs: 'blob',
      }),
    ),
  form: (request: PlanRequest, signal?: AbortSignal) =>
    answer(client.POST('/api/plan/form', { body: request, signal })),
  formThree: (request: PlanRequest, view: string, distance: number | null, signal?: AbortSignal) =>
    answer(
      client.POST('/api/plan/form/three.png', {
        params: { query: { view, distance: distance ?? undefined } },
        body: request,
        signal,
        parseAs: 'blob',
      }),
    ),
  formRelief: (request: PlanRequest, shaded: boolean, signal?: AbortSignal) =>
    answer(
      client.POST('/api/plan/form/relief.png', {
        params: { query: { shaded } },
        body: request,
        signal,
        parseAs: 'blob',
      }),
    ),
  orderRules: () => answer(client.GET('/api/order/rules')),
  rates: () => answer(client.GET('/api/order/rates')),
  shortest: (request: PlanRequest, signal?: AbortSignal) =>
    answer(client.POST('/api/plan/order/shortest', { body: request, signal })),
  moveStep: (request: PlanRequest, step: string, to: number) =>
    answer(client.POST('/api/plan/order/move', { params: { query: { step, to } }, body: request })),
  versions: (request: PlanRequest, slot: number | null, signal?: AbortSignal) =>
    answer(
      client.POST('/api/plan/versions', {
        params: { query: slot === null ? {} : { slot } },
        body: request,
        signal,
      }),
    ),
  versionPictures: (request: PlanRequest, at: number[], slot: number | null, signal?: AbortSignal) =>
    answer(
      client.POST('/api/plan/versions.png', {
        params: { query: { at: at.join(','), slot: slot ?? undefined } },
        body: request,
        signal,
        parseAs: 'blob',
      }),
    ),
  formLamp: (request: PlanRequest, signal?: AbortSignal) =>
    answer(client.POST('/api/plan/form/lamp.png', { body: request, signal, parseAs: 'blob' })),
  formProfile: (request: PlanRequest, from: { x: number; y: number }, to: { x: number; y: number }) =>
    answer(
      client.POST('/api/plan/form/profile', {
        params: { query: { x1: from.x, y1: from.y, x2: to.x, y2: to.y } },
        body: request,
      }),
    ),
  dots: (request: PlanRequest, tolerance: number, signal?: AbortSignal) =>
    answer(client.POST('/api/plan/dots', { params: { query: { tolerance } }, body: request, signal })),
  handles: (request: PlanRequest, part: string, signal?: AbortSignal) =>
    answer(client.POST('/api/plan/handles', { params: { query: { part } }, body: request, signal })),
  templates: (
    request: PlanRequest,
    paper: string,
    format: 'pdf' | 'svg',
    parts: string[],
    allowance: number,
    turned: boolean,
  ) =>
    answer(
      client.POST('/api/plan/templates', {
        params: { query: { paper, format, parts: parts.join(','), allowance, turned } },
        body: request,
        parseAs: 'blob',
      }),
    ),
  pencilMap: (request: PlanRequest, tolerance: number) =>
    answer(
      client.POST('/api/plan/pencil-map', {
        params: { query: { tolerance } },
        body: request,
        parseAs: 'blob',
      }),
    ),
  strip: (request: PlanRequest, signal?: AbortSignal) =>
    answer(client.POST('/api/plan/strip', { body: request, signal, parseAs: 'blob' })),
  sheet: (request: PlanRequest, paper: string, units: string, kind: 'full' | 'booth' = 'full') =>
    answer(
      client.POST('/api/plan/sheet', {
        params: { query: { paper, units, kind } },
        body: request,
        parseAs: 'blob',
      }),
    ),
}
