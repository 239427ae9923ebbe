<script setup lang="ts">
import { computed, ref } from 'vue'
import type { Handle } from '../api/client'
import { MM_PER_INCH } from '../lib/format'
import type { ChartPoint } from '../lib/zones'
import { useCoats } from '../stores/coats'
import { useMapping } from '../stores/mapping'
import { usePreferences } from '../stores/preferences'
import { useLook } from '../stores/look'
import { usePlan } from '../stores/plan'
import { useSelection } from '../stores/selection'
import type { SkinScene } from '../three/SkinScene'

const props = defineProps<{ scene: SkinScene | null; tick: number }>()

const SNAP_MM = 4

const lookDoc = useLook()
const planning = usePlan()
const selection = useSelection()
const mapping = useMapping()
const coats = useCoats()
const preferences = usePreferences()
const live = ref<{ text: string; at: ChartPoint } | null>(null)
const dragged = ref<string | null>(null)

function place(x: number | undefined, y: number | undefined) {
  return props.scene?.place({ x: x ?? 0, y: y ?? 0 }) ?? null
}

function words(mm: number) {
  return preferences.unit === 'in' ? `${(mm / MM_PER_INCH).toFixed(2)} in` : `${mm.toFixed(1)} mm`
}

// Screen places are found again after every redraw of the skin.
const landmarks = computed(() => {
  void props.tick
  if (mapping.lens !== 'map' || !mapping.landmarks || !planning.body) return []
  return Object.entries(planning.body.landmarks).flatMap(([name, p]) => {
    const at = place(p.xMm, p.yMm)
    return at ? [{ name: name.replaceAll('_', ' '), ...at }] : []
  })
})

const dots = computed(() => {
  void props.tick
  if (mapping.lens !== 'map') return []
  return (mapping.dots?.figures ?? []).flatMap((figure) =>
    figure.dots.flatMap((dot, k) => {
      const at = place(dot.at.xMm, dot.at.yMm)
      const on = figure.partId === selection.selected
      // Where many dots crowd, the first of each line says which line it is.
      return at ? [{ number: dot.number, on, text: on || k === 0 ? String(dot.number) : '', ...at }] : []
    }),
  )
})

const handles = computed(() => {
  void props.tick
  return mapping.handles.flatMap((handle) => {
    const at = place(handle.at.xMm, handle.at.yMm)
    return at ? [{ handle, ...at }] : []
  })
})

const tape = computed(() => {
  void props.tick
  const path = mapping.tape?.path
  if (!path) return null
  const points = []
  for (let k = 0; k < path.length; k += 2) {
    const at = place(path[k], path[k + 1])
    if (at) points.push(at)
  }
  const middle = points[Math.floor(points.length / 2)]
  return middle ? { points: points.map((p) => `${p.x},${p.y}`).join(' '), middle } : null
})

const spot = computed(() => {
  void props.tick
  return mapping.spot ? place(mapping.spot.x, mapping.spot.y) : null
})

const coreAt = computed(() => {
  void props.tick
  return mapping.lens === 'coats' && coats.at ? place(coats.at.x, coats.at.y) : null
})

const held = computed(() => {
  void props.tick
  return mapping.tapeFrom ? place(mapping.tapeFrom.x, mapping.tapeFrom.y) : null
})

const liveAt = computed(() => {
  void props.tick
  return live.value ? place(live.value.at.x, live.value.at.y) : null
})

let start: ChartPoint | null = null
let startMoved = { outMm: 0, upMm: 0 }

function grab(event: PointerEvent, handle: Handle) {
  event.stopPropagation()
  const part = lookDoc.part
  if (!part) return
  ;(event.target as Element).setPointerCapture(event.pointerId)
  start = props.scene?.pick(event) ?? null
  startMoved = { outMm: part.moved?.outMm ?? 0, upMm: part.moved?.upMm ?? 0 }
  dragged.value = handle.parameter
  selection.dragging = true
}

function drag(event: PointerEvent, handle: Handle) {
  const part = lookDoc.part
  if (dragged.value !== handle.parameter || !start || !part) return
  let at = props.scene?.pick(event) ?? null
  if (!at) return
  let snapped = ''
  if (handle.parameter === 'moved') {
    const target = { x: handle.at.xMm! + at.x - start.x, y: handle.at.yMm! + at.y - start.y }
    if (!event.altKey) {
      for (const [name, p] of Object.entries(planning.body?.landmarks ?? {})) {
        if (Math.hypot(p.xMm! - target.x, p.yMm! - target.y) < SNAP_MM) {
          at = { x: at.x + p.xMm! - target.x, y: at.y + p.yMm! - target.y }
          snapped = `, on the ${name.replace(/_(left|right)$/, '').replaceAll('_', ' ')}`
          break
        }
      }
    }
    const outwards = part.sides === 'right' ? -1 : 1
    const moved = {
      outMm: limited(startMoved.outMm + outwards * (at.x - start.x), handle),
      upMm: limited(startMoved.upMm + at.y - start.y, handle),
    }
    live.value = { at, text: `${words(moved.outMm)} out, ${words(moved.upMm)} up${snapped}` }
    lookDoc.edit(part.id, { moved }, 'moved')
    return
  }
  const [px, py] = [handle.perUnit.xMm!, handle.perUnit.yMm!]
  const along = ((at.x - start.x) * px + (at.y - start.y) * py) / (px * px + py * py)
  const value = limited(handle.value + along, handle)
  live.value = { at, text: `${handle.label} ${handle.unit === 'mm' ? words(value) : `${value.toFixed(0)}°`}` }
  lookDoc.edit(part.id, { numbers: { ...part.numbers, [handle.parameter]: value } }, handle.parameter)
}

function limited(value: number, handle: Handle) {
  return Math.round(Math.min(handle.most, Math.max(handle.least, value)) * 10) / 10
}

function drop() {
  if (!dragged.value) return
  dragged.value = null
  live.value = null
  start = null
  selection.dragging = false
}
</script>

<template>
  <svg class="labels" aria-hidden="true">
    <g v-for="l in landmarks" :key="l.name" class="landmark" :transform="`translate(${l.x} ${l.y})`">
      <path d="M-4 0h8M0 -4v8" />
      <title>{{ l.name }}</title>
    </g>
    <g v-for="d in dots" :key="d.number" class="dot" :class="{ on: d.on }">
      <circle :cx="d.x" :cy="d.y" r="3" />
      <text :x="d.x + 5" :y="d.y - 4">{{ d.text }}</text>
    </g>
    <g v-if="tape" class="tape">
      <polyline :points="tape.points" />
      <text :x="tape.middle.x + 8" :y="tape.middle.y - 8">{{ words(mapping.tape!.mm) }}</text>
    </g>
    <circle v-if="held" class="held" :cx="held.x" :cy="held.y" r="5" />
    <circle v-if="coreAt" class="held" :cx="coreAt.x" :cy="coreAt.y" r="6" />
    <circle v-if="spot" class="spot" :cx="spot.x" :cy="spot.y" r="16" />
    <g
      v-for="h in handles"
      :key="h.handle.parameter"
      class="handle"
      :class="{ move: h.handle.parameter === 'moved' }"
      :data-handle="h.handle.parameter"
      :transform="`translate(${h.x} ${h.y})`"
      @pointerdown="grab($event, h.handle)"
      @pointermove="drag($event, h.handle)"
      @pointerup="drop"
      @pointercancel="drop"
    >
      <circle class="reach" r="16" />
      <circle class="knob" r="6.5" />
      <path v-if="h.handle.parameter === 'moved'" d="M-3.5 0h7M0 -3.5v7" />
      <title>{{ h.handle.label }}: drag</title>
    </g>
  </svg>
  <div v-if="live && liveAt" class="live" :style="{ left: `${liveAt.x + 16}px`, top: `${liveAt.y - 34}px` }">
    {{ live.text }}
  </div>
</template>

<style scoped>
.labels {
  position: absolute;
  inset: 0;
  width: 100%;
  height: 100%;
  pointer-events: none;
}

.landmark path {
  stroke: #fff;
  stroke-width: 1.3;
  opacity: 0.8;
}

.landmark {
  pointer-events: auto;
}

.dot circle {
  fill: #2d1c52;
  stroke: #fff;
  stroke-width: 1;
}

.dot.on circle {
  fill: #f0b155;
}

.dot text,
.tape text {
  fill: #fff;
  font-size: 11px;
  font-weight: 600;
  paint-order: stroke;
  stroke: rgba(40, 30, 60, 0.9);
  stroke-width: 3px;
}

.tape text {
  font-size: 14px;
}

.tape polyline {
  fill: none;
  stroke: #ffe08a;
  stroke-width: 2.5;
  stroke-dasharray: 6 3;
}

.held,
.spot {
  fill: none;
  stroke: #ffe08a;
  stroke-width: 2.5;
}

.handle {
  pointer-events: auto;
  cursor: grab;
  touch-action: none;
}

.handle .reach {
  fill: transparent;
}

.handle .knob {
  fill: #fff;
  stroke: #5b3f8c;
  stroke-width: 2.5;
}

.handle.move .knob {
  r: 8.5px;
}

.handle.move path {
  stroke: #5b3f8c;
  stroke-width: 2;
}

.live {
  position: absolute;
  pointer-events: none;
  background: rgba(30, 27, 36, 0.92);
  color: #fff;
  font-weight: 600;
  border-radius: 6px;
  padding: 2px 9px;
  white-space: nowrap;
}
</style>
