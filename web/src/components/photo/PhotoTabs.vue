<script setup lang="ts">
import type { PhotoDesk } from '../../lib/usePhotoDesk'
import { say } from '../../texts'

/** The photos on the desk, each with how well its points fit one body. */
defineProps<{ desk: PhotoDesk; missesMm: readonly number[] }>()
</script>

<template>
  <div class="tabs" role="group" :aria-label="say('shots.photos')">
    <button
      v-for="(s, k) in desk.shots.value"
      :key="s.id"
      :aria-pressed="s === desk.shown.value"
      :title="s.name"
      @click="desk.putOnTop(s.id)"
    >
      {{ say('shots.photoN', { n: k + 1 }) }}
      <small v-if="missesMm[k] !== undefined">{{
        say('shots.missMm', { mm: missesMm[k]!.toFixed(1) })
      }}</small>
    </button>
    <slot />
  </div>
</template>

<style scoped src="./photos.css"></style>
