<script setup lang="ts">
import { computed } from 'vue'
import type { SaveState } from '../lib/autosave'

const props = defineProps<{ state: SaveState; message: string }>()

const WORDS: Record<SaveState, string> = {
  saved: 'Saved',
  waiting: 'Not saved yet',
  saving: 'Saving …',
  offline: 'No connection. Kept in this browser',
  conflict: 'Changed elsewhere',
  refused: 'Not saved',
}
const tone = computed(() =>
  props.state === 'saved'
    ? 'good'
    : ['offline', 'waiting', 'saving'].includes(props.state)
      ? 'warning'
      : 'stop',
)
</script>

<template>
  <span role="status" :class="tone" :title="message">{{ WORDS[state] }}</span>
</template>
