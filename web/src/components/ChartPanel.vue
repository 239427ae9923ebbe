<script setup lang="ts">
import { say } from '../texts'
import { computed, ref } from 'vue'
import { MM_PER_INCH } from '../lib/format'
import type { ChartPoint } from '../lib/zones'
import { usePreferences } from '../stores/preferences'
import { usePlan } from '../stores/plan'
import { useElementSize } from '@vueuse/core'
import { usePointing } from '../three/usePointing'
import { useSkin } from '../three/useSkin'
import SkinLabels from './SkinLabels.vue'

const pointed = defineModel<string | null>('pointed', { required: true })
const emit = defineEmits<{ point: [at: { x: number; y: number; zone: string; chart: ChartPoint }] }>()

const planning = usePlan()
const preferences = usePreferences()
const canvas = ref<HTMLCanvasElement | null>(null)
const { scene, loaded, tick: drawn } = useSkin(canvas, 'chart', pointed)
const { hover, click } = usePointing(scene, (at) => emit('point', at))
const { width, height } = useElementSize(canvas)
const cursor = ref<ChartPoint | null>(null)

// A rule along the edge, zero at the nose root: a tick per cm, or per half inch.
const RULER = 42
const ticks = computed(() => {
  if (!scene.value || !loaded.value || width.value === 0 || height.value === 0) return []
  const inches = preferences.unit === 'in'
  const step = inches ? MM_PER_INCH / 2 : 10
  const result = []
  for (let k = Math.ceil((planning.body?.lowestMm ?? -380) / step); k * step <= 90; k++) {
    const at = scene.value.chartToCanvas({ x: 0, y: k * step })
    const strong = inches ? k % 2 === 0 : k % 5 === 0
    const text = strong ? (inches ? `${Math.abs(k / 2)}` : `${Math.abs(k * 10)}`) : ''
    if (at.y > 8 && at.y < height.value - 4) result.push({ ...at, strong, text })
  }
  return result
})

const where = computed(() => {
  const at = cursor.value
  if (!at || !pointed.value) return ''
  const inches = preferences.unit === 'in'
  const length = (mm: number) =>
    inches
      ? say('chartPanel.in', { mM_PER_INCH: (Math.abs(mm) / MM_PER_INCH).toFixed(2) })
      : `${Math.abs(mm).toFixed(0)} mm`
  const side =
    Math.abs(at.x) < 1
      ? say('chartPanel.onTheMidLine')
      : say('chartPanel.toTheWearerS', {
          x: length(at.x),
          right: at.x > 0 ? say('chartPanel.left') : say('chartPanel.right'),
        })
  return say('chartPanel.theNoseRoot', {
    pointed: pointed.value,
    side,
    y: length(at.y),
    below: at.y >= 0 ? say('chartPanel.above') : say('chartPanel.below'),
  })
})

function move(event: PointerEvent) {
  const { at, zone } = hover(event)
  cursor.value = at
  pointed.value = zone
}

function leave() {
  pointed.value = null
  cursor.value = null
}
</script>

<template>
  <section class="chart" :aria-label="say('chartPanel.skinChart')">
    <div class="sheet">
      <canvas
        ref="canvas"
        :aria-label="say('chartPanel.flatChartOfTheSkinClick')"
        @pointermove="move"
        @pointerleave="leave"
        @click="click"
      />
      <skin-labels :scene="scene" :tick="drawn" />
    </div>
    <svg aria-hidden="true" class="tape">
      <template v-for="tick in ticks" :key="tick.y">
        <line :x1="RULER - (tick.strong ? 8 : 4)" :x2="RULER" :y1="tick.y" :y2="tick.y" />
        <text v-if="tick.text" :x="RULER - 11" :y="tick.y + 4">{{ tick.text }}</text>
      </template>
    </svg>
    <p class="title">
      {{
        say('chartPanel.skinChartFromTheNoseRoot', {
          mm: preferences.unit === 'in' ? say('chartPanel.inches') : 'mm',
        })
      }}
    </p>
    <p v-if="where" class="where">{{ where }}</p>
  </section>
</template>

<style scoped>
.chart {
  position: relative;
  background: var(--surround);
  border-left: 1px solid var(--seam);
  overflow: hidden;
  min-width: 0;
}

/* The rule has a strip of its own beside the chart. */
.sheet {
  position: absolute;
  inset: 0 0 0 42px;
  overflow: hidden;
}

canvas {
  width: 100%;
  height: 100%;
  display: block;
  cursor: crosshair;
}

.tape {
  position: absolute;
  inset: 0 auto 0 0;
  width: 42px;
  height: 100%;
  display: block;
  background: var(--ruler);
  pointer-events: none;
}

.tape line {
  stroke: var(--hairline);
  stroke-width: 1;
}

.tape text {
  fill: var(--on-picture);
  font-size: 11px;
  text-anchor: end;
}

.title,
.where {
  position: absolute;
  left: 52px;
  background: var(--chip);
  color: var(--on-surround);
  border-radius: 7px;
  padding: 5px 11px;
}

.title {
  top: 10px;
}

.where {
  bottom: 10px;
  right: 10px;
  width: fit-content;
}
</style>
