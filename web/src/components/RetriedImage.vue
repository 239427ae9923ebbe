<script setup lang="ts">
import { ref } from 'vue'

/** A picture that, when it did not come because the service was busy or away, is asked for again by and by. */
defineProps<{ src: string; alt: string; width: number; height: number }>()

const TRIES = 4
const PAUSE_MS = 2000
const tries = ref(0)
function failed() {
  if (tries.value < TRIES) window.setTimeout(() => tries.value++, PAUSE_MS * (tries.value + 1))
}
</script>

<template>
  <img :key="tries" :src="src" :alt="alt" :width="width" :height="height" @error="failed" />
</template>
