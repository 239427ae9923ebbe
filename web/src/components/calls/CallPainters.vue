<script setup lang="ts">
import { NButton, NInput, NInputNumber } from 'naive-ui'
import FileButton from '../FileButton.vue'
import type { Production } from '../../api/types'
import { LETTERS, LIMITS } from '../../api/limits'
import { productions } from '../../api/productionCalls'
import { useAttempt } from '../../lib/attempt'
import { say } from '../../texts'
import TimeField from '../days/TimeField.vue'

/** Who paints: how quick, from when, and when they are elsewhere, out of their own calendar. */
const painters = defineModel<Production['painters']>({ required: true })
const props = defineProps<{ days: string[] }>()
const attempt = useAttempt()

type Painter = Production['painters'][number]
const change = (k: number, by: Partial<Painter>) =>
  (painters.value = painters.value.map((p, n) => (n === k ? { ...p, ...by } : p)))

const add = () =>
  (painters.value = [
    ...painters.value,
    { name: say('days.painterN', { n: painters.value.length + 1 }), timePercent: 100 },
  ])

const bring = (k: number, file: File) =>
  attempt(async () => change(k, { busy: await productions.availability(await file.text(), props.days) }))
</script>

<template>
  <div v-for="(p, k) in painters" :key="k" class="painter">
    <div class="row">
      <n-input
        size="small"
        :value="p.name"
        :maxlength="LETTERS.CallPainter.name"
        :input-props="{ 'aria-label': say('days.painterName') }"
        @update:value="(name) => change(k, { name })"
      />
      <button
        class="x"
        :aria-label="say('days.takeOut')"
        @click="painters = painters.filter((_, n) => n !== k)"
      >
        ×
      </button>
    </div>
    <div class="row">
      <n-input-number
        size="small"
        :value="p.timePercent"
        v-bind="LIMITS.CallPainter.timePercent"
        :show-button="false"
        :precision="0"
        :title="say('days.timePercentTitle')"
        :input-props="{ 'aria-label': say('days.timePercent') }"
        @update:value="(timePercent) => change(k, { timePercent: timePercent ?? 100 })"
        ><template #suffix>%</template></n-input-number
      >
      <label
        >{{ say('calls.from') }}
        <time-field
          :model-value="p.fromMinute ?? 0"
          :says="say('calls.painterFrom')"
          @update:model-value="(m) => change(k, { fromMinute: m || null })"
      /></label>
      <file-button
        size="small"
        :label="say('calls.calendarIn')"
        :says="say('calls.calendarInSays', { painter: p.name })"
        accept=".ics,text/calendar"
        @chosen="(file) => bring(k, file)"
      />
    </div>
    <p v-if="p.busy?.length" class="faint">
      {{ say('calls.busy', { times: p.busy.length }) }}
      <n-button size="tiny" quaternary @click="change(k, { busy: [] })">{{
        say('calls.forgetBusy')
      }}</n-button>
    </p>
  </div>
  <n-button size="small" @click="add">{{ say('days.addPainter') }}</n-button>
</template>

<style scoped src="./calls.css"></style>
