<script setup lang="ts">
import type { Packed } from '../api/client'
import { say } from '../texts'

/** What must be done on which day before and during a case's evenings. */
defineProps<{ days: Packed['calendar'] }>()
</script>

<template>
  <section :aria-label="say('calendarList.title')">
    <h3>{{ say('calendarList.title') }}</h3>
    <p v-if="!days.length" class="faint">{{ say('calendarList.open') }}</p>
    <ul v-else>
      <li v-for="d in days" :key="`${d.on} ${d.what}`">
        <b>{{ d.on }}</b>
        <span
          >{{ d.what }}<span v-if="d.why" class="faint"> · {{ d.why }}</span></span
        >
      </li>
    </ul>
  </section>
</template>

<style scoped>
h3 {
  margin: 16px 0 4px;
}

ul {
  list-style: none;
  margin: 0;
  padding: 0;
}

li {
  display: grid;
  grid-template-columns: 92px 1fr;
  gap: 8px;
  padding: 3px 0;
}
</style>
