<script setup lang="ts">
import FieldRow from './FieldRow.vue'
import NumberBox from './NumberBox.vue'

/** A line of an inspector with one number and its unit, if it has one; an emptied field changes nothing. */
const {
  step = 1,
  value = null,
  unit = '',
  precision = undefined,
} = defineProps<{
  label: string
  value?: number | null
  unit?: string
  min: number
  max: number
  step?: number
  precision?: number
}>()
const emit = defineEmits<{ 'update:value': [value: number] }>()
</script>

<template>
  <field-row :label="label">
    <number-box
      size="small"
      class="number"
      :value="value"
      :min="min"
      :max="max"
      :step="step"
      :precision="precision"
      :says="unit ? `${label}, ${unit}` : label"
      @update:value="(v: number | null) => v !== null && emit('update:value', v)"
      ><template v-if="unit" #suffix>{{ unit }}</template></number-box
    >
  </field-row>
</template>

<style scoped>
.number {
  width: 128px;
}
</style>
