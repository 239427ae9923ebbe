<script setup lang="ts">
import { useCatalogue } from '../stores/catalogue'
import { say } from '../texts'
import SideList from './SideList.vue'

/** Everybody who is painted here. */
defineProps<{ here: string | undefined }>()
const emit = defineEmits<{ add: [] }>()

const catalogue = useCatalogue()
</script>

<template>
  <side-list :title="say('faceList.faces')" :add-label="say('faceList.newFace')" @add="emit('add')">
    <router-link
      v-for="f in catalogue.faces"
      :key="f.id"
      :to="`/faces/${f.id}`"
      class="entry face"
      :class="{ here: f.id === here }"
    >
      <span class="tone" :style="{ background: f.skinColour }" />
      <span
        >{{ f.face.name }}<br /><span class="faint">{{
          say('faceList.skin', { skinClass: f.skinClass })
        }}</span></span
      >
    </router-link>
  </side-list>
</template>

<style scoped>
.face {
  display: grid;
  grid-template-columns: 34px 1fr;
  gap: 10px;
  align-items: center;
}

.tone {
  width: 34px;
  height: 34px;
  border-radius: 50%;
  border: 1px solid var(--swatch-line);
}
</style>
