<script setup lang="ts">
import { say } from '../texts'
import { computed, ref } from 'vue'
import { clock } from '../lib/format'
import { endOf, stepsDoneAt } from '../lib/session'
import { usePlan } from '../stores/plan'
import { useLens } from '../stores/lens'
import { lensOf } from '../lenses/registry'
import StepCards from './StepCards.vue'

const planning = usePlan()
const lens = useLens()
const instead = computed(() => lensOf(lens.id).strip)
const plan = computed(() => planning.plan)
const total = computed(() => Math.max(1, plan.value?.totalSeconds ?? 1))
const bar = ref<HTMLElement | null>(null)

/** A block of the strip: a wait, or a step with its share of the session. */
const blocks = computed(() =>
  (plan.value?.steps ?? []).map((step) => ({
    step,
    seconds: step.setUpSeconds + step.workSeconds,
    shown: planning.shownSteps === step.number,
  })),
)

const slot = computed(() => {
  const p = plan.value
  if (!p) return { late: false, words: '' }
  const { slotMinutes } = p.setting
  const over = p.totalSeconds / 60 - slotMinutes
  const late = p.time.atConfidenceSeconds / 60 - slotMinutes
  if (over > 0)
    return {
      late: true,
      words: say('buildStrip.minOverTheSlotOfMin', { over: Math.ceil(over), slotMinutes }),
    }
  if (late <= 0) return { late: false, words: say('buildStrip.fitsTheSlotOfMin', { slotMinutes }) }
  const share = Math.round(100 * p.time.confidence)
  return {
    late: true,
    words: say('buildStrip.ofSessionsNeedUpToMin', {
      share,
      slotMinutes: Math.ceil(late + slotMinutes),
      slotMinutes2: slotMinutes,
    }),
  }
})

/** Shows the face at a minute of the session. */
function scrub(event: PointerEvent) {
  if (event.buttons === 0 || !bar.value || !plan.value) return
  planning.shownSteps = stepsDoneAt(event, bar.value, plan.value.steps, total.value)
}

const head = computed(() => {
  const shown = planning.shownSteps
  if (shown === null || !plan.value) return 100
  const step = plan.value.steps[shown - 1]
  return step ? (endOf(step) / total.value) * 100 : 0
})
</script>

<template>
  <section class="strip" :class="{ lanes: instead }" :aria-label="say('buildStrip.buildStrip')">
    <div class="ruler">
      <span class="faint start">{{ say('buildStrip.n000SitsDown') }}</span>
      <div
        v-show="!instead"
        ref="bar"
        class="bar"
        :title="say('buildStrip.dragToSeeTheFaceAt')"
        @pointerdown="scrub"
        @pointermove="scrub"
      >
        <span
          v-for="b in blocks"
          :key="b.step.number"
          class="part"
          :class="{ shown: b.shown }"
          :style="{
            left: `${(b.step.startSeconds / total) * 100}%`,
            width: `${(b.seconds / total) * 100}%`,
          }"
        />
        <span class="head" :style="{ left: `${head}%` }" />
      </div>
      <span v-if="plan" class="sum">
        <span class="figure">{{ clock(plan.totalSeconds) }} min</span>
        <span :class="slot.late ? 'warning' : 'faint'"> · {{ slot.words }}</span>
      </span>
    </div>
    <component :is="instead" v-if="instead && plan?.steps.length" />
    <step-cards v-if="plan && plan.steps.length" class="steps" />
    <p v-else class="none faint">
      {{ plan ? say('buildStrip.noStepsYetPointAtThe') : say('buildStrip.planning') }}
    </p>
  </section>
</template>

<style scoped>
.strip {
  background: var(--panel);
  border-top: 1px solid var(--line);
  padding: 7px 14px 10px;
  min-width: 0;
}

.ruler {
  display: flex;
  align-items: center;
  gap: 12px;
  white-space: nowrap;
}

.bar {
  position: relative;
  flex: 1;
  height: 20px;
  cursor: ew-resize;
  touch-action: none;
  border-radius: 4px;
  background: repeating-linear-gradient(-45deg, var(--line) 0 3px, transparent 3px 7px);
}

.part {
  position: absolute;
  top: 5px;
  height: 10px;
  background: var(--accent);
  border-right: 1px solid var(--panel);
  opacity: 0.55;
}

.part.shown {
  opacity: 1;
}

.head {
  position: absolute;
  top: 0;
  height: 20px;
  width: 4px;
  margin-left: -2px;
  border-radius: 2px;
  background: var(--ink);
}

.none {
  padding: 34px 0;
  text-align: center;
}

@media (width <= 640px) {
  /* The lanes tell the same, and the words beside the bust need the room. */
  .strip.lanes .steps {
    display: none;
  }

  .start {
    display: none;
  }

  .ruler {
    flex-wrap: wrap;
    gap: 2px 12px;
  }

  .bar {
    flex: 1 0 100%;
  }
}

/* A hand's width: the sum on a line of its own, the bar over the whole width. */
@media (width <= 600px) {
  .strip {
    padding: 6px 8px 8px;
  }

  .ruler {
    flex-wrap: wrap;
    gap: 2px 10px;
  }

  .start {
    display: none;
  }

  .sum {
    order: -1;
    flex: 0 0 100%;
    white-space: normal;
  }
}
</style>
