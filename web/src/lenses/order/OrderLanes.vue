<script setup lang="ts">
import { say } from '../../texts'
import { computed, ref } from 'vue'
import { clock } from '../../lib/format'
import { endOf, stepsDoneAt } from '../../lib/session'
import type { Pose } from '../../api/client'
import { usePlan } from '../../stores/plan'
import HandsLane from './HandsLane.vue'

/** Hands, drying and poses of the session to one scale; a step in the hands' lane is dragged to another place. */
const planning = usePlan()
const lanes = ref<HTMLElement | null>(null)

const total = computed(() => Math.max(1, planning.plan?.totalSeconds ?? 1))
const steps = computed(() => planning.plan?.steps ?? [])
const painters = computed(() => Math.max(1, ...steps.value.map((s) => s.painter)))
const share = (seconds: number) => `${(100 * seconds) / total.value}%`

// Drying bars lie under each other only where they overlap in time.
const drying = computed(() => {
  const rows: number[] = []
  return steps.value
    .filter((s) => s.dryingSeconds > 0)
    .map((s) => {
      const from = endOf(s)
      let row = rows.findIndex((end) => end <= from)
      if (row < 0) row = rows.length
      rows[row] = from + s.dryingSeconds
      return { step: s, from, row: Math.min(row, 3) }
    })
})
const rows = computed(() => Math.min(4, Math.max(1, ...drying.value.map((d) => d.row + 1))))

const SHORT: Record<Pose, string> = {
  front: say('orderLanes.front'),
  eyesClosed: say('orderLanes.eyesClosed'),
  oneLidClosed: say('orderLanes.oneLidClosed'),
  turnRight: say('orderLanes.turnRight'),
  turnLeft: say('orderLanes.turnLeft'),
  lipsTogether: say('orderLanes.lipsTogether'),
  chinUp: say('orderLanes.chinUp'),
  turnHead: say('orderLanes.turnTheHead'),
}

/** Shows the face at a minute of the session. */
function scrub(event: PointerEvent) {
  if (event.buttons === 0 || !lanes.value) return
  planning.shownSteps = stepsDoneAt(event, lanes.value, steps.value, total.value)
}

const head = computed(() => {
  const step = steps.value[(planning.shownSteps ?? steps.value.length) - 1]
  return step ? endOf(step) : 0
})

// One label for as long as the pose stays.
const poses = computed(() => {
  const found: { words: string; from: number; to: number }[] = []
  for (const s of [...steps.value].sort((a, b) => a.startSeconds - b.startSeconds)) {
    const words = s.poses.map((p) => SHORT[p.pose]).join(', ')
    const end = endOf(s)
    const last = found.at(-1)
    if (last?.words === words) last.to = Math.max(last.to, end)
    else found.push({ words, from: s.startSeconds, to: end })
  }
  return found
})
</script>

<template>
  <div class="lanes" role="group" :aria-label="say('orderLanes.lanesOfTheSession')">
    <div class="names faint">
      <span v-for="p in painters" :key="p" class="hand">{{
        painters > 1 ? say('orderLanes.painter', { p }) : say('orderLanes.hands')
      }}</span>
      <span :style="{ height: `${rows * 6 + 4}px` }">{{ say('orderLanes.drying') }}</span>
      <span class="pose">{{ say('orderLanes.pose') }}</span>
    </div>
    <div ref="lanes" class="scale">
      <hands-lane v-for="p in painters" :key="p" :painter="p" class="lane" />
      <div
        class="lane scrubbed"
        :title="say('orderLanes.dragToSeeTheFaceAt')"
        :style="{ height: `${rows * 6 + 4}px` }"
        @pointerdown="scrub"
        @pointermove="scrub"
      >
        <span
          v-for="d in drying"
          :key="d.step.key"
          class="dries"
          :class="{ shown: planning.shownSteps === d.step.number }"
          :style="{
            left: share(d.from),
            width: share(Math.min(d.step.dryingSeconds, total - d.from)),
            top: `${2 + d.row * 6}px`,
          }"
          :title="
            say('orderLanes.dries', { title: d.step.title, dryingSeconds: clock(d.step.dryingSeconds) })
          "
        />
      </div>
      <div class="lane pose scrubbed" @pointerdown="scrub" @pointermove="scrub">
        <span
          v-for="(p, k) in poses"
          :key="k"
          class="held"
          :style="{ left: share(p.from), width: share(p.to - p.from) }"
          :title="p.words"
          >{{ p.words }}</span
        >
      </div>
      <span class="head" :style="{ left: share(head) }" />
    </div>
  </div>
</template>

<style scoped>
.lanes {
  display: grid;
  grid-template-columns: 76px 1fr;
  font-size: 12px;
  margin-top: 5px;
}

.names span {
  display: block;
}

.names .hand {
  height: 32px;
  line-height: 32px;
}

.names .pose {
  height: 20px;
  line-height: 20px;
}

.scale {
  position: relative;
}

.scrubbed {
  cursor: ew-resize;
  touch-action: none;
}

.head {
  position: absolute;
  top: 0;
  bottom: 0;
  width: 3px;
  margin-left: -2px;
  border-radius: 2px;
  background: var(--ink);
  pointer-events: none;
}

.lane {
  position: relative;
  overflow: hidden;
}

.lane.pose {
  height: 20px;
}

.dries {
  position: absolute;
  height: 4px;
  border-radius: 2px;
  background: var(--accent);
  opacity: 0.4;
}

.dries.shown {
  opacity: 1;
}

.lane .held {
  position: absolute;
  padding: 0 4px;
  border-left: 2px solid var(--line);
  white-space: nowrap;
  overflow: hidden;
  text-overflow: ellipsis;
  line-height: 20px;
}
</style>
