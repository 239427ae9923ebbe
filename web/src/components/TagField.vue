<script setup lang="ts">
import { NInput } from 'naive-ui'
import { ref, useId } from 'vue'
import { say } from '../texts'

/** Words by which something is found again; those that others have are offered. */
const tags = defineModel<string[]>({ required: true })
const props = defineProps<{ known: string[]; most: number; longest: number }>()

const list = useId()
const typed = ref('')

function add() {
  const tag = typed.value.trim().toLowerCase()
  typed.value = ''
  if (tag && !tags.value.includes(tag) && tags.value.length < props.most) tags.value = [...tags.value, tag]
}
</script>

<template>
  <div class="tags">
    <span class="chips">
      <button
        v-for="tag in tags"
        :key="tag"
        :aria-label="say('gallery.takeOff', { tag })"
        @click="tags = tags.filter((t) => t !== tag)"
      >
        {{ tag }} ✕
      </button>
    </span>
    <n-input
      v-if="tags.length < most"
      v-model:value="typed"
      size="small"
      :maxlength="longest"
      :placeholder="say('gallery.addATag')"
      :input-props="{ 'aria-label': say('gallery.addATag'), list }"
      @keydown.enter="add"
      @blur="add"
    />
    <datalist :id="list">
      <option v-for="k in known" :key="k" :value="k" />
    </datalist>
  </div>
</template>

<style scoped>
.tags {
  display: grid;
  gap: 6px;
}
</style>
