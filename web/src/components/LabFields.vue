<script setup lang="ts">
import { NInputNumber } from 'naive-ui'
import type { LabColour } from '../lib/skinDial'

const colour = defineModel<LabColour>({ required: true })
defineProps<{ name: string }>()

const AXES = [
  ['l', 'L*'],
  ['a', 'a*'],
  ['b', 'b*'],
] as const

function set(axis: keyof LabColour, value: number | null) {
  if (value !== null) colour.value = { ...colour.value, [axis]: value }
}
</script>

<template>
  <div class="lab">
    <label v-for="[axis, label] in AXES" :key="axis">
      <span class="faint">{{ label }}</span>
      <n-input-number
        :value="colour[axis]"
        :step="0.5"
        :show-button="false"
        :input-props="{ 'aria-label': `${name} ${label}` }"
        @update:value="(v: number | null) => set(axis, v)"
      />
    </label>
  </div>
</template>

<style scoped>
.lab {
  display: grid;
  grid-template-columns: repeat(3, 1fr);
  gap: 10px;
}
</style>
