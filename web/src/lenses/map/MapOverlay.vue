<script setup lang="ts">
import { computed } from 'vue'
import { useMapping } from '../../stores/mapping'
import { usePlan } from '../../stores/plan'
import { useSelection } from '../../stores/selection'
import { onSkin, type OverSkin } from '../../three/onSkin'

/** Landmarks that a finger finds, and the dots of the map. */
const props = defineProps<OverSkin>()

const mapping = useMapping()
const planning = usePlan()
const selection = useSelection()
const place = onSkin(props)

const landmarks = computed(() =>
  Object.entries((mapping.landmarks && planning.body?.landmarks) || {}).flatMap(([name, p]) => {
    const at = place({ x: p.xMm, y: p.yMm })
    return at ? [{ name: name.replaceAll('_', ' '), ...at }] : []
  }),
)

const dots = computed(() =>
  (mapping.dots?.figures ?? []).flatMap((figure) =>
    figure.dots.flatMap((dot, k) => {
      const at = place({ x: dot.at.xMm, y: dot.at.yMm })
      const on = figure.partId === selection.selected
      // Where many dots crowd, the first of each line says which line it is.
      return at ? [{ number: dot.number, on, text: on || k === 0 ? String(dot.number) : '', ...at }] : []
    }),
  ),
)
</script>

<template>
  <g v-for="l in landmarks" :key="l.name" class="landmark" :transform="`translate(${l.x} ${l.y})`">
    <path d="M-4 0h8M0 -4v8" />
    <title>{{ l.name }}</title>
  </g>
  <g v-for="d in dots" :key="d.number" class="dot" :class="{ on: d.on }">
    <circle :cx="d.x" :cy="d.y" r="3" />
    <text :x="d.x + 5" :y="d.y - 4">{{ d.text }}</text>
  </g>
</template>

<style scoped>
.landmark path {
  stroke: var(--on-picture);
  stroke-width: 1.3;
  opacity: 0.8;
}

.landmark {
  pointer-events: auto;
}

.dot circle {
  fill: var(--night);
  stroke: var(--on-picture);
  stroke-width: 1;
}

.dot.on circle {
  fill: var(--doubt);
}

.dot text {
  fill: var(--on-picture);
  font-size: 11px;
  font-weight: 600;
  paint-order: stroke;
  stroke: var(--halo);
  stroke-width: 3px;
}
</style>
