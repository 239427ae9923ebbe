<script setup lang="ts">
import { NButton, NProgress } from 'naive-ui'
import type { PhotoDesk } from '../../lib/usePhotoDesk'
import { say } from '../../texts'
import FileButton from '../FileButton.vue'
import LivePhoto from './LivePhoto.vue'

/** Photos brought as files, from the camera or from the demo, with how far the search for the face is; what is done with them stands at the end. */
defineProps<{ desk: PhotoDesk; says: string; demo: string }>()
const emit = defineEmits<{ demo: [] }>()
</script>

<template>
  <div class="row">
    <file-button
      :label="desk.shots.value.length ? say('shots.anotherPhoto') : says"
      :says="says"
      accept="image/*"
      :loading="desk.busy.value"
      @chosen="desk.bring"
    />
    <live-photo @taken="desk.taken" />
    <n-button v-if="!desk.shots.value.length" @click="emit('demo')">{{ demo }}</n-button>
    <template v-if="desk.busy.value">
      <n-progress
        class="progress"
        type="line"
        :percentage="Math.round(100 * (desk.searching.value ?? 0))"
        :show-indicator="false"
      />
      <span class="faint">{{ say('shots.looking') }}</span>
      <n-button size="small" @click="desk.stop">{{ say('shots.stop') }}</n-button>
    </template>
    <span class="gap" />
    <slot />
  </div>
  <p v-if="desk.said.value" role="status" class="said">{{ desk.said.value }}</p>
</template>

<style scoped src="./photos.css"></style>
