import { useObjectUrl } from '@vueuse/core'
import { defineStore } from 'pinia'
import { computed, ref, shallowRef, watch } from 'vue'
import {
  api,
  type LookVersion,
  type OrderRule,
  type OrderWish,
  type ShortestOrder,
  type Versions,
} from '../api/client'
import { useLatest } from '../lib/latest'
import { laidOver } from '../lib/stack'
import { useLook } from './look'
import { usePlan } from './plan'
import { useSelection } from './selection'
import { useLens } from './lens'

const ASK_AFTER_MS = 900

/** The order of work: the search for a shorter one, moves by hand, and versions for a slot. */
export const useOrder = defineStore('order', () => {
  const lookDoc = useLook()
  const planning = usePlan()
  const selection = useSelection()
  const lens = useLens()
  const shown = computed(() => lens.id === 'order')
  const rules = shallowRef<OrderRule[]>([])
  const shortest = shallowRef<ShortestOrder | null>(null)
  const versions = shallowRef<Versions | null>(null)
  const versionPictures = shallowRef<Blob>()
  const pictures = useObjectUrl(versionPictures)
  /** Slot tried out, minutes; null is the setting's. */
  const slot = ref<number | null>(null)
  /** Version looked at on the curve. */
  const looked = ref<number | null>(null)
  /** Why a move was refused. */
  const refused = ref('')
  const problem = ref('')

  const wish = computed(() => lookDoc.look.order ?? {})
  const kept = computed(() => (lookDoc.look.order?.sequence ?? []).length > 0)
  const version = computed<LookVersion | null>(() => {
    const index = looked.value ?? versions.value?.chosen ?? null
    return index === null ? null : (versions.value?.curve[index] ?? null)
  })

  function change(part: Partial<OrderWish>, key = '') {
    lookDoc.describe({ order: { ...wish.value, ...part } }, key && `order/${key}`)
  }

  const asking = useLatest()
  const searchingShortest = useLatest()
  watch(
    [shown, () => planning.plan, slot],
    () => {
      asking.stop()
      searchingShortest.stop()
      if (!shown.value || !planning.plan?.steps.length || selection.dragging) {
        versions.value = null
        return
      }
      asking.later(ASK_AFTER_MS, ask)
    },
    // The store comes to be with its lens.
    { immediate: true },
  )

  async function ask() {
    try {
      if (rules.value.length === 0) rules.value = await api.orderRules()
      const answer = await asking.ask(async (signal) => {
        const found = await api.versions(planning.request, slot.value, signal)
        versions.value = found
        looked.value = null
        problem.value = ''
        const named = found.named
          .map((n) => n.index)
          .filter((i): i is number => i !== null && i !== undefined)
        return api.versionPictures(planning.request, named, slot.value, signal)
      })
      if (!answer) return
      versionPictures.value = answer
      // Another slot does not change the order.
      if (searchedFor !== planning.plan) await search()
    } catch (error) {
      problem.value = (error as Error).message
    }
  }

  let searchedFor: unknown = null
  async function search() {
    const plan = planning.plan
    shortest.value = null
    const found = await searchingShortest.ask((signal) => api.shortest(planning.request, signal))
    if (found) [shortest.value, searchedFor] = [found, plan]
  }

  function takeShortest() {
    if (shortest.value) change({ sequence: shortest.value.sequence })
    shortest.value = null
  }

  /** Moves a step to a place (from 1); the rule that forbids it is told. */
  async function move(step: string, to: number) {
    refused.value = ''
    try {
      const moved = await api.moveStep(planning.request, step, to)
      const turned = moved.over.reduce((over, o) => laidOver(over, o.upper, o.lower), wish.value.over ?? [])
      change({ sequence: moved.sequence, over: turned.length ? turned : null })
    } catch (error) {
      refused.value = (error as Error).message
    }
  }

  function togglePin(step: string, place: number) {
    const pins = wish.value.pins ?? []
    const without = pins.filter((p) => p.coat !== step)
    change({ pins: without.length < pins.length ? without : [...pins, { coat: step, place }] })
  }

  function toggleTie(first: string, then: string) {
    const ties = wish.value.ties ?? []
    const without = ties.filter((t) => t.first !== first)
    change({ ties: without.length < ties.length ? without : [...ties, { first, then }] })
  }

  function toggleRule(id: string, on: boolean) {
    const without = (wish.value.without ?? []).filter((w) => w !== id)
    change({ without: on ? without : [...without, id] })
  }

  /** Paints this version from now on; what is left out stays in the look. */
  function takeVersion(chosen: LookVersion | null) {
    const versions = chosen?.versions ?? {}
    lookDoc.describe({
      parts: lookDoc.look.parts.map((p) => ({
        ...p,
        version: versions[p.id],
        without: chosen?.without[p.id] ?? [],
      })),
      ...(lookDoc.look.form ? { form: { ...lookDoc.look.form, leftOut: 'form' in versions } } : {}),
    })
  }

  return {
    shown,
    rules,
    shortest,
    searching: searchingShortest.busy,
    versions,
    pictures,
    slot,
    looked,
    version,
    refused,
    problem,
    wish,
    kept,
    change,
    takeShortest,
    move,
    togglePin,
    toggleTie,
    toggleRule,
    takeVersion,
  }
})
