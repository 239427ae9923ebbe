<script setup lang="ts">
import { computed } from 'vue'
import type { ChairState } from '../../lib/chair'
import type { ChairRest } from '../../lib/chairRest'
import { clock } from '../../lib/format'
import { say } from '../../texts'

/** How far it is, when the bell rings, and what to leave out so that it ends by then. */
const props = defineProps<{
  state: ChairState
  lane: 0 | 1 | 2
  worked: number
  remaining: number
  behind: number
  /** ms of the epoch; null for none. */
  bell: number | null
  now: number
  offer: (ChairRest & { late: number; early: number; labels: string[]; leaves: string[] }) | null
  /** Events that only this device knows of; null while the service answers. */
  cut: number | null
}>()
const emit = defineEmits<{ drop: [] }>()

const mine = computed(() =>
  props.state.steps.filter((s) => s.status !== 'dropped' && (!props.lane || s.step.painter === props.lane)),
)
const at = computed(() => mine.value.filter((s) => s.status !== 'open').length)
const atTheBell = computed(() =>
  props.bell === null
    ? ''
    : new Date(props.bell).toLocaleTimeString([], { hour: '2-digit', minute: '2-digit', hour12: false }),
)
const end = computed(() => props.now + 1000 * props.remaining)
/** The bar ends at the bell or at the end, whichever is later. */
const span = computed(() => {
  const began = props.state.began ?? props.now
  const until = Math.max(end.value, props.bell ?? 0)
  return (time: number) => `${(100 * Math.max(0, time - began)) / Math.max(1, until - began)}%`
})
const reached = computed(() =>
  props.state.stoppedAt !== null ? say('chair.stoppedAt', { stage: props.state.stoppedAt }) : '',
)
const list = computed(() => {
  const labels = props.offer?.labels ?? []
  return labels.length > 3
    ? say('chair.andOthers', { some: labels.slice(0, 2).join(', '), count: labels.length - 2 })
    : labels.join(', ')
})
</script>

<template>
  <header class="bar">
    <b class="count">{{ say('chair.stepOf', { at: Math.min(at + 1, mine.length), all: mine.length }) }}</b>
    <span class="clock">{{ clock(worked) }}</span>
    <div v-if="state.began !== null && state.ended === null" class="line" aria-hidden="true">
      <i class="gone" :style="{ width: span(now) }" />
      <i v-if="bell !== null" class="bell" :style="{ left: span(bell) }" />
    </div>
    <span v-if="bell !== null && state.ended === null" class="faint">{{
      say('chair.bellAt', { time: atTheBell })
    }}</span>
    <span v-if="reached" class="faint">{{ reached }}</span>
    <span v-if="state.began !== null && state.ended === null" class="pace" :class="{ warning: behind > 15 }">
      {{
        behind > 0
          ? say('chair.behind', { time: clock(behind) })
          : say('chair.ahead', { time: clock(-behind) })
      }}
      · {{ say('chair.remaining', { time: clock(remaining) }) }}
    </span>
    <span v-if="cut !== null" class="warning">{{ say('chair.cut', { count: cut }) }}</span>
    <button v-if="offer && offer.leaves.length" class="offer" @click="emit('drop')">
      <b v-if="offer.late > 0">{{ say('chair.late', { time: clock(offer.late) }) }}</b>
      <b v-else>{{ say('chair.tight') }}</b>
      {{
        offer.fits
          ? say('chair.without', { what: list, time: clock(offer.early) })
          : say('chair.notEven', { what: list, time: clock(-offer.early) })
      }}
    </button>
    <span v-else-if="offer && offer.late > 0" class="warning">{{
      say('chair.lateAnyway', { time: clock(offer.late) })
    }}</span>
  </header>
</template>

<style scoped>
.bar {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 6px 16px;
  min-height: 56px;
  padding: 6px 18px;
  border-bottom: 1px solid var(--line);
  background: var(--ground);
}

.count,
.clock {
  font-size: 20px;
  font-variant-numeric: tabular-nums;
}

.line {
  position: relative;
  flex: 1 1 120px;
  height: 12px;
  border-radius: 6px;
  background: var(--line);
}

.gone {
  position: absolute;
  inset: 0 auto 0 0;
  max-width: 100%;
  border-radius: 6px;
  background: var(--accent);
}

.bell {
  position: absolute;
  top: -6px;
  bottom: -6px;
  width: 3px;
  margin-left: -1px;
  background: var(--stop);
}

.warning {
  color: var(--warning);
}

.offer {
  min-height: 48px;
  padding: 4px 16px;
  border: 2px solid var(--warning);
  border-radius: 10px;
  background: color-mix(in srgb, var(--warning) 14%, var(--panel));
  color: var(--ink);
  font: inherit;
  text-align: left;
  cursor: pointer;
}

.offer b {
  color: var(--warning);
}

@media (width <= 760px) {
  .bar {
    padding: 4px 12px;
    font-size: 16px;
  }

  .pace {
    order: 5;
  }
}
</style>
