import type { DocumentCalls } from '../lib/document'
import {
  api,
  type Case,
  type Character,
  type Face,
  type Look,
  type Painting,
  type Setting,
  type WholeKit,
} from './client'

/** How the service keeps each kind of document that is edited. */
export const lookCalls: DocumentCalls<Look> = {
  read: async (id, at) => {
    const { revision, look } = await api.look(id, at)
    return { revision, value: look }
  },
  save: async (id, revision, look, key) => (await api.saveLook(id, revision, look, key)).revision,
  add: async (look, key) => (await api.addLook(look, key)).id,
}

export const faceCalls: DocumentCalls<Face> = {
  read: async (id, at) => {
    const { revision, face } = await api.face(id, at)
    return { revision, value: face }
  },
  save: async (id, revision, face, key) => (await api.saveFace(id, revision, face, key)).revision,
  add: async (face, key) => (await api.addFace(face, key)).id,
}

export const kitCalls: DocumentCalls<WholeKit> = {
  read: async (id, at) => {
    const { revision, kit } = await api.kit(id, at)
    return { revision, value: kit }
  },
  save: async (id, revision, kit, key) => (await api.saveKit(id, revision, kit, key)).revision,
  add: async (kit, key) => (await api.addKit(kit, key)).id,
}

export const characterCalls: DocumentCalls<Character> = {
  read: async (id, at) => {
    const { revision, character } = await api.character(id, at)
    return { revision, value: character }
  },
  save: async (id, revision, character, key) =>
    (await api.saveCharacter(id, revision, character, key)).revision,
  add: async (character, key) => (await api.addCharacter(character, key)).id,
}

export const caseCalls: DocumentCalls<Case> = {
  read: async (id, at) => {
    const { revision, case: value } = await api.case(id, at)
    return { revision, value }
  },
  save: async (id, revision, one, key) => (await api.saveCase(id, revision, one, key)).revision,
  add: async (one, key) => (await api.addCase(one, key)).id,
}

export const paintingCalls: DocumentCalls<Painting> = {
  read: async (id, at) => {
    const { revision, painting: value } = await api.painting(id, at)
    return { revision, value }
  },
  save: async (id, revision, one, key) => (await api.savePainting(id, revision, one, key)).revision,
  add: async (one, key) => (await api.addPainting(one, key)).id,
}

export const settingCalls: DocumentCalls<Setting> = {
  read: async (id, at) => {
    const { revision, setting } = await api.setting(id, at)
    return { revision, value: setting }
  },
  save: async (id, revision, setting, key) => (await api.saveSetting(id, revision, setting, key)).revision,
  add: async (setting, key) => (await api.addSetting(setting, key)).id,
}
