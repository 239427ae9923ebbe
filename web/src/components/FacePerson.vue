<script setup lang="ts">
import type { FaceResource } from '../api/client'
import { say } from '../texts'
import PhotoPicker from './PhotoPicker.vue'
import SkinDial from './SkinDial.vue'
import WearerCautions from './WearerCautions.vue'

/** How the person looks: body and skin, and what to know of them before painting. */
const skin = defineModel<{ l: number; a: number; b: number }>('skin', { required: true })
const cautions = defineModel<FaceResource['face']['cautions']>('cautions', { required: true })
defineProps<{
  /** Picture of the body with the measures in hand. */
  preview: string | undefined
  problem: string
  stored: FaceResource
}>()
</script>

<template>
  <div>
    <img
      v-if="preview"
      :src="preview"
      :alt="say('facePerson.theBodyWithTheseMeasures')"
      width="320"
      height="360"
    />
    <p v-if="problem" class="stop" role="alert">{{ problem }}</p>
    <h2>{{ say('facePerson.skinTone') }}</h2>
    <p class="faint">
      {{
        say('facePerson.cielabInDaylightSavedAsTypology', {
          skinClass: stored.skinClass,
          typologyAngleDeg: stored.typologyAngleDeg,
        })
      }}
    </p>
    <skin-dial v-model="skin" />
    <div>
      <photo-picker
        :what="say('facePerson.theBareSkin')"
        :label="say('facePerson.fromAPhotoWithWhitePaper')"
        @picked="(colour) => (skin = colour)"
      />
    </div>
    <wearer-cautions v-model="cautions" />
  </div>
</template>

<style scoped>
img {
  width: 100%;
  height: auto;
  border-radius: 10px;
}

@media (width <= 1000px) {
  img {
    max-width: 260px;
  }
}
</style>
