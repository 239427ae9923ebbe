import { defineStore } from 'pinia'
import { computed, ref, shallowRef, watch } from 'vue'
import { api, type Form, type FormWish, type Profile, type ZoneRelief } from '../api/client'
import type { ChartPoint } from '../lib/zones'
import { useWorkspace } from './workspace'

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
  const workspace = useWorkspace()
  const shown = ref(false)
  const form = shallowRef<Form | null>(null)
  const three = ref('')
  const view = ref<'front' | 'left' | 'right'>('left')
  /** From where the three busts are seen, m; null is the setting's distance. */
  const distance = ref<number | null>(null)
  const showRelief = ref<'' | 'shading' | 'heights'>('')
  const relief = shallowRef<ImageBitmap | null>(null)
  const profile = shallowRef<Profile | null>(null)
  const problem = ref('')

  /** The form as it is painted; null when none is, or when it is left out this time. */
  const wish = computed(() => {
    const form = workspace.look.form
    return form && !form.leftOut ? form : null
  })

  function change(part: Partial<FormWish>, key: string) {
    workspace.describe({ form: { ...(wish.value ?? USUAL), ...part } }, `form/${key}`)
  }

  function switchOn(on: boolean) {
    const known = workspace.look.form
    workspace.describe({
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

  let call: AbortController | null = null
  let timer = 0
  watch([shown, () => workspace.plan, view, distance, showRelief], () => {
    window.clearTimeout(timer)
    if (!shown.value || !workspace.plan || workspace.dragging) return
    if (!wish.value) {
      form.value = relief.value = null
      three.value = ''
      return
    }
    timer = window.setTimeout(async () => {
      call?.abort()
      const mine = (call = new AbortController())
      try {
        const [found, picture, heights] = await Promise.all([
          api.form(workspace.request, mine.signal),
          api.formThree(workspace.request, view.value, distance.value, mine.signal),
          showRelief.value
            ? api
                .formRelief(workspace.request, showRelief.value === 'shading', mine.signal)
                .then((b) => createImageBitmap(b))
            : null,
        ])
        if (mine.signal.aborted) return
        form.value = found
        relief.value = heights
        if (three.value) URL.revokeObjectURL(three.value)
        three.value = URL.createObjectURL(picture)
        problem.value = ''
      } catch (error) {
        if (!mine.signal.aborted) problem.value = (error as Error).message
      }
    }, ASK_AFTER_MS)
  })

  async function measure(from: ChartPoint, to: ChartPoint) {
    if (!wish.value) return
    try {
      profile.value = await api.formProfile(workspace.request, from, to)
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
