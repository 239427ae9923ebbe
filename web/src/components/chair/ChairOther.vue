<script setup lang="ts">
import { computed } from 'vue'
import type { Painting } from '../../api/client'
import { currentStep, workedSeconds, type ChairState } from '../../lib/chair'
import { heldBy } from '../../lib/chairOrder'
import { clock } from '../../lib/format'
import { say } from '../../texts'

/** The other painter: what she is at, and whether one waits for the other. */
const props = defineProps<{ state: ChairState; now: number; lane: 0 | 1 | 2; painting: Painting }>()

const nameOf = (painter: number) =>
  (painter === 1 ? props.painting.painter : props.painting.secondPainter) ??
  say('chair.painterNumber', { number: painter })

const lanes = computed(() =>
  [1, 2]
    .filter((p) => props.lane !== p)
    .map((painter) => {
      const at = currentStep(props.state, painter)
      const spent = workedSeconds(props.state, props.now) - (props.state.laneFrom[painter] ?? 0)
      return {
        painter,
        at,
        spent: Math.max(0, spent),
        left: at ? Math.max(0, at.left + at.step.waitSeconds - spent) : 0,
      }
    }),
)

/** Whom a painter's step waits for; nothing while it may begin. */
const waits = computed(() =>
  [1, 2].flatMap((painter) => {
    const at = currentStep(props.state, painter)
    const by = at && heldBy(props.state, at)
    return at && by && by.step.painter !== painter
      ? [say('chair.waitsFor', { who: nameOf(painter), other: nameOf(by.step.painter), step: by.step.title })]
      : []
  }),
)
</script>

<template>
  <section class="other" :aria-label="say('chair.others')">
    <p v-for="l in lanes" :key="l.painter">
      <b>{{ nameOf(l.painter) }}</b>
      {{
        l.at
          ? say('chair.isAt', {
              step: l.at.step.title,
              spent: clock(l.spent),
              planned: clock(l.at.left),
              left: clock(l.left),
            })
          : say('chair.isDone')
      }}
    </p>
    <p v-for="words in waits" :key="words" class="warning">{{ words }}</p>
  </section>
</template>

<style scoped>
.other {
  margin-top: 12px;
  padding: 8px 12px;
  border: 1px solid var(--line);
  border-radius: 10px;
}

p {
  margin: 2px 0;
}

.warning {
  color: var(--warning);
}
</style>
