<script setup lang="ts">
import { say } from '../texts'
import { computed } from 'vue'
import { skinAt, typologyAngle, undertone, type LabColour } from '../lib/skinDial'
import LabFields from './LabFields.vue'
import NamedSlider from './NamedSlider.vue'

const skin = defineModel<LabColour>({ required: true })
const angle = computed(() => typologyAngle(skin.value))
const tone = computed(() => undertone(skin.value))
</script>

<template>
  <lab-fields v-model="skin" :name="say('skinDial.skin')" />
  <div class="dial">
    <span class="faint">{{ say('skinDial.darker') }}</span>
    <named-slider
      :value="angle"
      :min="-60"
      :max="70"
      :step="1"
      :label="say('skinDial.typologyAngle')"
      @update:value="(v: number) => (skin = skinAt(v, tone))"
    />
    <span class="faint">{{ say('skinDial.lighter', { angle: Math.round(angle) }) }}</span>
    <span class="faint">{{ say('skinDial.rosy') }}</span>
    <named-slider
      :value="tone"
      :min="-4"
      :max="4"
      :step="0.5"
      :label="say('skinDial.undertone')"
      @update:value="(v: number) => (skin = skinAt(angle, v))"
    />
    <span class="faint">{{ say('skinDial.golden') }}</span>
  </div>
</template>

<style scoped>
.dial {
  display: grid;
  grid-template-columns: 48px 1fr 90px;
  gap: 2px 10px;
  align-items: center;
}
</style>
