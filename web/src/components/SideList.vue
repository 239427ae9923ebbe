<script setup lang="ts">
import { NButton } from 'naive-ui'
import { useSession } from '../stores/session'

/** Everything of a kind that there is, down the side of a page, and a new one. */
defineProps<{ title: string; addLabel: string }>()
const emit = defineEmits<{ add: [] }>()

const session = useSession()
</script>

<template>
  <aside class="list">
    <h1>{{ title }}</h1>
    <slot />
    <n-button v-if="session.canChange" block @click="emit('add')">{{ addLabel }}</n-button>
  </aside>
</template>

<style scoped>
.list {
  padding: 22px 14px;
  border-right: 1px solid var(--line);
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  gap: 6px;
  align-content: start;
}

.list h1 {
  padding: 0 8px 10px;
}

/* Narrow as it is, its title still fits. */
@media (640px < width <= 1100px) {
  .list h1 {
    padding: 0 0 10px;
    font-size: 20px;
  }
}

.list :slotted(.entry) {
  padding: 7px 8px;
  border-radius: 9px;
  color: inherit;
  text-decoration: none;
}

.list :slotted(.entry:hover),
.list :slotted(.entry.here) {
  background: var(--accent-soft);
}
</style>
