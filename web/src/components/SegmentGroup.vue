<script setup lang="ts" generic="T extends string">
/** A few choices side by side of which one holds. */
defineProps<{
  label: string
  value: T
  options: readonly { id: T; label: string; title: string; key?: string }[]
}>()
const emit = defineEmits<{ 'update:value': [id: T] }>()
</script>

<template>
  <div class="segments" role="group" :aria-label="label">
    <button
      v-for="o in options"
      :key="o.id"
      :aria-pressed="value === o.id"
      :title="o.title"
      @click="emit('update:value', o.id)"
    >
      {{ o.label }}<kbd v-if="o.key" aria-hidden="true">{{ o.key }}</kbd>
    </button>
  </div>
</template>

<style scoped>
kbd {
  margin-left: 5px;
  font: inherit;
  font-size: 0.78em;
  color: var(--faint);
}

@media (width <= 1240px) {
  kbd {
    display: none;
  }
}
</style>
