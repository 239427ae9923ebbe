import { defineStore } from 'pinia'
import { computed, ref, watch } from 'vue'
import { api, type OwnDrawing } from '../api/client'
import { ENTRIES } from '../api/limits'
import { mirroredPoint, onTheLeft, withoutPoint, withPoint } from '../lib/ownPoints'
import type { ChartPoint } from '../lib/zones'
import { useLook } from './look'
import { usePlan } from './plan'
import { usePreferences } from './preferences'
import { useSelection } from './selection'

/** The kind whose points the painter sets herself. */
export const OWN_LINE = 'ownLine'

/** Setting out an own line: points on bust or chart become places of anatomy. */
export const useDrawing = defineStore('drawing', () => {
  const lookDoc = useLook()
  const planning = usePlan()
  const selection = useSelection()
  const preferences = usePreferences()
  /** The part that is being set out. */
  const active = ref<string | null>(null)
  const problem = ref('')

  const part = computed(() => lookDoc.look.parts.find((p) => p.id === active.value) ?? null)
  const drawing = computed<OwnDrawing>(() => part.value?.drawn ?? { points: [] })
  const full = computed(() => drawing.value.points.length >= ENTRIES.OwnDrawing.points)

  watch([() => selection.selected, () => planning.plan], () => {
    if (active.value && selection.selected !== active.value) active.value = null
  })

  function start(id: string) {
    selection.selected = id
    active.value = id
  }

  function stop() {
    const found = part.value
    if (found?.drawn) lookDoc.edit(found.id, { drawn: onTheLeft(found.drawn) })
    active.value = null
  }

  // One after the other, so that points come in the order they were pointed at.
  let last: Promise<unknown> = Promise.resolve()

  /** One more point at the end of the line. */
  function add(at: ChartPoint, snaps = true) {
    const id = active.value
    last = last.then(async () => {
      if (!id || full.value) return
      try {
        const point = await api.ownPoint(preferences.face, at, snaps)
        const found = lookDoc.look.parts.find((p) => p.id === id)
        if (!found) return
        const now = found.drawn ?? { points: [] }
        lookDoc.edit(id, { drawn: { ...now, points: [...now.points, point] } })
        problem.value = ''
      } catch (error) {
        problem.value = (error as Error).message
      }
    })
  }

  /** Takes the last point back; false when there is none. */
  function back(): boolean {
    if (!part.value || drawing.value.points.length === 0) return false
    lookDoc.edit(part.value.id, { drawn: withoutPoint(drawing.value, drawing.value.points.length - 1) })
    return true
  }

  /** Moves a point of the selected part to a place of this face. */
  async function move(id: string, index: number, at: ChartPoint, snaps: boolean) {
    try {
      const asked = await api.ownPoint(preferences.face, at, snaps)
      const found = lookDoc.look.parts.find((p) => p.id === id)
      const kept = found?.drawn?.points[index]
      if (!found?.drawn || !kept) return
      // Shown on the right, kept on the left.
      const shown = planning.planPart?.ownPoints[2 * index]
      const mirrored = shown !== undefined && shown * kept.xMm < 0
      const point = { ...(mirrored ? mirroredPoint(asked) : asked), press: kept.press }
      lookDoc.edit(id, { drawn: withPoint(found.drawn, index, point) }, `point${index}`)
      problem.value = ''
    } catch (error) {
      problem.value = (error as Error).message
    }
  }

  return { active, problem, full, drawing, start, stop, add, back, move }
})
