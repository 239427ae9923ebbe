<script setup lang="ts" generic="T extends string | number">
import { NRadioButton, NRadioGroup } from 'naive-ui'

/** A few words of which one holds. */
defineProps<{
  label: string
  value: T
  options: readonly { id: T; label: string }[]
}>()
const emit = defineEmits<{ 'update:value': [id: T] }>()
</script>

<template>
  <n-radio-group
    :value="value"
    size="small"
    :aria-label="label"
    @update:value="(id: T) => emit('update:value', id)"
  >
    <n-radio-button v-for="o in options" :key="o.id" :value="o.id" :label="o.label" />
  </n-radio-group>
</template>
