<script setup lang="ts">
import { say } from '../texts'
import { computed } from 'vue'
import type { SaveState } from '../lib/autosave'

const props = defineProps<{ state: SaveState; message: string }>()

const WORDS: Record<SaveState, string> = {
  saved: say('saveState.saved'),
  waiting: say('saveState.notSavedYet'),
  saving: say('saveState.saving'),
  offline: say('saveState.noConnectionKeptInThisBrowser'),
  conflict: say('saveState.changedElsewhere'),
  refused: say('saveState.notSaved'),
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
