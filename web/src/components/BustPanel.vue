<script setup lang="ts">
import { say } from '../texts'
import { computed, ref, watch } from 'vue'
import { size } from '../lib/format'
import type { ChartPoint } from '../lib/zones'
import { useCoats } from '../stores/coats'
import { usePreferences } from '../stores/preferences'
import { useView } from '../stores/view'
import { usePlan } from '../stores/plan'
import { useSelection } from '../stores/selection'
import { useElementSize } from '@vueuse/core'
import { usePointing } from '../three/usePointing'
import { useSkin } from '../three/useSkin'
import SkinLabels from './SkinLabels.vue'
import { useLens } from '../stores/lens'
import { lensOf } from '../lenses/registry'

const pointed = defineModel<string | null>('pointed', { required: true })
defineProps<{ quiet: boolean }>()
const emit = defineEmits<{ point: [at: { x: number; y: number; zone: string; chart: ChartPoint }] }>()

const planning = usePlan()
const selection = useSelection()
const coats = useCoats()
const lens = useLens()
const onBust = computed(() => lensOf(lens.id).onBust)
const preferences = usePreferences()
const canvas = ref<HTMLCanvasElement | null>(null)
const pointer = ref({ x: 0, y: 0 })
const view = useView()
const { scene, failed, tick } = useSkin(canvas, 'bust', pointed)
const { hover, click } = usePointing(scene, (at) => emit('point', at))
const { width } = useElementSize(canvas)
let pressed = { x: 0, y: 0 }

const facts = computed(() => {
  const part = planning.planPart
  if (!part) return ''
  return part.sizes
    .slice(0, 2)
    .map((s) => `${s.label.toLowerCase()} ${size(s, preferences.unit)}`)
    .join(' · ')
})

// Half the height of the eye's blur is reached over the finest width: its standard deviation is 0.42 of that.
const SIGMA = 0.42
const blur = computed(() => {
  void tick.value
  const at = planning.plan?.setting
  if (!view.seenFromM || !at || !scene.value) return ''
  const finestMm = (at.finestMm * view.seenFromM) / at.viewingDistanceM
  return `blur(${(SIGMA * finestMm * scene.value.pixelsPerMm()).toFixed(2)}px)`
})

// The label sits beside the selected part and follows the skin as it turns.
const anchor = computed<ChartPoint | null>(() => {
  const mark = planning.planPart?.marks.find((m) => m.side !== 'right') ?? planning.planPart?.marks[0]
  const line = mark?.lines[0]
  if (!line) return null
  let best = { x: line[0]!, y: line[1]! }
  for (let k = 0; k < line.length; k += 2) if (line[k]! > best.x) best = { x: line[k]!, y: line[k + 1]! }
  return best
})

// Widest the label gets, with its gap to the part, px.
const LABEL = 250
const label = computed(() => {
  void tick.value
  const at = anchor.value ? (scene.value?.place(anchor.value) ?? null) : null
  if (!at) return null
  // Beside the part; where neither side has the room, as on a phone, under it.
  if (at.x > width.value - LABEL && at.x < LABEL)
    return { x: Math.max(0, Math.min(at.x, width.value - LABEL)), y: at.y + 44, before: false }
  return { x: at.x, y: at.y, before: at.x > width.value - LABEL }
})

function move(event: PointerEvent) {
  if (event.buttons !== 0) return
  pointer.value = { x: event.offsetX, y: event.offsetY }
  pointed.value = hover(event).zone
}

function press(event: PointerEvent) {
  pressed = { x: event.clientX, y: event.clientY }
}

function release(event: PointerEvent) {
  // A drag turns the bust; only a click points.
  if (Math.hypot(event.clientX - pressed.x, event.clientY - pressed.y) > 4) return
  click(event)
}

watch(
  () => view.asked,
  () => scene.value?.look(view.view),
)

function turn(degrees: number) {
  scene.value?.turn(degrees)
}

function face(at: ChartPoint) {
  scene.value?.face(at)
}

defineExpose({ turn, face })
</script>

<template>
  <section class="bust" :aria-label="say('bustPanel.bust')">
    <canvas
      ref="canvas"
      tabindex="0"
      :style="{ filter: blur }"
      :aria-label="say('bustPanel.paintedBustClickAPlaceTo')"
      @pointermove="move"
      @pointerleave="pointed = null"
      @pointerdown="press"
      @pointerup="release"
    />
    <skin-labels :scene="scene" :tick="tick" />
    <component :is="onBust" v-if="onBust" :scene="scene" :tick="tick" />
    <div v-if="coats.before" class="divide">
      <input
        v-model.number="coats.divide"
        type="range"
        min="0"
        max="1"
        step="0.005"
        :aria-label="say('bustPanel.beforeToTheLeftAfterTo')"
      />
      <span class="edge" :style="{ left: `${100 * coats.divide}%` }" />
      <span class="words">{{ say('bustPanel.beforeAfter') }}</span>
    </div>
    <p v-if="planning.plan?.setting.onOneself" class="mirror">{{ say('bustPanel.asInTheMirror') }}</p>
    <p v-if="failed" class="failed">{{ failed }}</p>
    <div
      v-if="pointed && !quiet"
      class="zone"
      :style="{ left: `${pointer.x + 14}px`, top: `${pointer.y - 34}px` }"
    >
      {{ pointed }}
    </div>
    <div
      v-if="label && facts && selection.selected && !selection.dragging"
      class="facts"
      :class="{ before: label.before }"
      :style="{ left: `${label.x}px`, top: `${label.y - 12}px` }"
    >
      {{ facts }}
    </div>
    <slot />
  </section>
</template>

<style scoped>
.bust {
  container-type: inline-size;
  position: relative;
  background: var(--surround);
  overflow: hidden;
  min-width: 0;
}

canvas {
  position: absolute;
  inset: 0;
  width: 100%;
  height: 100%;
  display: block;
  touch-action: none;
  cursor: crosshair;
}

.zone,
.facts {
  position: absolute;
  pointer-events: none;
  background: var(--chip);
  color: var(--on-picture);
  border-radius: 6px;
  padding: 2px 9px;
  white-space: nowrap;
}

.facts {
  max-width: 230px;
  overflow: hidden;
  text-overflow: ellipsis;
  font-weight: 600;
  transform: translateX(16px);
}

.facts.before {
  transform: translateX(calc(-100% - 16px));
}

.divide {
  position: absolute;
  inset: 0;
  pointer-events: none;
}

.divide input {
  position: absolute;
  left: -8px;
  right: -8px;
  bottom: 44px;
  width: calc(100% + 16px);
  pointer-events: auto;
  accent-color: var(--chip-link);
}

.divide .edge {
  position: absolute;
  top: 0;
  bottom: 0;
  width: 1px;
  background: var(--hairline);
}

.divide .words {
  position: absolute;
  bottom: 72px;
  left: 50%;
  transform: translateX(-50%);
  padding: 1px 9px;
  border-radius: 6px;
  color: var(--on-picture);
  background: var(--chip);
}

.mirror {
  position: absolute;
  top: 10px;
  left: 10px;
  margin: 0;
  padding: 2px 9px;
  border-radius: 6px;
  color: var(--on-picture);
  background: var(--chip);
}

.failed {
  position: absolute;
  inset: 40% 20px auto;
  text-align: center;
  color: var(--on-picture);
}
</style>
