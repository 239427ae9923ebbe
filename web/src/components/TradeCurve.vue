<script setup lang="ts">
import { say } from '../texts'
import { computed } from 'vue'
import type { LookVersion } from '../api/client'

/** Minutes against what is kept of the picture; a click chooses a version. */
const props = defineProps<{ curve: LookVersion[]; chosen: number | null; slotMinutes: number }>()
const emit = defineEmits<{ choose: [index: number] }>()

const WIDTH = 288
const HEIGHT = 112
const LEFT = 34
const BOTTOM = 20

const most = computed(() => Math.max(props.slotMinutes, props.curve.at(-1)!.atConfidenceSeconds / 60) * 1.06)
const x = (minutes: number) => LEFT + ((WIDTH - LEFT - 8) * minutes) / most.value
const y = (kept: number) => 8 + (HEIGHT - BOTTOM - 8) * (1 - kept)
const points = computed(() =>
  props.curve.map((v) => ({ x: x(v.atConfidenceSeconds / 60), y: y(v.kept), kept: v.kept })),
)
const path = computed(() =>
  points.value
    .map((p, k) => (k === 0 ? `M${p.x} ${p.y}` : `H${p.x}V${p.y}`))
    .join('')
    .concat(`H${WIDTH - 8}`),
)

function key(event: KeyboardEvent) {
  const by = { ArrowLeft: -1, ArrowRight: 1 }[event.key]
  if (!by) return
  event.preventDefault()
  event.stopPropagation()
  const next = (props.chosen ?? 0) + by
  if (next >= 0 && next < props.curve.length) emit('choose', next)
}

function near(event: PointerEvent) {
  if (event.type === 'pointermove' && event.buttons === 0) return
  const box = (event.currentTarget as Element).getBoundingClientRect()
  const at = ((event.clientX - box.left) / box.width) * WIDTH
  let best = 0
  points.value.forEach((p, k) => {
    if (Math.abs(p.x - at) < Math.abs(points.value[best]!.x - at)) best = k
  })
  emit('choose', best)
}
</script>

<template>
  <svg
    class="curve"
    :viewBox="`0 0 ${WIDTH} ${HEIGHT}`"
    role="slider"
    tabindex="0"
    :aria-label="say('tradeCurve.versionByMinutes')"
    :aria-valuenow="chosen ?? 0"
    :aria-valuetext="
      chosen === null
        ? say('tradeCurve.noneFits')
        : say('tradeCurve.minKept', {
            atConfidenceSeconds: (curve[chosen]!.atConfidenceSeconds / 60).toFixed(1),
            kept: Math.round(100 * curve[chosen]!.kept),
          })
    "
    @pointerdown="near"
    @pointermove="near"
    @keydown="key"
  >
    <rect
      class="slot"
      :x="LEFT"
      y="8"
      :width="Math.max(0, x(slotMinutes) - LEFT)"
      :height="HEIGHT - BOTTOM - 8"
    />
    <path class="axis" :d="`M${LEFT} 8V${HEIGHT - BOTTOM}H${WIDTH - 8}`" />
    <text x="2" y="15">100 %</text>
    <text x="2" :y="HEIGHT - BOTTOM">0 %</text>
    <text :x="Math.min(x(slotMinutes), WIDTH - 62)" :y="HEIGHT - 5">
      {{ say('tradeCurve.slotMin', { slotMinutes }) }}
    </text>
    <text :x="LEFT" :y="HEIGHT - 5">{{ say('tradeCurve.kept') }}</text>
    <path class="line" :d="path" />
    <circle
      v-for="(p, k) in points"
      :key="k"
      :cx="p.x"
      :cy="p.y"
      :r="k === chosen ? 6 : 3"
      :class="{ chosen: k === chosen }"
    />
  </svg>
</template>

<style scoped>
.curve {
  background: var(--ground);
  border-radius: 8px;
  touch-action: none;
  cursor: pointer;
}

.slot {
  fill: var(--accent);
  opacity: 0.1;
}

.axis {
  fill: none;
  stroke: var(--line);
}

.line {
  fill: none;
  stroke: var(--accent);
  stroke-width: 1.5;
  opacity: 0.7;
}

circle {
  fill: var(--accent);
}

.chosen {
  stroke: var(--ink);
  stroke-width: 2;
}

text {
  font-size: 11px;
  fill: var(--faint);
}
</style>
