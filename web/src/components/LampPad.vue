<script setup lang="ts">
import { say } from '../texts'
import { computed, ref } from 'vue'

/** A lamp round the head, seen from the front: across is azimuth, up is elevation. */
const azimuth = defineModel<number>('azimuth', { required: true })
const elevation = defineModel<number>('elevation', { required: true })
const props = defineProps<{ label: string }>()
const emit = defineEmits<{ drag: [on: boolean] }>()

const SIZE = 132
const STEP_DEG = 5
const pad = ref<HTMLElement | null>(null)
const held = ref(false)

// The wearer faces the viewer: their left is on the right.
const x = computed(() => SIZE / 2 + (Math.max(-90, Math.min(90, azimuth.value)) / 90) * (SIZE / 2 - 12))
const y = computed(() => SIZE / 2 - (Math.max(-90, Math.min(90, elevation.value)) / 90) * (SIZE / 2 - 12))

function move(event: PointerEvent) {
  if (!held.value || !pad.value) return
  const box = pad.value.getBoundingClientRect()
  const reach = box.width / 2 - 12
  const within = (v: number) => Math.round(Math.max(-90, Math.min(90, (v / reach) * 90)))
  azimuth.value = within(event.clientX - box.left - box.width / 2)
  elevation.value = within(box.top + box.height / 2 - event.clientY)
}

function press(event: PointerEvent) {
  held.value = true
  pad.value?.setPointerCapture(event.pointerId)
  emit('drag', true)
  move(event)
}

function release() {
  if (!held.value) return
  held.value = false
  emit('drag', false)
}

function key(event: KeyboardEvent) {
  const way = {
    ArrowLeft: [-STEP_DEG, 0],
    ArrowRight: [STEP_DEG, 0],
    ArrowUp: [0, STEP_DEG],
    ArrowDown: [0, -STEP_DEG],
  }[event.key]
  if (!way) return
  event.preventDefault()
  event.stopPropagation()
  azimuth.value = Math.max(-90, Math.min(90, azimuth.value + way[0]!))
  elevation.value = Math.max(-90, Math.min(90, elevation.value + way[1]!))
}
</script>

<template>
  <div class="lamp">
    <div
      ref="pad"
      class="pad"
      role="slider"
      tabindex="0"
      :aria-label="props.label"
      :aria-valuenow="azimuth"
      :aria-valuetext="say('lampPad.toTheSideUp', { azimuth, elevation })"
      @pointerdown="press"
      @pointermove="move"
      @pointerup="release"
      @pointercancel="release"
      @keydown="key"
    >
      <svg :viewBox="`0 0 ${SIZE} ${SIZE}`" aria-hidden="true">
        <circle class="round" :cx="SIZE / 2" :cy="SIZE / 2" :r="SIZE / 2 - 4" />
        <path class="cross" :d="`M${SIZE / 2} 8v${SIZE - 16}M8 ${SIZE / 2}h${SIZE - 16}`" />
        <path class="head" d="M66 38c15 0 22 12 21 27-1 17-11 30-21 30s-20-13-21-30c-1-15 6-27 21-27z" />
        <line class="ray" :x1="x" :y1="y" :x2="SIZE / 2" :y2="SIZE / 2" />
        <circle class="bulb" :cx="x" :cy="y" r="9" />
      </svg>
    </div>
    <p class="faint">
      {{
        say('lampPad.toTheWearerS', {
          azimuth: Math.abs(azimuth),
          right: azimuth >= 0 ? say('lampPad.left') : say('lampPad.right'),
        })
      }}<br />
      {{
        say('lampPad.theFace', {
          elevation: Math.abs(elevation),
          below: elevation >= 0 ? say('lampPad.above') : say('lampPad.below'),
        })
      }}
    </p>
  </div>
</template>

<style scoped>
.lamp {
  display: grid;
  grid-template-columns: 132px 1fr;
  gap: 12px;
  align-items: center;
}

.pad {
  width: 132px;
  height: 132px;
  touch-action: none;
  cursor: grab;
  border-radius: 50%;
}

.round {
  fill: var(--night);
}

.cross {
  stroke: color-mix(in srgb, var(--on-picture) 18%, transparent);
}

.head {
  fill: var(--surround);
}

.ray {
  stroke: var(--mark);
  stroke-width: 2;
  opacity: 0.6;
}

.bulb {
  fill: var(--mark);
  stroke: var(--on-picture);
  stroke-width: 2;
}
</style>
