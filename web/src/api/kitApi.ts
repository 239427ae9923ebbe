import { answer, client, keyed, AS_TEXT } from './service'
import type { PaintDescription, Setting, WholeKit } from './types'

/** Paints and the places that they are seen in. */
export const kitApi = {
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
  kits: () => answer(client.GET('/api/kits')),
  settings: () => answer(client.GET('/api/settings')),
  /** How many faces of each look what is in a kit is enough for. */
  stillPaints: (id: string, face: string, setting: string) =>
    answer(client.GET('/api/kits/{id}/still-paints', { params: { path: { id }, query: { face, setting } } })),
}
