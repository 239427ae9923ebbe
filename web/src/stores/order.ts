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
import { useWorkspace } from './workspace'

const ASK_AFTER_MS = 900

/** The order of work: the search for a shorter one, moves by hand, and versions for a slot. */
export const useOrder = defineStore('order', () => {
  const workspace = useWorkspace()
  const shown = ref(false)
  const rules = shallowRef<OrderRule[]>([])
  const shortest = shallowRef<ShortestOrder | null>(null)
  const searching = ref(false)
  const versions = shallowRef<Versions | null>(null)
  const pictures = ref('')
  /** Slot tried out, minutes; null is the setting's. */
  const slot = ref<number | null>(null)
  /** Version looked at on the curve. */
  const looked = ref<number | null>(null)
  /** Why a move was refused. */
  const refused = ref('')
  const problem = ref('')

  const wish = computed(() => workspace.look.order ?? {})
  const kept = computed(() => (workspace.look.order?.sequence ?? []).length > 0)
  const version = computed<LookVersion | null>(() => {
    const index = looked.value ?? versions.value?.chosen ?? null
    return index === null ? null : (versions.value?.curve[index] ?? null)
  })

  function change(part: Partial<OrderWish>, key = '') {
    workspace.describe({ order: { ...wish.value, ...part } }, key && `order/${key}`)
  }

  let call: AbortController | null = null
  let timer = 0
  watch([shown, () => workspace.plan, slot], () => {
    window.clearTimeout(timer)
    call?.abort()
    searching.value = false
    if (!shown.value || !workspace.plan?.steps.length || workspace.dragging) {
      versions.value = null
      return
    }
    timer = window.setTimeout(() => void ask(), ASK_AFTER_MS)
  })

  async function ask() {
    const mine = (call = new AbortController())
    try {
      if (rules.value.length === 0) rules.value = await api.orderRules()
      const found = await api.versions(workspace.request, slot.value, mine.signal)
      if (mine.signal.aborted) return
      versions.value = found
      looked.value = null
      problem.value = ''
      const named = found.named.map((n) => n.index).filter((i): i is number => i !== null && i !== undefined)
      const picture = await api.versionPictures(workspace.request, named, slot.value, mine.signal)
      if (mine.signal.aborted) return
      if (pictures.value) URL.revokeObjectURL(pictures.value)
      pictures.value = URL.createObjectURL(picture)
      // Another slot does not change the order.
      if (searchedFor !== workspace.plan) await search(mine)
    } catch (error) {
      if (!mine.signal.aborted) problem.value = (error as Error).message
    }
  }

  let searchedFor: unknown = null
  async function search(mine: AbortController) {
    const plan = workspace.plan
    shortest.value = null
    searching.value = true
    try {
      const found = await api.shortest(workspace.request, mine.signal)
      if (!mine.signal.aborted) [shortest.value, searchedFor] = [found, plan]
    } finally {
      if (call === mine) searching.value = false
    }
  }

  function takeShortest() {
    if (shortest.value) change({ sequence: shortest.value.sequence })
    shortest.value = null
  }

  /** Moves a step to a place (from 1); the rule that forbids it is told. */
  async function move(step: string, to: number) {
    refused.value = ''
    try {
      const moved = await api.moveStep(workspace.request, step, to)
      change({ sequence: moved.sequence })
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
    workspace.describe({
      parts: workspace.look.parts.map((p) => ({ ...p, version: versions[p.id] ?? null })),
      ...(workspace.look.form ? { form: { ...workspace.look.form, leftOut: 'form' in versions } } : {}),
    })
  }

  return {
    shown,
    rules,
    shortest,
    searching,
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
