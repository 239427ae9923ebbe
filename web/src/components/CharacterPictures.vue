<script setup lang="ts">
import { NButton } from 'naive-ui'
import { ref } from 'vue'
import { picture } from '../api/addresses'
import { ENTRIES } from '../api/limits'
import { useReferences } from '../stores/references'
import { say } from '../texts'
import DialogBox from './DialogBox.vue'
import PictureShelf from './PictureShelf.vue'

/** Pictures that show what a character shall look like; they go on the crew's sheet. */
const ids = defineModel<string[]>({ required: true })

const references = useReferences()
const shown = ref<string | null>(null)

function takeDown() {
  ids.value = ids.value.filter((id) => id !== shown.value)
  shown.value = null
}
</script>

<template>
  <div>
    <h2>{{ say('references.pictures') }}</h2>
    <picture-shelf
      :ids="ids"
      :most="ENTRIES.Character.references"
      @choose="(id) => (shown = id)"
      @hang="(id) => (ids = [...ids, id])"
    />
    <dialog-box
      :show="shown !== null"
      :title="shown ? references.nameOf(shown) : ''"
      :width-px="640"
      @update:show="shown = null"
    >
      <img v-if="shown" :src="picture.reference(shown)" :alt="references.nameOf(shown)" />
      <n-button @click="takeDown">{{ say('references.unpin') }}</n-button>
    </dialog-box>
  </div>
</template>

<style scoped>
h2 {
  margin: 22px 0 4px;
  font-size: 16px;
}

img {
  display: block;
  max-width: 100%;
  max-height: 62vh;
  margin: 0 auto 12px;
}
</style>
