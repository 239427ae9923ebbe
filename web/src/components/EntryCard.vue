<script setup lang="ts">
/** One thing to fill in before anything else: a card in the middle of the page. */
defineProps<{ title: string; says?: string; problem?: string }>()
const emit = defineEmits<{ submit: [] }>()
</script>

<template>
  <div class="entry">
    <form class="card" @submit.prevent="emit('submit')">
      <h1>{{ title }}</h1>
      <p v-if="says" class="faint">{{ says }}</p>
      <slot />
      <p v-if="problem" class="stop" role="alert">{{ problem }}</p>
      <slot name="more" />
    </form>
  </div>
</template>

<style scoped>
.entry {
  min-height: 100%;
  display: grid;
  place-items: center;
  padding: 24px 16px;
}

.card {
  width: min(400px, 100%);
  display: grid;
  gap: 14px;
  padding: 26px 28px;
  border: 1px solid var(--line);
  border-radius: 12px;
  background: var(--panel);
}

h1,
p {
  margin: 0;
}
</style>
