<script setup lang="ts">
/** A line of an inspector: the name of a thing, and what sets it. */
const { tag = 'div' } = defineProps<{
  label: string
  /** `label` where a click on the name should reach the control. */
  tag?: 'div' | 'label'
}>()
</script>

<template>
  <component :is="tag" class="line">
    <span class="faint">{{ label }}</span>
    <slot />
  </component>
</template>

<style scoped>
.line {
  display: flex;
  justify-content: space-between;
  align-items: center;
  gap: 10px;
  min-height: 32px;
}
</style>
