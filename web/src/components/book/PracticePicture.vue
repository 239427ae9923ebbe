<script setup lang="ts">
import { computed } from 'vue'
import type { Practice } from '../../api/client'
import { clock } from '../../lib/format'
import { say } from '../../texts'

/** Session by session how long it took, with the line of practice through it and a little beyond. */
const props = withDefaults(
  defineProps<{
    practice: Practice
    minutes?: boolean
    mm?: boolean
    /** Between these eight of ten are to lie, as many as the line has points. */
    low?: readonly number[]
    high?: readonly number[]
  }>(),
  { low: () => [], high: () => [] },
)

const [W, H, LEFT, BOTTOM] = [280, 130, 44, 20]

const values = computed(() => props.practice.points.map((p) => p.value ?? 0))
const count = computed(() => Math.max(props.practice.line.length, values.value.length, 2))
/** What a wide band says of the far end is not worth the room. */
const top = computed(() => 1.05 * Math.max(...values.value, ...props.practice.line, 1e-9))
const x = (n: number) => LEFT + ((W - LEFT - 6) * (n - 1)) / (count.value - 1)
const y = (v: number) => (H - BOTTOM) * (1 - v / top.value) + 4
const line = computed(() => props.practice.line.map((v, k) => `${x(k + 1)},${y(v)}`).join(' '))
const band = computed(() =>
  [
    ...props.high.map((v, k) => `${x(k + 1)},${y(Math.min(v, top.value))}`),
    ...props.low.map((v, k) => `${x(k + 1)},${y(v)}`).reverse(),
  ].join(' '),
)
const shown = (v: number) => (props.minutes ? clock(v) : props.mm ? `${v.toFixed(1)} mm` : `×${v.toFixed(1)}`)
</script>

<template>
  <svg :viewBox="`0 0 ${W} ${H}`" role="img" :aria-label="say('practice.picture', { count: values.length })">
    <g v-for="v in [top / 2, top / 1.05]" :key="v">
      <line class="grid" :x1="LEFT" :x2="W" :y1="y(v)" :y2="y(v)" />
      <text :x="LEFT - 6" :y="y(v) + 4" text-anchor="end">{{ shown(v) }}</text>
    </g>
    <line class="axis" :x1="LEFT" :x2="W" :y1="y(0)" :y2="y(0)" />
    <polygon v-if="band" class="band" :points="band" />
    <polyline v-if="line" class="law" :points="line" />
    <circle v-for="(v, k) in values" :key="k" :cx="x(k + 1)" :cy="y(v)" r="3.2" />
    <text :x="LEFT" :y="H - 4">1</text>
    <text :x="W - 2" :y="H - 4" text-anchor="end">{{ count }}</text>
  </svg>
</template>

<style scoped>
svg {
  width: 100%;
  max-width: 420px;
}

text {
  fill: var(--faint);
  font-size: 11px;
}

.grid {
  stroke: var(--line);
}

.axis {
  stroke: var(--faint);
}

.band {
  fill: var(--accent-soft);
}

.law {
  fill: none;
  stroke: var(--accent);
  stroke-width: 2;
}

circle {
  fill: var(--ink);
}
</style>
