import { defineStore } from 'pinia'
import { ref } from 'vue'
import { api, type LookHead } from '../api/client'
import { readPhoto, toKeep } from '../lib/photo'

/** The studio's pictures to work after. */
export const useReferences = defineStore('references', () => {
  const all = ref<LookHead[]>([])

  async function load() {
    all.value = await api.references()
  }

  const nameOf = (id: string) => all.value.find((r) => r.id === id)?.name ?? id

  /** Keeps a picture under its file's name. */
  async function bring(file: File): Promise<string> {
    const name = file.name.replace(/\.[^.]*$/, '')
    const saved = await api.addReference(name, await toKeep(await readPhoto(file)))
    await load()
    return saved.id
  }

  return { all, load, nameOf, bring }
})
