import { createFinalURL, createQuerySerializer, defaultPathSerializer } from 'openapi-fetch'
import type { paths } from './schema'

// Addresses that the browser itself asks for. What `r` says only changes when the picture does.
const serialize = createQuerySerializer()
type Got = { [P in keyof paths]: paths[P] extends { get: { responses: unknown } } ? P : never }[keyof paths]
export const address = (
  path: Got,
  params: { path?: Record<string, unknown>; query?: Record<string, unknown> },
): string =>
  createFinalURL(path, {
    baseUrl: '',
    params,
    querySerializer: serialize,
    pathSerializer: defaultPathSerializer,
  })

/** Everything that is kept about a wearer, as a file. */
export const everythingAbout = (face: string) => address('/api/faces/{id}/everything', { path: { id: face } })

/** An idea as a file: the studio's own by its id, one that ships with the program by its name. */
export const ideaFile = (id: string | null, name: string) =>
  id
    ? address('/api/ideas/{id}/file', { path: { id } })
    : address('/api/briefs/ideas/{name}/file', { path: { name } })

export const picture = {
  sessionPhoto: (session: string, photo: string) =>
    `/api/paintings/${encodeURIComponent(session)}/photos/${encodeURIComponent(photo)}`,
  /** As it was at a revision. */
  lookThen: (id: string, revision: number, face: string, kit: string, setting: string) =>
    address('/api/looks/{id}/picture', { path: { id }, query: { face, kit, setting, revision } }),
  look: (id: string, revision: number, face: string, kit: string, setting: string, faceRevision: number) =>
    address('/api/looks/{id}/picture', {
      path: { id },
      query: { face, kit, setting, r: `${revision}.${faceRevision}` },
    }),
  /** A look on its wearer, with the look's own kit. */
  worn: (look: string, revision: number, face: string, faceRevision: number, setting: string) =>
    address('/api/looks/{id}/picture', {
      path: { id: look },
      query: { face, setting, r: `${revision}.${faceRevision}` },
    }),
  kind: (id: string, kit: string) => address('/api/kinds/{id}/picture', { path: { id }, query: { kit } }),
  measure: (id: string) => address('/api/measures/{id}/picture', { path: { id } }),
  stretch: (face: string, r: number) =>
    address('/api/faces/{id}/stretch', { path: { id: face }, query: { r } }),
  model: (face: string, r: number) =>
    address('/api/faces/{id}/body.glb', { path: { id: face }, query: { r } }),
  reference: (id: string) => address('/api/references/{id}/picture', { path: { id } }),
  studio: () => address('/api/studio/file', {}),
  kitTable: (id: string) => address('/api/kits/{id}/paints.csv', { path: { id } }),
  kitPalette: (id: string) => address('/api/kits/{id}/palette.gpl', { path: { id } }),
}
