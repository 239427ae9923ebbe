<script setup lang="ts">
import { NInputNumber } from 'naive-ui'
import FieldRow from './FieldRow.vue'

/** A line of an inspector with one number and its unit; an emptied field changes nothing. */
const { step = 1 } = defineProps<{
  label: string
  value: number
  unit: string
  min: number
  max: number
  step?: number
}>()
const emit = defineEmits<{ 'update:value': [value: number] }>()
</script>

<template>
  <field-row :label="label">
    <n-input-number
      size="small"
      class="number"
      :value="value"
      :min="min"
      :max="max"
      :step="step"
      :input-props="{ 'aria-label': `${label}, ${unit}` }"
      @update:value="(v: number | null) => v !== null && emit('update:value', v)"
      ><template #suffix>{{ unit }}</template></n-input-number
    >
  </field-row>
</template>

<style scoped>
.number {
  width: 128px;
}
</style>
