<script setup lang="ts">
import { computed } from 'vue'
import type { ReliabilityPoint } from '../../api/client'
import { say } from '../../texts'

/** How often sessions kept within what was said, against what was said: on the diagonal plans keep their word. */
const props = defineProps<{ points: readonly ReliabilityPoint[] }>()

const [SIZE, EDGE] = [220, 34]
const at = (v: number) => EDGE + (SIZE - EDGE - 14) * v
const up = (v: number) => SIZE - at(v) - 2
const said = computed(() => {
  const point = props.points.find((p) => Math.abs(p.promised - 0.8) < 1e-9)
  if (!point) return say('times.noForecasts')
  return say(point.low <= 0.8 && 0.8 <= point.high ? 'times.holds' : 'times.holdsNot', {
    held: Math.round(100 * point.held),
    low: Math.round(100 * point.low),
    high: Math.round(100 * point.high),
  })
})
</script>

<template>
  <p>{{ said }}</p>
  <svg v-if="points.length" :viewBox="`0 0 ${SIZE} ${SIZE}`" role="img" :aria-label="said">
    <line class="diagonal" :x1="at(0)" :y1="up(0)" :x2="at(1)" :y2="up(1)" />
    <g v-for="p in points" :key="p.promised">
      <line class="range" :x1="at(p.promised)" :x2="at(p.promised)" :y1="up(p.low)" :y2="up(p.high)" />
      <circle :cx="at(p.promised)" :cy="up(p.held)" r="3.4" />
    </g>
    <g v-for="v in [0, 0.5, 1]" :key="v">
      <text :x="at(v)" :y="SIZE - 18" text-anchor="middle">{{ 100 * v }}</text>
      <text :x="EDGE - 6" :y="up(v) + 4" text-anchor="end">{{ 100 * v }}</text>
    </g>
    <text :x="(SIZE + EDGE) / 2" :y="SIZE - 4" text-anchor="middle">{{ say('times.promised') }}</text>
    <text :x="EDGE + 4" y="12">{{ say('times.held') }}</text>
  </svg>
</template>

<style scoped>
svg {
  width: 100%;
  max-width: 300px;
}

text {
  fill: var(--faint);
  font-size: 10px;
}

.diagonal {
  stroke: var(--faint);
  stroke-dasharray: 4 3;
}

.range {
  stroke: var(--accent);
  stroke-width: 2;
  opacity: 0.45;
}

circle {
  fill: var(--accent);
}
</style>
