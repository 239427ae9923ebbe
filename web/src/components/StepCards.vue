<script setup lang="ts">
import { computed } from 'vue'
import { clock } from '../lib/format'
import { usePlan } from '../stores/plan'
import { useSelection } from '../stores/selection'
import { say } from '../texts'

/** The steps of the session as pictures, each as wide as it takes, and the waits between them. */
const planning = usePlan()
const selection = useSelection()
const plan = computed(() => planning.plan)
const pictures = computed(() => (plan.value?.steps.length ?? 0) + 1)

const LEAST_REM = 5.7

const blocks = computed(() =>
  (plan.value?.steps ?? []).map((step) => ({
    step,
    seconds: step.setUpSeconds + step.workSeconds,
    shown: planning.shownSteps === step.number,
    chosen: selection.selected !== null && step.partIds.includes(selection.selected),
  })),
)

/** Stages by the number of their last step; the look's own end is no stop on the way. */
const stops = computed(() => new Map((plan.value?.stages ?? []).slice(0, -1).map((s) => [s.lastStep, s])))

function spriteStyle(index: number) {
  return {
    backgroundImage: planning.strip ? `url(${planning.strip})` : 'none',
    backgroundSize: `${pictures.value * 100}% 100%`,
    backgroundPosition: `${pictures.value > 1 ? (index / (pictures.value - 1)) * 100 : 0}% 0`,
  }
}

function show(number: number | null) {
  planning.shownSteps = planning.shownSteps === number ? null : number
  const step = plan.value?.steps.find((s) => s.number === number)
  if (step && planning.shownSteps !== null && !step.partIds.includes(selection.selected ?? '')) {
    selection.selected = step.partIds.find((id) => id !== 'map') ?? null
  }
}
</script>

<template>
  <ol>
    <template v-for="b in blocks" :key="b.step.number">
      <li v-if="b.step.waitSeconds > 0" class="wait" :title="b.step.waitsFor?.words">
        <span>{{ say('buildStrip.dries') }}</span>
        <strong>{{ clock(b.step.waitSeconds) }}</strong>
      </li>
      <li class="step" :style="{ flexGrow: b.seconds, minWidth: `${LEAST_REM}rem` }">
        <button
          :aria-pressed="b.shown"
          :class="{ chosen: b.chosen }"
          :title="`${b.step.title}. ${b.step.paint}, ${b.step.toolName}, ${b.step.hand.toLowerCase()}. ${b.step.poses.map((p) => p.words).join('; ')}`"
          @click="show(b.step.number)"
        >
          <span
            class="picture"
            :class="{ mirrored: plan?.setting.onOneself }"
            :style="spriteStyle(b.step.number)"
            role="img"
            :aria-label="say('buildStrip.faceAfterStep', { step: b.step.number })"
          />
          <span class="words">
            <span class="title">{{ b.step.title }}</span>
            <strong>{{ clock(b.seconds) }}</strong>
          </span>
        </button>
      </li>
      <li
        v-if="stops.has(b.step.number)"
        class="stop-here"
        :title="say('stepCards.mayStopAfter', { name: stops.get(b.step.number)!.name })"
      >
        <span>{{ say('stepCards.mayStop') }}</span>
        <strong>{{ clock(stops.get(b.step.number)!.endSeconds) }}</strong>
      </li>
    </template>
  </ol>
</template>

<style scoped>
ol {
  list-style: none;
  margin: 7px 0 0;
  padding: 0 0 3px;
  display: flex;
  gap: 6px;
  overflow-x: auto;
}

.step {
  flex: 1 0 0;
  max-width: 260px;
}

.step button {
  width: 100%;
  padding: 0;
  border: 2px solid var(--line);
  border-radius: 9px;
  overflow: hidden;
  background: linear-gradient(var(--surround) 88px, var(--ground) 88px);
  cursor: pointer;
  display: block;
  text-align: left;
}

.step button.chosen {
  border-color: color-mix(in srgb, var(--accent) 55%, var(--line));
}

.step button[aria-pressed='true'] {
  border-color: var(--accent);
  box-shadow: 0 0 0 1px var(--accent);
}

.picture {
  display: block;
  height: 88px;
  width: 85px;
  margin: 0 auto;
  background-repeat: no-repeat;
}

.picture.mirrored {
  transform: scaleX(-1);
}

.words {
  display: grid;
  padding: 2px 7px 4px;
  font-size: 12px;
  line-height: 1.25;
}

.title {
  height: 2.5em;
  overflow: hidden;
  overflow-wrap: anywhere;
}

.wait {
  flex: none;
  width: 46px;
  display: grid;
  align-content: end;
  justify-items: center;
  padding-bottom: 5px;
  font-size: 12px;
  border-radius: 9px;
  background: repeating-linear-gradient(-45deg, var(--line) 0 3px, transparent 3px 9px);
}

.stop-here {
  flex: none;
  width: 60px;
  display: grid;
  align-content: center;
  justify-items: center;
  text-align: center;
  font-size: 12px;
  border-left: 3px solid var(--accent);
  border-radius: 2px;
}

.wait span,
.wait strong {
  background: var(--panel);
  padding: 0 3px;
}

@media (width <= 640px) {
  .picture {
    height: 72px;
    width: 70px;
  }

  .step button {
    background: linear-gradient(var(--surround) 72px, var(--ground) 72px);
  }
}
</style>
