<script setup lang="ts">
import type { LookHead } from '../api/client'
import { say } from '../texts'
import SideList from './SideList.vue'

/** Every character of the studio. */
defineProps<{ characters: LookHead[]; here: string | undefined }>()
const emit = defineEmits<{ add: [] }>()
</script>

<template>
  <side-list :title="say('characters.troupe')" :add-label="say('characters.new')" @add="emit('add')">
    <router-link
      v-for="c in characters"
      :key="c.id"
      :to="`/characters/${c.id}`"
      class="entry"
      :class="{ here: c.id === here }"
      >{{ c.name }}</router-link
    >
  </side-list>
</template>
