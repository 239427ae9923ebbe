<script setup lang="ts">
import type { Plan } from '../../api/client'
import type { ChairStepState } from '../../lib/chair'
import { clock } from '../../lib/format'
import { say } from '../../texts'

/** One step, as it is read at arm's length: what to say, what to load, how long; then what comes. */
defineProps<{
  current: ChairStepState
  /** Undefined while its plan is on the way. */
  step: Plan['steps'][number] | undefined
  inStep: number
  waiting: number
  next: ChairStepState | undefined
  nextStep: Plan['steps'][number] | undefined
  nextPicture: string
  turned: boolean
}>()
</script>

<template>
  <h1>{{ current.step.title }}</h1>
  <p v-if="step?.poses.length" class="pose">{{ step.poses.map((p) => p.words).join('. ') }}.</p>
  <p v-if="step" class="with">
    <span class="swatch" :style="{ background: step.paintColour }" />
    <span
      ><b>{{ step.paint }}</b
      ><br />{{ step.toolName }} · {{ step.hand }}</span
    >
  </p>
  <p v-for="words in step?.words ?? []" :key="words" class="own">{{ words }}</p>
  <p class="time">
    <template v-if="waiting > 0">
      <b class="warning">{{ clock(waiting) }}</b>
      <span>{{ say('chair.wait', { what: step?.waitsFor?.words ?? '' }) }}</span>
    </template>
    <template v-else>
      <b>{{ clock(inStep) }}</b>
      <span>{{ say('chair.of', { planned: clock(current.left) }) }}</span>
    </template>
  </p>
  <p v-if="waiting > 0 && step?.meanwhile.length" class="faint">
    {{ say('chair.meanwhile', { what: step.meanwhile.join(', ') }) }}
  </p>
  <p v-for="words in step?.cautions ?? []" :key="words" class="caution">{{ words }}</p>
  <div v-if="next" class="next">
    <img v-if="nextPicture" :src="nextPicture" :class="{ turned }" alt="" />
    <span>
      <span class="faint">{{ say('chair.next') }}</span>
      <b>{{ next.step.title }}</b>
      <span v-if="nextStep">{{ say('chair.load', { paint: nextStep.paint, tool: nextStep.toolName }) }}</span>
    </span>
  </div>
</template>

<style scoped>
h1 {
  margin: 4px 0 8px;
  font-size: clamp(26px, 3.2vw, 42px);
  line-height: 1.1;
}

.pose {
  margin: 8px 0;
  padding: 10px 16px;
  border-radius: 10px;
  background: var(--accent-soft);
  color: var(--ink);
  font-family: 'Fraunces Variable', serif;
  font-size: clamp(22px, 2.4vw, 32px);
  line-height: 1.2;
}

.with {
  display: flex;
  align-items: center;
  gap: 12px;
  margin: 8px 0;
  font-size: clamp(18px, 1.8vw, 24px);
}

.swatch {
  flex: none;
  width: 48px;
  height: 48px;
  border: 1px solid var(--swatch-line);
  border-radius: 9px;
}

.own {
  margin: 6px 0;
}

.time {
  display: flex;
  align-items: baseline;
  gap: 12px;
  margin: 10px 0 4px;
  font-size: 22px;
}

.time b {
  font-size: clamp(40px, 5.4vw, 72px);
  font-variant-numeric: tabular-nums;
  line-height: 1;
}

.warning {
  color: var(--warning);
}

.caution {
  margin: 4px 0;
  color: var(--faint);
  font-size: 16px;
}

.next {
  display: flex;
  align-items: center;
  gap: 12px;
  margin-top: 12px;
  padding: 8px;
  border-radius: 10px;
  background: var(--ground);
}

.next > span {
  display: grid;
}

.next b {
  font-size: 22px;
}

.next img {
  width: 96px;
  height: 96px;
  border-radius: 8px;
  object-fit: cover;
}

.turned {
  transform: scaleX(-1);
}

@media (width <= 760px) {
  .next img {
    width: 64px;
    height: 64px;
  }
}
</style>
