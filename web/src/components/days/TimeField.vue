<script setup lang="ts">
import { ref, watch } from 'vue'
import { minuteOf, timeOfDay } from '../../lib/format'

/** A time of the day, kept as minutes after midnight; written as 15:30, 1530 or 15. */
const minute = defineModel<number>({ required: true })
defineProps<{
  /** What a screen reader says. */
  says: string
}>()

const text = ref(timeOfDay(minute.value))
watch(minute, (now) => (text.value = timeOfDay(now)))

/** What is no time of the day goes back to what it was. */
function set() {
  const found = minuteOf(text.value)
  if (found !== null) minute.value = found
  text.value = timeOfDay(minute.value)
}
</script>

<template>
  <input v-model="text" inputmode="numeric" maxlength="5" :aria-label="says" @change="set" />
</template>

<style scoped>
input {
  min-height: 30px;
  width: 66px;
  padding: 2px 8px;
  border: 1px solid var(--line);
  border-radius: 6px;
  background: var(--panel);
  color: inherit;
  font: inherit;
  font-variant-numeric: tabular-nums;
}
</style>
