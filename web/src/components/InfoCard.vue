<script setup lang="ts">
/** One matter of a page: its name, what it is about, and what can be done. */
defineProps<{ title: string; says?: string }>()
</script>

<template>
  <section class="info">
    <h2>{{ title }}</h2>
    <p v-if="says" class="faint">{{ says }}</p>
    <slot />
  </section>
</template>

<style scoped>
.info {
  display: grid;
  gap: 10px;
  padding: 16px 18px;
  border: 1px solid var(--line);
  border-radius: 10px;
  background: var(--panel);
}

h2,
p {
  margin: 0;
}

h2 {
  font-size: 17px;
}
</style>
