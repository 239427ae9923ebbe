<script setup lang="ts">
/** A day, in the browser's own calendar. */
const day = defineModel<string | null>({ required: true })
defineProps<{
  /** What a screen reader says. */
  says: string
  /** Latest day, as it is kept. */
  max?: string
}>()
</script>

<template>
  <input
    type="date"
    :value="day ?? ''"
    :max="max"
    :aria-label="says"
    @change="day = ($event.target as HTMLInputElement).value || null"
  />
</template>

<style scoped>
input {
  min-height: 30px;
  padding: 2px 8px;
  border: 1px solid var(--line);
  border-radius: 6px;
  background: var(--panel);
  color: inherit;
  font: inherit;
  color-scheme: light dark;
}
</style>
