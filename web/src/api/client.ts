import createClient from 'openapi-fetch'
import type { Beside } from '../lib/colours'
import { freshName } from '../lib/freshName'
import { say } from '../texts'
import { address } from './addresses'
import type { paths } from './schema'
import type {
  BriefRequest,
  Character,
  TraceRequest,
  Case,
  CharacterRequest,
  Face,
  Look,
  MendRequest,
  PaintDescription,
  PlanRequest,
  Setting,
  Painting,
  WearerCard,
  WholeKit,
} from './types'

export type * from './types'

/** A problem as the service reports it (RFC 9457), or a lost connection (status 0). */
export class ApiProblem extends Error {
  constructor(
    readonly status: number,
    message: string,
    readonly errors: Record<string, string[]> = {},
    /** When the service says to ask again, ms from now. */
    readonly retryAfterMs?: number,
  ) {
    super(message)
  }

  /** Whether it may well work in a moment: the service was not reached, or has too much to do. */
  get offline() {
    return this.status === 0 || this.status === 503 || this.status === 429
  }
}

interface ProblemBody {
  detail?: string | null
  title?: string | null
  errors?: Record<string, string[]>
}

function problemOf(status: number, body: unknown, retryAfter: string | null = null): ApiProblem {
  const problem = (body ?? {}) as ProblemBody
  return new ApiProblem(
    status,
    problem.detail ?? problem.title ?? say('client.answered', { status }),
    problem.errors,
    retryAfter && Number.isFinite(Number(retryAfter)) ? 1000 * Number(retryAfter) : undefined,
  )
}

/** How this page got in: the word that it shows with every change, and what happens when it is not let in any more. */
export const entry: { word: string; refused?: (status: number) => void } = { word: '' }

/** This page among those of its browser. */
const PAGE = freshName()

/** The header that names a save, so that it can be sent again. */
export const keyed = (key?: string) => (key ? { header: { 'Idempotency-Key': key } } : {})

export const client = createClient<paths>({ baseUrl: '' })

// Of what one screen of this page asks for again and again only the newest is worth computing; the body is what changes.
client.use({
  onRequest({ request }) {
    if (request.method === 'POST' && request.url.includes('/api/plan'))
      request.headers.set('Datura-Screen', `${PAGE} ${request.url.slice(request.url.indexOf('/api/'))}`)
    // A change carries the page's word, so that no other page can send one.
    if (request.method !== 'GET' && entry.word) request.headers.set('Datura-Page', entry.word)
    return request
  },
  onResponse({ response }) {
    if (response.status === 401 || response.status === 403) entry.refused?.(response.status)
    return response
  },
})

/** Unwraps an answer or throws an ApiProblem. */
export async function answer<T>(
  call: Promise<{ data?: T; error?: unknown; response: Response }>,
): Promise<NonNullable<T>> {
  let result
  try {
    result = await call
  } catch (error) {
    if (error instanceof DOMException && error.name === 'AbortError') throw error
    throw new ApiProblem(0, say('client.noConnection'))
  }
  if (!result.response.ok || result.error !== undefined)
    throw problemOf(result.response.status, result.error, result.response.headers.get('retry-after'))
  return result.data as NonNullable<T>
}

// A file's text as it is.
const AS_TEXT = {
  bodySerializer: (text: unknown) => text as string,
  headers: { 'content-type': 'text/plain' },
}

/** What is kept with all its saves. */
/** What a picture of the paint shows besides: how uneven the film is, and brows, hair and eyes. */
export interface Shown {
  grain: boolean
  eyes: 'none' | 'open' | 'closed'
  hair: 'tied' | 'loose'
}

export type DocumentKind =
  | 'looks'
  | 'faces'
  | 'kits'
  | 'settings'
  | 'characters'
  | 'references'
  | 'ideas'
  | 'cases'
  | 'days'
  | 'productions'
  | 'drills'
  | 'paintings'

/** What every kind of document can: the addresses differ in their first word alone. */
export function documents(kind: DocumentKind) {
  const at = <P extends string>(path: P) => path.replace('/looks', `/${kind}`) as P
  return {
    remove: (id: string, revision: number) =>
      answer(client.DELETE(at('/api/looks/{id}'), { params: { path: { id }, query: { revision } } })),
    erase: (id: string) =>
      answer(client.DELETE(at('/api/looks/{id}/for-good'), { params: { path: { id } } })),
    putBack: (id: string) =>
      answer(client.POST(at('/api/looks/{id}/put-back'), { params: { path: { id } } })),
    removed: () => answer(client.GET(at('/api/looks/find'), { params: { query: { removed: true } } })),
    revisions: (id: string) =>
      answer(client.GET(at('/api/looks/{id}/revisions'), { params: { path: { id } } })),
    differences: (id: string, from: number, to: number) =>
      answer(
        client.GET(at('/api/looks/{id}/revisions/differences'), {
          params: { path: { id }, query: { from, to } },
        }),
      ),
    restore: (id: string, revision: number, read: number) =>
      answer(
        client.POST(at('/api/looks/{id}/revisions/{revision}/restore'), {
          params: { path: { id, revision }, query: { read } },
        }),
      ),
    file: (id: string) => address(at('/api/looks/{id}/file'), { path: { id } }),
  }
}

export const api = {
  looks: () => answer(client.GET('/api/looks')),
  /** Every look with what it is found by, on a face. */
  gallery: (face: string, kit: string, setting: string) =>
    answer(client.GET('/api/looks/gallery', { params: { query: { face, kit, setting } } })),
  look: (id: string, revision?: number) =>
    answer(client.GET('/api/looks/{id}', { params: { path: { id }, query: { revision } } })),
  addLook: (look: Look, key?: string) =>
    answer(client.POST('/api/looks', { params: keyed(key), body: look })),
  saveLook: (id: string, revision: number, look: Look, key: string) =>
    answer(
      client.PUT('/api/looks/{id}', {
        params: { path: { id }, ...keyed(key) },
        body: { revision, document: look },
      }),
    ),
  importLook: (text: string) => answer(client.POST('/api/looks/import', { body: text, ...AS_TEXT })),
  /** Brings in what a studio's file has and this studio does not. */
  importStudio: (file: Blob) =>
    answer(
      client.POST('/api/studio/file', {
        body: file as unknown as string,
        bodySerializer: (bytes: unknown) => bytes as Blob,
        headers: { 'content-type': 'application/zip' },
      }),
    ),
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
  paintsOnSkin: (kit: string, face: string) =>
    answer(client.GET('/api/kits/{id}/on/{face}', { params: { path: { id: kit, face } } })),
  recipe: (
    kit: string,
    face: string,
    wanted: { l: number; a: number; b: number },
    eyes: boolean,
    lips: boolean,
    without: string | null,
  ) =>
    answer(
      client.GET('/api/kits/{id}/recipe', {
        params: { path: { id: kit }, query: { ...wanted, face, eyes, lips, without: without ?? undefined } },
      }),
    ),
  wash: (
    kit: string,
    face: string,
    wanted: { l: number; a: number; b: number },
    eyes: boolean,
    lips: boolean,
    without: string | null,
  ) =>
    answer(
      client.GET('/api/kits/{id}/wash', {
        params: { path: { id: kit }, query: { ...wanted, face, eyes, lips, without: without ?? undefined } },
      }),
    ),
  cast: (kit: string, face: string, paint: string, l: number) =>
    answer(client.GET('/api/kits/{id}/cast', { params: { path: { id: kit }, query: { face, paint, l } } })),
  kit: (id: string, revision?: number) =>
    answer(client.GET('/api/kits/{id}', { params: { path: { id }, query: { revision } } })),
  addKit: (kit: WholeKit, key?: string) =>
    answer(client.POST('/api/kits', { params: keyed(key), body: kit })),
  setting: (id: string, revision?: number) =>
    answer(client.GET('/api/settings/{id}', { params: { path: { id }, query: { revision } } })),
  addSetting: (setting: Setting, key?: string) =>
    answer(client.POST('/api/settings', { params: keyed(key), body: setting })),
  tryPaint: (face: string, paint: PaintDescription) =>
    answer(client.POST('/api/kits/try/{face}', { params: { path: { face } }, body: paint })),
  /** Without a white the colour is as a screen shows it. */
  photoColour: (spot: number[], white: number[] | null) =>
    answer(client.POST('/api/colours/from-photo', { body: { spot, white, whiteReflectance: null } })),
  readKitCsv: (text: string) => answer(client.POST('/api/kits/read-csv', { body: text, ...AS_TEXT })),
  saveKit: (id: string, revision: number, kit: WholeKit, key: string) =>
    answer(
      client.PUT('/api/kits/{id}', {
        params: { path: { id }, ...keyed(key) },
        body: { revision, document: kit },
      }),
    ),
  saveSetting: (id: string, revision: number, setting: Setting, key: string) =>
    answer(
      client.PUT('/api/settings/{id}', {
        params: { path: { id }, ...keyed(key) },
        body: { revision, document: setting },
      }),
    ),
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
  kits: () => answer(client.GET('/api/kits')),
  settings: () => answer(client.GET('/api/settings')),
  measures: () => answer(client.GET('/api/measures')),
  measurePresets: () => answer(client.GET('/api/measures/presets')),
  places: () => answer(client.GET('/api/places')),
  zones: () => answer(client.GET('/api/zones')),
  ideas: () => answer(client.GET('/api/briefs/ideas')),
  importIdea: (text: string) => answer(client.POST('/api/ideas/import', { body: text, ...AS_TEXT })),
  references: () => answer(client.GET('/api/references/find', { params: { query: {} } })),
  addReference: (name: string, picture: Blob) =>
    answer(
      client.POST('/api/references/from-picture', {
        params: { query: { name } },
        body: picture as unknown as string,
        bodySerializer: (bytes: unknown) => bytes as Blob,
        headers: { 'content-type': picture.type },
      }),
    ),
  /** A line traced over a picture as an own line on a face. */
  traced: (face: string, trace: TraceRequest) =>
    answer(client.POST('/api/faces/{id}/traced', { params: { path: { id: face } }, body: trace })),
  cases: () => answer(client.GET('/api/cases')),
  case: (id: string, revision?: number) =>
    answer(client.GET('/api/cases/{id}', { params: { path: { id }, query: { revision } } })),
  addCase: (one: Case, key?: string) => answer(client.POST('/api/cases', { params: keyed(key), body: one })),
  saveCase: (id: string, revision: number, one: Case, key: string) =>
    answer(
      client.PUT('/api/cases/{id}', {
        params: { path: { id }, ...keyed(key) },
        body: { revision, document: one },
      }),
    ),
  /** What goes along for every face of a case. */
  pack: (one: Case, signal?: AbortSignal) => answer(client.POST('/api/cases/pack', { body: one, signal })),
  packingTable: (one: Case) => answer(client.POST('/api/cases/list.csv', { body: one, parseAs: 'blob' })),
  packingSheet: (one: Case, paper: string) =>
    answer(client.POST('/api/cases/sheet', { params: { query: { paper } }, body: one, parseAs: 'blob' })),
  fewestThings: (one: Case) => answer(client.POST('/api/cases/fewest', { body: one })),
  caseCalendar: (one: Case) => answer(client.POST('/api/cases/calendar.ics', { body: one, parseAs: 'blob' })),
  /** How many faces of each look what is in a kit is enough for. */
  stillPaints: (id: string, face: string, setting: string) =>
    answer(client.GET('/api/kits/{id}/still-paints', { params: { path: { id }, query: { face, setting } } })),
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
  paintings: () => answer(client.GET('/api/paintings')),
  painting: (id: string, revision?: number) =>
    answer(client.GET('/api/paintings/{id}', { params: { path: { id }, query: { revision } } })),
  addPainting: (one: Painting, key?: string) =>
    answer(client.POST('/api/paintings', { params: keyed(key), body: one })),
  savePainting: (id: string, revision: number, one: Painting, key: string) =>
    answer(
      client.PUT('/api/paintings/{id}', {
        params: { path: { id }, ...keyed(key) },
        body: { revision, document: one },
      }),
    ),
  removalCard: (request: PlanRequest) =>
    answer(client.POST('/api/plan/removal/card', { body: request, parseAs: 'blob' })),
  characters: () => answer(client.GET('/api/characters')),
  character: (id: string, revision?: number) =>
    answer(client.GET('/api/characters/{id}', { params: { path: { id }, query: { revision } } })),
  /** The characters that a look is held to. */
  charactersOf: (look: string) =>
    answer(client.GET('/api/characters/of-look/{look}', { params: { path: { look } } })),
  addCharacter: (character: Character, key?: string) =>
    answer(client.POST('/api/characters', { params: keyed(key), body: character })),
  saveCharacter: (id: string, revision: number, character: Character, key: string) =>
    answer(
      client.PUT('/api/characters/{id}', {
        params: { path: { id }, ...keyed(key) },
        body: { revision, document: character },
      }),
    ),
  /** Every rule that a look gives. */
  characterOf: (request: PlanRequest) => answer(client.POST('/api/characters/from-look', { body: request })),
  /** Every wearer's look held against every rule. */
  conformity: (request: CharacterRequest, signal?: AbortSignal) =>
    answer(client.POST('/api/characters/conformity', { body: request, signal })),
  mend: (request: MendRequest) => answer(client.POST('/api/characters/mend', { body: request })),
  crewSheet: (request: CharacterRequest, paper: string) =>
    answer(
      client.POST('/api/characters/sheet', { params: { query: { paper } }, body: request, parseAs: 'blob' }),
    ),
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
  /** Reads the figures of an SVG drawing. */
  motif: (name: string, text: string) =>
    answer(client.POST('/api/motifs', { params: { query: { name } }, body: text, ...AS_TEXT })),
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
