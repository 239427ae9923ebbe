import { defineStore } from 'pinia'
import { computed, ref } from 'vue'
import {
  api,
  type FaceResource,
  type HandWords,
  type Kind,
  type Kit,
  type Lamp,
  type Measure,
  type MeasurePreset,
  type Place,
  type Setting,
} from '../api/client'
import { usePreferences } from './preferences'

/** What the studio has: faces, kits, settings, and the words of the trade. */
export const useCatalogue = defineStore('catalogue', () => {
  const preferences = usePreferences()
  const kinds = ref<Kind[]>([])
  const hands = ref<HandWords>({ tools: [], techniques: [], waters: [] })
  const zones = ref<string[]>([])
  const places = ref<Place[]>([])
  const measures = ref<Measure[]>([])
  const presets = ref<MeasurePreset[]>([])
  const faces = ref<FaceResource[]>([])
  const kits = ref<Kit[]>([])
  const settings = ref<Setting[]>([])
  const lamps = ref<Lamp[]>([])
  const ready = ref(false)

  const face = computed(() => faces.value.find((f) => f.id === preferences.face))
  const kit = computed(() => kits.value.find((k) => k.id === preferences.kit))
  const setting = computed(() => settings.value.find((s) => s.id === preferences.setting))

  async function load() {
    const [k, h, z, pl, m, p, f, b, lights] = await Promise.all([
      api.kinds(),
      api.hands(),
      api.zones(),
      api.places(),
      api.measures(),
      api.measurePresets(),
      api.faces(),
      api.kits(),
      api.lamps(),
    ])
    kinds.value = k
    hands.value = h
    zones.value = z
    places.value = pl
    measures.value = m
    presets.value = p
    faces.value = f
    kits.value = b
    lamps.value = lights
    await loadSettings()
    ready.value = true
  }

  async function loadSettings() {
    settings.value = (await api.settings()).map((s) => s.setting)
    choose()
  }

  async function loadKits() {
    kits.value = await api.kits()
    choose()
  }

  async function loadFaces() {
    faces.value = await api.faces()
    choose()
  }

  // Whatever was chosen last may be gone; the first of each stands in.
  function choose() {
    if (!face.value)
      preferences.face = faces.value.find((f) => f.id === 'odalys')?.id ?? faces.value[0]?.id ?? ''
    if (!kit.value)
      preferences.kit = kits.value.find((k) => k.id === 'saltmarsh-box')?.id ?? kits.value[0]?.id ?? ''
    if (!setting.value) {
      preferences.setting =
        settings.value.find((s) => s.id === 'night-parade')?.id ?? settings.value[0]?.id ?? ''
    }
  }

  const kindOf = (id: string) => kinds.value.find((k) => k.id === id)

  /** What the painter calls kinds and paints, of whatever kit; for words about changes. */
  const words = {
    kindOf: (id: string) => kindOf(id)?.label ?? id,
    paintOf: (id: string) =>
      kits.value.flatMap((k) => k.paints).find((p) => p.id === id)?.name ?? id.replaceAll('-', ' '),
  }

  return {
    kinds,
    hands,
    zones,
    places,
    measures,
    presets,
    faces,
    kits,
    settings,
    lamps,
    face,
    kit,
    setting,
    ready,
    load,
    loadFaces,
    loadKits,
    loadSettings,
    kindOf,
    words,
  }
})
