import createClient from 'openapi-fetch'
import { freshName } from '../lib/freshName'
import { say } from '../texts'
import { address } from './addresses'
import type { paths } from './schema'

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

/** A file's text as it is. */
export const AS_TEXT = {
  bodySerializer: (text: unknown) => text as string,
  headers: { 'content-type': 'text/plain' },
}

/** What a picture of the paint shows besides: how uneven the film is, and brows, hair and eyes. */
export interface Shown {
  grain: boolean
  eyes: 'none' | 'open' | 'closed'
  hair: 'tied' | 'loose'
}

/** What is kept with all its saves. */
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
