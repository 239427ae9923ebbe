import { useObjectUrl } from '@vueuse/core'
import { defineStore } from 'pinia'
import { computed, ref, shallowRef, watch } from 'vue'
import { api, type Form, type FormWish, type Profile, type ZoneRelief } from '../api/client'
import { useLatest } from '../lib/latest'
import type { ChartPoint } from '../lib/zones'
import { useLook } from './look'
import { usePlan } from './plan'
import { useSelection } from './selection'
import { useLens } from './lens'

const ASK_AFTER_MS = 150

export const USUAL: FormWish = {
  pretended: { azimuthDeg: -14, elevationDeg: 48, spreadDeg: 18, level: 1 },
  strength: 1,
  tones: 5,
  highlightCap: 14,
  with: 'wash',
  zones: null,
  folds: true,
  leftOut: false,
}

/** The computed form: what is wished, what came of it, and how it reads. */
export const useForm = defineStore('form', () => {
  const lookDoc = useLook()
  const planning = usePlan()
  const selection = useSelection()
  const lens = useLens()
  const shown = computed(() => lens.id === 'form')
  const form = shallowRef<Form | null>(null)
  const busts = shallowRef<Blob>()
  const three = useObjectUrl(busts)
  const view = ref<'front' | 'left' | 'right'>('left')
  /** From where the three busts are seen, m; null is the setting's distance. */
  const distance = ref<number | null>(null)
  const showRelief = ref<'' | 'shading' | 'heights'>('')
  const relief = shallowRef<ImageBitmap | null>(null)
  const profile = shallowRef<Profile | null>(null)
  const problem = ref('')

  /** The form as it is painted; null when none is, or when it is left out this time. */
  const wish = computed(() => {
    const form = lookDoc.look.form
    return form && !form.leftOut ? form : null
  })

  function change(part: Partial<FormWish>, key: string) {
    lookDoc.describe({ form: { ...(wish.value ?? USUAL), ...part } }, `form/${key}`)
  }

  function switchOn(on: boolean) {
    const known = lookDoc.look.form
    lookDoc.describe({
      form: on ? { ...(known ?? USUAL), leftOut: false } : known ? { ...known, leftOut: true } : null,
    })
  }

  function setZone(zone: string, side: ZoneRelief['side'], part: Partial<ZoneRelief> | null) {
    const zones = wish.value?.zones ?? []
    const others = zones.filter((z) => z.zone !== zone || z.side !== side)
    const old = zones.find((z) => z.zone === zone && z.side === side)
    const next = part && { zone, side, mm: -3, falloffMm: 14, ...old, ...part }
    change({ zones: next ? [...others, next] : others.length ? others : null }, `zone/${zone}/${side}`)
  }

  const asking = useLatest()
  watch(
    [shown, () => planning.plan, view, distance, showRelief],
    () => {
      asking.stop()
      if (!shown.value || !planning.plan || selection.dragging) return
      if (!wish.value) {
        form.value = relief.value = null
        busts.value = undefined
        return
      }
      asking.later(ASK_AFTER_MS, ask)
    },
    { immediate: true },
  )

  async function ask() {
    const shaded = showRelief.value === 'shading'
    try {
      const answer = await asking.ask((signal) =>
        Promise.all([
          api.form(planning.request, signal),
          api.formThree(planning.request, view.value, distance.value, signal),
          showRelief.value
            ? api.formRelief(planning.request, shaded, signal).then((b) => createImageBitmap(b))
            : null,
        ]),
      )
      if (!answer) return
      ;[form.value, busts.value, relief.value] = answer
      problem.value = ''
    } catch (error) {
      problem.value = (error as Error).message
    }
  }

  async function measure(from: ChartPoint, to: ChartPoint) {
    if (!wish.value) return
    try {
      profile.value = await api.formProfile(planning.request, from, to)
    } catch {
      profile.value = null
    }
  }

  return {
    shown,
    form,
    three,
    view,
    distance,
    showRelief,
    relief,
    profile,
    problem,
    wish,
    change,
    switchOn,
    setZone,
    measure,
  }
})
