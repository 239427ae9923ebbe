<script setup lang="ts">
import { computed, ref } from 'vue'
import { lensOf } from '../lenses/registry'
import { length } from '../lib/format'
import { useDrawing } from '../stores/drawing'
import { useLens } from '../stores/lens'
import { useMapping } from '../stores/mapping'
import { usePreferences } from '../stores/preferences'
import { onSkin, type OverSkin } from '../three/onSkin'
import PartHandles from './PartHandles.vue'
import PartPoints from './PartPoints.vue'

/** What is drawn over a skin: the lens' own, the tape, a place that a check points at, and the handles of the selected part. */
const props = defineProps<OverSkin>()

const lens = useLens()
const mapping = useMapping()
const drawing = useDrawing()
const preferences = usePreferences()
const live = ref<{ text: string; x: number; y: number } | null>(null)
const place = onSkin(props)

const overlay = computed(() => lensOf(lens.id).overlay)
const spot = computed(() => place(mapping.spot))
const held = computed(() => place(mapping.tapeFrom))
const tape = computed(() => {
  const path = mapping.tape?.path ?? []
  const points = []
  for (let k = 0; k < path.length; k += 2) {
    const at = place({ x: path[k], y: path[k + 1] })
    if (at) points.push(at)
  }
  const middle = points[Math.floor(points.length / 2)]
  return middle ? { points: points.map((p) => `${p.x},${p.y}`).join(' '), middle } : null
})
</script>

<template>
  <svg class="labels" aria-hidden="true">
    <component :is="overlay" v-if="overlay" :scene="scene" :tick="tick" />
    <g v-if="tape" class="tape">
      <polyline :points="tape.points" />
      <text :x="tape.middle.x + 8" :y="tape.middle.y - 8">
        {{ length(mapping.tape!.mm, preferences.unit) }}
      </text>
    </g>
    <circle v-if="held" class="held" :cx="held.x" :cy="held.y" r="5" />
    <circle v-if="spot" class="spot" :cx="spot.x" :cy="spot.y" r="16" />
    <part-points :scene="scene" :tick="tick" />
    <part-handles v-if="!drawing.active" :scene="scene" :tick="tick" @says="live = $event" />
  </svg>
  <div v-if="live" class="live" :style="{ left: `${live.x + 16}px`, top: `${live.y - 34}px` }">
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

.tape text {
  fill: var(--on-picture);
  font-size: 14px;
  font-weight: 600;
  paint-order: stroke;
  stroke: var(--halo);
  stroke-width: 3px;
}

.tape polyline {
  fill: none;
  stroke: var(--mark);
  stroke-width: 2.5;
  stroke-dasharray: 6 3;
}

.held,
.spot {
  fill: none;
  stroke: var(--mark);
  stroke-width: 2.5;
}

.live {
  position: absolute;
  pointer-events: none;
  background: var(--chip);
  color: var(--on-picture);
  font-weight: 600;
  border-radius: 6px;
  padding: 2px 9px;
  white-space: nowrap;
}
</style>
