<script setup lang="ts">
import NumberBox from './NumberBox.vue'

/** A number with its name above it and its unit in it. */
const value = defineModel<number | undefined>({ required: true })
defineProps<{
  label: string
  /** What a screen reader says, where that is more than the name. */
  says?: string
  unit?: string
  min: number
  max: number
}>()
</script>

<template>
  <label>
    <span class="faint">{{ label }}</span>
    <number-box
      :value="value ?? null"
      :min="min"
      :max="max"
      :show-button="!unit"
      :says="unit ? `${says ?? label}, ${unit}` : (says ?? label)"
      @update:value="(v: number | null) => v !== null && (value = v)"
    >
      <template v-if="unit" #suffix>{{ unit }}</template>
    </number-box>
  </label>
</template>

<style scoped>
label {
  display: grid;
  gap: 6px;
}
</style>
