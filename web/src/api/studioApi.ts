import { answer, client, keyed, AS_TEXT } from './service'
import type { Case, Character, CharacterRequest, Look, MendRequest, Painting, PlanRequest } from './types'

/** What a studio keeps besides: looks, characters, cases, the book, pictures to work after. */
export const studioApi = {
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
}
