<script setup lang="ts">
import { NButton, NInput, NInputNumber } from 'naive-ui'
import type { BoothDay } from '../../api/types'
import { LETTERS, LIMITS } from '../../api/limits'
import { say } from '../../texts'
import TimeField from './TimeField.vue'

/** Who paints, how quick, and when there is a break. */
const painters = defineModel<BoothDay['painters']>({ required: true })
const props = defineProps<{ fromMinute: number; untilMinute: number }>()

type Painter = BoothDay['painters'][number]
const change = (k: number, by: Partial<Painter>) =>
  (painters.value = painters.value.map((p, n) => (n === k ? { ...p, ...by } : p)))

function add() {
  painters.value = [
    ...painters.value,
    { name: say('days.painterN', { n: painters.value.length + 1 }), timePercent: 100, breaks: [] },
  ]
}

const pause = (k: number) =>
  change(k, {
    breaks: [
      ...(painters.value[k]!.breaks ?? []),
      { atMinute: Math.round((props.fromMinute + props.untilMinute) / 2), minutes: 10 },
    ],
  })
</script>

<template>
  <div v-for="(painter, k) in painters" :key="k" class="painter">
    <n-input
      size="small"
      :value="painter.name"
      :maxlength="LETTERS.BoothPainter.name"
      :input-props="{ 'aria-label': say('days.painterName') }"
      @update:value="(name) => change(k, { name })"
    />
    <n-input-number
      size="small"
      :value="painter.timePercent"
      v-bind="LIMITS.BoothPainter.timePercent"
      :show-button="false"
      :precision="0"
      :title="say('days.timePercentTitle')"
      :input-props="{ 'aria-label': say('days.timePercent') }"
      @update:value="(timePercent) => change(k, { timePercent: timePercent ?? 100 })"
      ><template #suffix>%</template></n-input-number
    >
    <button
      class="x"
      :aria-label="say('days.takeOut')"
      @click="painters = painters.filter((_, n) => n !== k)"
    >
      ×
    </button>
    <p v-for="(one, b) in painter.breaks ?? []" :key="b" class="break">
      {{ say('days.breakAt') }}
      <time-field
        :model-value="one.atMinute"
        :says="say('days.breakAt')"
        @update:model-value="
          (atMinute) =>
            change(k, { breaks: painter.breaks!.map((o, n) => (n === b ? { ...o, atMinute } : o)) })
        "
      />
      <n-input-number
        class="short"
        size="small"
        :value="one.minutes"
        v-bind="LIMITS.BoothBreak.minutes"
        :show-button="false"
        :precision="0"
        :input-props="{ 'aria-label': say('days.breakMinutes') }"
        @update:value="
          (minutes) =>
            change(k, {
              breaks: painter.breaks!.map((o, n) => (n === b ? { ...o, minutes: minutes ?? 10 } : o)),
            })
        "
        ><template #suffix>min</template></n-input-number
      >
      <button
        class="x"
        :aria-label="say('days.takeOut')"
        @click="change(k, { breaks: painter.breaks!.filter((_, n) => n !== b) })"
      >
        ×
      </button>
    </p>
    <n-button size="tiny" quaternary @click="pause(k)">{{ say('days.addBreak') }}</n-button>
  </div>
  <n-button size="small" @click="add">{{ say('days.addPainter') }}</n-button>
</template>

<style scoped src="./days.css"></style>
