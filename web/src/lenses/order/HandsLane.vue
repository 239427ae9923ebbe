<script setup lang="ts">
import { computed, ref } from 'vue'
import { clock } from '../../lib/format'
import { endOf } from '../../lib/session'
import { useOrder } from '../../stores/order'
import { usePlan } from '../../stores/plan'
import { say } from '../../texts'

/** What one painter's hands do; a step is dragged to another place. */
defineProps<{ painter: number }>()

const planning = usePlan()
const order = useOrder()
const lane = ref<HTMLElement | null>(null)
const dragged = ref<{ key: string; from: number; to: number } | null>(null)

const total = computed(() => Math.max(1, planning.plan?.totalSeconds ?? 1))
const steps = computed(() => planning.plan?.steps ?? [])
const share = (seconds: number) => `${(100 * seconds) / total.value}%`

function press(event: PointerEvent, key: string, number: number) {
  ;(event.currentTarget as HTMLElement).setPointerCapture(event.pointerId)
  dragged.value = { key, from: number, to: number }
  order.refused = ''
}

function move(event: PointerEvent) {
  if (!dragged.value || !lane.value) return
  const box = lane.value.getBoundingClientRect()
  const at = ((event.clientX - box.left) / box.width) * total.value
  const others = steps.value.filter((s) => s.key !== dragged.value!.key)
  dragged.value.to =
    1 + others.filter((s) => s.startSeconds + (s.setUpSeconds + s.workSeconds) / 2 < at).length
}

function drop() {
  const d = dragged.value
  dragged.value = null
  if (!d) return
  if (d.to === d.from) planning.shownSteps = planning.shownSteps === d.from ? null : d.from
  else void order.move(d.key, d.to)
}

function dropAt(to: number) {
  const step = steps.value[to - 1]
  return step ? (to > (dragged.value?.from ?? 0) ? endOf(step) : step.startSeconds) : 0
}

// Set-up is the pale start of a block.
function share2(step: { setUpSeconds: number; workSeconds: number }) {
  return `${(100 * step.setUpSeconds) / Math.max(0.1, step.setUpSeconds + step.workSeconds)}%`
}
</script>

<template>
  <div ref="lane" class="hands">
    <button
      v-for="s in steps.filter((one) => one.painter === painter)"
      :key="s.key"
      class="block"
      :class="{
        shown: planning.shownSteps === s.number,
        held: dragged?.key === s.key,
        pinned: s.pinned,
      }"
      :style="{
        left: share(s.startSeconds),
        width: share(s.setUpSeconds + s.workSeconds),
        background: `linear-gradient(90deg, var(--line) ${share2(s)}, ${s.paintColour} ${share2(s)})`,
      }"
      :title="
        say('orderLanes.dragItToAnotherPlace', {
          s: s.number,
          title: s.title,
          workSeconds: clock(s.setUpSeconds + s.workSeconds),
        })
      "
      :aria-label="say('orderLanes.step', { s: s.number, title: s.title })"
      @pointerdown="(e) => press(e, s.key, s.number)"
      @pointermove="move"
      @pointerup="drop"
      @pointercancel="dragged = null"
      @keydown.enter.prevent="planning.shownSteps = s.number"
    >
      <span class="number">{{ s.number }}</span>
    </button>
    <span
      v-if="dragged && dragged.to !== dragged.from"
      class="target"
      :style="{ left: share(dropAt(dragged.to)) }"
    />
  </div>
</template>

<style scoped>
.hands {
  height: 32px;
}

.block {
  position: absolute;
  top: 1px;
  height: 30px;
  padding: 0;
  border: 1px solid var(--panel);
  border-radius: 4px;
  cursor: grab;
  touch-action: none;
  overflow: hidden;
  min-width: 6px;
}

.block.shown {
  outline: 2px solid var(--accent);
  outline-offset: -2px;
}

.block.held {
  opacity: 0.55;
}

.block.pinned {
  border-top: 4px solid var(--accent);
}

.number {
  padding: 0 4px;
  border-radius: 6px;
  background: var(--panel);
  color: var(--ink);
  font-size: 12px;
}

.target {
  position: absolute;
  top: 0;
  bottom: 0;
  width: 3px;
  margin-left: -1px;
  background: var(--accent);
}
</style>
