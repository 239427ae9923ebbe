<script setup lang="ts">
import { NButton, NInputNumber } from 'naive-ui'
import type { BoothDay } from '../../api/types'
import { LIMITS } from '../../api/limits'
import { say } from '../../texts'
import TimeField from './TimeField.vue'

/** Who comes when: so many an hour from a time on, and many at once. */
const arrivals = defineModel<BoothDay['arrivals']>('arrivals', { required: true })
const bursts = defineModel<NonNullable<BoothDay['bursts']>>('bursts', { required: true })
const props = defineProps<{ fromMinute: number }>()

function addRate() {
  const last = arrivals.value.at(-1)
  arrivals.value = [
    ...arrivals.value,
    {
      fromMinute: last ? Math.min(1440, last.fromMinute + 60) : props.fromMinute,
      perHour: last?.perHour ?? 10,
    },
  ]
}

const changeRate = (k: number, by: Partial<BoothDay['arrivals'][number]>) =>
  (arrivals.value = arrivals.value.map((a, n) => (n === k ? { ...a, ...by } : a)))
const changeBurst = (k: number, by: Partial<{ atMinute: number; faces: number }>) =>
  (bursts.value = bursts.value.map((b, n) => (n === k ? { ...b, ...by } : b)))
</script>

<template>
  <p v-for="(rate, k) in arrivals" :key="`r${k}`" class="break">
    {{ say('days.from') }}
    <time-field
      :model-value="rate.fromMinute"
      :says="say('days.from')"
      @update:model-value="(fromMinute) => changeRate(k, { fromMinute })"
    />
    <n-input-number
      class="short"
      size="small"
      :value="rate.perHour"
      v-bind="LIMITS.ArrivalRate.perHour"
      :show-button="false"
      :input-props="{ 'aria-label': say('days.perHourSays') }"
      @update:value="(perHour) => changeRate(k, { perHour: perHour ?? 0 })"
      ><template #suffix>{{ say('days.perHour') }}</template></n-input-number
    >
    <button
      class="x"
      :aria-label="say('days.takeOut')"
      @click="arrivals = arrivals.filter((_, n) => n !== k)"
    >
      ×
    </button>
  </p>
  <p v-for="(burst, k) in bursts" :key="`b${k}`" class="break">
    {{ say('days.atOnce') }}
    <time-field
      :model-value="burst.atMinute"
      :says="say('days.atOnce')"
      @update:model-value="(atMinute) => changeBurst(k, { atMinute })"
    />
    <n-input-number
      class="short"
      size="small"
      :value="burst.faces"
      v-bind="LIMITS.ArrivalBurst.faces"
      :show-button="false"
      :precision="0"
      :input-props="{ 'aria-label': say('days.facesAtOnce') }"
      @update:value="(faces) => changeBurst(k, { faces: faces ?? 1 })"
      ><template #suffix>{{ say('days.faces') }}</template></n-input-number
    >
    <button class="x" :aria-label="say('days.takeOut')" @click="bursts = bursts.filter((_, n) => n !== k)">
      ×
    </button>
  </p>
  <div class="row">
    <n-button size="small" @click="addRate">{{ say('days.addRate') }}</n-button>
    <n-button size="small" @click="bursts = [...bursts, { atMinute: fromMinute + 60, faces: 8 }]">{{
      say('days.addBurst')
    }}</n-button>
  </div>
</template>

<style scoped src="./days.css"></style>
