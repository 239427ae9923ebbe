import type { ShallowRef } from 'vue'
import { zoneAt, type ChartPoint } from '../lib/zones'
import { useDrawing } from '../stores/drawing'
import { useMapping } from '../stores/mapping'
import { usePlan } from '../stores/plan'
import { useSelection } from '../stores/selection'
import { partsAt } from './marks'
import type { SkinScene } from './SkinScene'
import { lensOf } from '../lenses/registry'
import { useLens } from '../stores/lens'

/** What a click on the skin does, the same on bust and chart: hold the tape, select, take a core, or offer parts. */
export function usePointing(
  scene: ShallowRef<SkinScene | null>,
  offer: (at: { x: number; y: number; zone: string; chart: ChartPoint }) => void,
) {
  const planning = usePlan()
  const selection = useSelection()
  const mapping = useMapping()
  const drawing = useDrawing()
  const lens = useLens()

  function zoneOf(at: ChartPoint | null): string | null {
    return at && planning.body ? zoneAt(planning.body, at) : null
  }

  /** Place and zone under the pointer; a held tape follows it. */
  function hover(event: { clientX: number; clientY: number }) {
    const at = scene.value?.pick(event) ?? null
    if (at && mapping.tapeFrom) mapping.layTape(at)
    return { at, zone: zoneOf(at) }
  }

  function click(event: { clientX: number; clientY: number; altKey?: boolean }) {
    const at = scene.value?.pick(event) ?? null
    if (drawing.active) {
      if (at) drawing.add(at, !event.altKey)
      return
    }
    if (at && mapping.taping) {
      mapping.tapeAt(at)
      return
    }
    const zone = zoneOf(at)
    if (!at || !zone) {
      selection.selected = null
      return
    }
    selection.selected = partsAt(planning.plan?.parts ?? [], at)[0]?.id ?? selection.selected
    const entry = lensOf(lens.id)
    entry.pointAt?.(at, zone)
    if (entry.offersParts) offer({ x: event.clientX, y: event.clientY, zone, chart: at })
  }

  return { hover, click }
}
