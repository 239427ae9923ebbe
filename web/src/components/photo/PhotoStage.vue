<script setup lang="ts">
import { useElementSize } from '@vueuse/core'
import { computed, ref } from 'vue'
import type { PhotoPlace, PhotoPose } from '../../api/client'
import type { Shot } from '../../lib/shots'
import { withPoint } from '../../lib/shots'
import { say } from '../../texts'

/**
 * A photo with its points: those that a person can check are dragged or moved by the arrow keys, seen enlarged while they are in hand. Also
 * the corners of a card, and a place that something else asks for.
 */
const shot = defineModel<Shot>({ required: true })
const props = defineProps<{
  places: readonly PhotoPlace[]
  pose: PhotoPose | null
  /** Something else is being pointed at. */
  picking: boolean
  /** What the four corners are to lie on, where they are no card's. */
  cornersAre?: readonly string[]
}>()
const emit = defineEmits<{ picked: [x: number, y: number] }>()

const svg = ref<SVGSVGElement | null>(null)
const { width } = useElementSize(svg)
const size = computed(() => ({ width: shot.value.canvas.width, height: shot.value.canvas.height }))
/** Pixels of the picture for one of the screen. */
const unit = computed(() => (width.value > 0 ? size.value.width / width.value : 2))
const selected = ref<string | null>(null)
const LOUPE_PX = 28

const words = computed(() => new Map(props.places.map((p) => [p.name, p.words])))
const named = computed(() => new Set(props.places.filter((p) => p.named).map((p) => p.name)))
const corners = computed(() =>
  (shot.value.held ?? []).reduce<{ name: string; x: number; y: number }[]>(
    (all, _, k, c) => (k % 2 ? all : [...all, { name: `corner${k / 2}`, x: c[k]!, y: c[k + 1]! }]),
    [],
  ),
)
const inHand = computed(
  () =>
    corners.value.find((c) => c.name === selected.value) ??
    shot.value.points.find((p) => p.place === selected.value) ??
    null,
)

/** How far a point lies off the solved body: small, doubtful, or wrong. */
function state(place: string): 'good' | 'doubtful' | 'wrong' | 'open' {
  const miss = props.pose?.missesMm[place]
  return miss === undefined ? 'open' : miss < 2.5 ? 'good' : miss < 5 ? 'doubtful' : 'wrong'
}

const label = (place: string) => {
  const miss = props.pose?.missesMm[place]
  return miss === undefined
    ? words.value.get(place)!
    : say('shots.pointOff', { point: words.value.get(place)!, mm: miss.toFixed(1) })
}

const cornerLabel = (k: number) =>
  props.cornersAre
    ? say('shots.markOf', { n: k + 1, words: props.cornersAre[k]! })
    : corners.value.length === 2
      ? say('shots.endOf', { n: k + 1 })
      : say('shots.cornerOf', { n: k + 1 })

function at(event: PointerEvent | MouseEvent) {
  const box = svg.value!.getBoundingClientRect()
  return {
    x: ((event.clientX - box.left) / box.width) * size.value.width,
    y: ((event.clientY - box.top) / box.height) * size.value.height,
  }
}

function moveTo(name: string, x: number, y: number) {
  const [px, py] = [Math.max(0, Math.min(size.value.width, x)), Math.max(0, Math.min(size.value.height, y))]
  if (name.startsWith('corner')) {
    const held = [...shot.value.held!]
    const k = Number(name.slice(6))
    ;[held[2 * k], held[2 * k + 1]] = [px, py]
    shot.value = { ...shot.value, held }
  } else shot.value = { ...shot.value, points: withPoint(shot.value.points, name, px, py) }
}

function grab(event: PointerEvent, name: string) {
  if (props.picking) return
  selected.value = name
  ;(event.currentTarget as Element).setPointerCapture(event.pointerId)
  event.stopPropagation()
}

function drag(event: PointerEvent, name: string) {
  if (selected.value !== name || !(event.currentTarget as Element).hasPointerCapture(event.pointerId)) return
  const { x, y } = at(event)
  moveTo(name, x, y)
}

const STEPS: Record<string, [number, number]> = {
  ArrowLeft: [-1, 0],
  ArrowRight: [1, 0],
  ArrowUp: [0, -1],
  ArrowDown: [0, 1],
}

function nudge(event: KeyboardEvent, name: string, x: number, y: number) {
  const step = STEPS[event.key]
  if (!step) return
  event.preventDefault()
  selected.value = name
  const by = event.shiftKey ? 6 : 1
  moveTo(name, x + by * step[0], y + by * step[1])
}

function pick(event: MouseEvent) {
  if (!props.picking) return
  const { x, y } = at(event)
  emit('picked', x, y)
}
</script>

<template>
  <div class="stage" :class="{ picking }">
    <svg
      ref="svg"
      :viewBox="`0 0 ${size.width} ${size.height}`"
      role="group"
      :aria-label="say('shots.photoWithPoints', { name: shot.name })"
      @click="pick"
    >
      <image :href="shot.url" :width="size.width" :height="size.height" />
      <g v-for="p in shot.points" :key="p.place">
        <circle
          v-if="!named.has(p.place)"
          class="faint"
          :class="state(p.place)"
          :cx="p.x"
          :cy="p.y"
          :r="1.6 * unit"
        />
      </g>
      <polygon
        v-if="shot.held"
        class="card"
        :points="corners.map((c) => `${c.x},${c.y}`).join(' ')"
        :stroke-width="2 * unit"
      />
      <g v-for="p in shot.points.filter((one) => named.has(one.place))" :key="`n${p.place}`">
        <line
          v-if="pose?.drawn[p.place]"
          class="off"
          :x1="p.x"
          :y1="p.y"
          :x2="pose.drawn[p.place]!.x"
          :y2="pose.drawn[p.place]!.y"
          :stroke-width="1.5 * unit"
        />
        <circle
          class="point"
          :class="[state(p.place), { chosen: selected === p.place }]"
          :cx="p.x"
          :cy="p.y"
          :r="5 * unit"
          :stroke-width="1.5 * unit"
          tabindex="0"
          role="button"
          :aria-label="label(p.place)"
          @pointerdown="grab($event, p.place)"
          @pointermove="drag($event, p.place)"
          @keydown="nudge($event, p.place, p.x, p.y)"
          @focus="selected = p.place"
        >
          <title>{{ label(p.place) }}</title>
        </circle>
      </g>
      <rect
        v-for="(c, k) in corners"
        :key="c.name"
        class="corner"
        :class="{ chosen: selected === c.name }"
        :x="c.x - 6 * unit"
        :y="c.y - 6 * unit"
        :width="12 * unit"
        :height="12 * unit"
        :stroke-width="1.5 * unit"
        tabindex="0"
        role="button"
        :aria-label="cornerLabel(k)"
        @pointerdown="grab($event, c.name)"
        @pointermove="drag($event, c.name)"
        @keydown="nudge($event, c.name, c.x, c.y)"
        @focus="selected = c.name"
      />
      <circle
        v-if="shot.white"
        class="white"
        :cx="shot.white.x"
        :cy="shot.white.y"
        :r="7 * unit"
        :stroke-width="2 * unit"
      />
    </svg>
    <svg
      v-if="inHand && !picking"
      class="loupe"
      aria-hidden="true"
      :viewBox="`${inHand.x - LOUPE_PX} ${inHand.y - LOUPE_PX} ${2 * LOUPE_PX} ${2 * LOUPE_PX}`"
    >
      <image :href="shot.url" :width="size.width" :height="size.height" />
      <path
        class="cross"
        :d="`M${inHand.x - 8} ${inHand.y}h6m4 0h6M${inHand.x} ${inHand.y - 8}v6m0 4v6`"
        stroke-width="0.8"
      />
    </svg>
    <p v-if="selected && inHand && !picking && (cornersAre || !selected.startsWith('corner'))" class="name">
      {{ selected.startsWith('corner') ? cornerLabel(Number(selected.slice(6))) : label(selected) }}
    </p>
  </div>
</template>

<style scoped>
.stage {
  position: relative;
  background: var(--surround);
  border-radius: 6px;
  overflow: hidden;
}

.stage > svg:first-child {
  display: block;
  width: 100%;
  max-height: 72vh;
  touch-action: none;
}

.picking > svg:first-child {
  cursor: crosshair;
}

.faint {
  fill: var(--on-picture);
  opacity: 0.65;
  pointer-events: none;
}

.faint.doubtful,
.point.doubtful {
  fill: var(--warning);
}

.faint.wrong,
.point.wrong {
  fill: var(--stop);
}

.point {
  fill: var(--accent);
  stroke: var(--on-picture);
  cursor: grab;
}

.point.good {
  fill: var(--good);
}

.chosen {
  stroke: var(--card-black);
}

.off {
  stroke: var(--on-picture);
  pointer-events: none;
}

.card {
  fill: none;
  stroke: var(--accent);
  pointer-events: none;
}

.corner {
  fill: var(--accent);
  stroke: var(--on-picture);
  cursor: grab;
}

.white {
  fill: none;
  stroke: var(--card-black);
  pointer-events: none;
}

.loupe {
  position: absolute;
  top: 8px;
  right: 8px;
  width: 150px;
  height: 150px;
  border: 2px solid var(--on-picture);
  border-radius: 50%;
  background: var(--surround);
  pointer-events: none;
}

.cross {
  stroke: var(--on-picture);
  fill: none;
}

.name {
  position: absolute;
  left: 8px;
  bottom: 8px;
  margin: 0;
  padding: 3px 9px;
  background: var(--panel);
  border-radius: 4px;
}
</style>
