<script setup lang="ts">
import { say } from '../texts'
import { computed } from 'vue'
import type { Handle } from '../api/client'
import { length } from '../lib/format'
import type { ChartPoint } from '../lib/zones'
import { useCatalogue } from '../stores/catalogue'
import { useLook } from '../stores/look'
import { useMapping } from '../stores/mapping'
import { usePlan } from '../stores/plan'
import { usePreferences } from '../stores/preferences'
import { onSkin, type OverSkin } from '../three/onSkin'
import { useHeld } from '../three/useHeld'

/** Handles of the selected part, dragged on the skin; what they measure is said beside the hand. */
const props = defineProps<OverSkin>()
const emit = defineEmits<{ says: [live: { text: string; x: number; y: number } | null] }>()

const SNAP_MM = 4

const lookDoc = useLook()
const planning = usePlan()
const catalogue = useCatalogue()
const mapping = useMapping()
const preferences = usePreferences()
const { held, grab, drop } = useHeld<string>()
const place = onSkin(props)
const words = (mm: number) => length(mm, preferences.unit)

const handles = computed(() =>
  mapping.handles.flatMap((handle) => {
    const at = place({ x: handle.at.xMm, y: handle.at.yMm })
    return at ? [{ handle, ...at }] : []
  }),
)

function tell(text: string, at: ChartPoint) {
  const there = place(at)
  emit('says', there && { text, ...there })
}

let start: ChartPoint | null = null
let startMoved = { outMm: 0, upMm: 0 }

function take(event: PointerEvent, handle: Handle) {
  const part = lookDoc.part
  if (!part) return
  start = props.scene?.pick(event) ?? null
  startMoved = { outMm: part.moved?.outMm ?? 0, upMm: part.moved?.upMm ?? 0 }
  grab(event, handle.parameter!)
}

/** A landmark as painters call it. */
function named(landmark: string) {
  const id = landmark.replace(/_(left|right)$/, '')
  return catalogue.places.find((p) => p.id === id)?.label ?? id.replaceAll('_', ' ')
}

function drag(event: PointerEvent, handle: Handle) {
  const part = lookDoc.part
  if (held.value !== handle.parameter || !start || !part) return
  let at = props.scene?.pick(event) ?? null
  if (!at) return
  let snapped = ''
  if (handle.parameter === 'moved') {
    const target = { x: handle.at.xMm! + at.x - start.x, y: handle.at.yMm! + at.y - start.y }
    if (!event.altKey) {
      for (const [name, p] of Object.entries(planning.body?.landmarks ?? {})) {
        if (Math.hypot(p.xMm! - target.x, p.yMm! - target.y) < SNAP_MM) {
          at = { x: at.x + p.xMm! - target.x, y: at.y + p.yMm! - target.y }
          snapped = say('partHandles.onThe', { _: named(name) })
          break
        }
      }
    }
    const outwards = part.sides === 'right' ? -1 : 1
    const moved = {
      outMm: limited(startMoved.outMm + outwards * (at.x - start.x), handle),
      upMm: limited(startMoved.upMm + at.y - start.y, handle),
    }
    tell(say('partHandles.outUp', { outMm: words(moved.outMm), upMm: words(moved.upMm), snapped }), at)
    lookDoc.edit(part.id, { moved }, 'moved')
    return
  }
  const [px, py] = [handle.perUnit.xMm!, handle.perUnit.yMm!]
  const along = ((at.x - start.x) * px + (at.y - start.y) * py) / (px * px + py * py)
  const value = limited(handle.value + along, handle)
  tell(`${handle.label} ${handle.unit === 'mm' ? words(value) : `${value.toFixed(0)}°`}`, at)
  lookDoc.edit(part.id, { numbers: { ...part.numbers, [handle.parameter]: value } }, handle.parameter)
}

function limited(value: number, handle: Handle) {
  return Math.round(Math.min(handle.most, Math.max(handle.least, value)) * 10) / 10
}

function letGo() {
  if (!held.value) return
  emit('says', null)
  start = null
  drop()
}
</script>

<template>
  <g
    v-for="h in handles"
    :key="h.handle.parameter"
    class="handle"
    :class="{ move: h.handle.parameter === 'moved' }"
    :data-handle="h.handle.parameter"
    :transform="`translate(${h.x} ${h.y})`"
    @pointerdown="take($event, h.handle)"
    @pointermove="drag($event, h.handle)"
    @pointerup="letGo"
    @pointercancel="letGo"
  >
    <circle class="reach" r="16" />
    <circle class="knob" r="6.5" />
    <path v-if="h.handle.parameter === 'moved'" d="M-3.5 0h7M0 -3.5v7" />
    <title>{{ say('partHandles.drag', { label: h.handle.label }) }}</title>
  </g>
</template>

<style scoped>
.handle {
  pointer-events: auto;
  cursor: grab;
  touch-action: none;
}

.handle .reach {
  fill: transparent;
}

.handle .knob {
  fill: var(--on-picture);
  stroke: var(--grip);
  stroke-width: 2.5;
}

.handle.move .knob {
  r: 8.5px;
}

.handle.move path {
  stroke: var(--grip);
  stroke-width: 2;
}
</style>
