<script setup lang="ts">
import { NButton, useMessage } from 'naive-ui'
import { ref } from 'vue'
import type { SavedDocument } from '../lib/document'
import { say } from '../texts'
import BothSides from './BothSides.vue'

/** What stands in the way of saving, and what to do about it. */
const props = defineProps<{ doc: SavedDocument }>()
const emit = defineEmits<{ copied: [id: string] }>()

const message = useMessage()
const comparing = ref(false)

async function compare() {
  if (!props.doc.conflict) await props.doc.collide()
  comparing.value = props.doc.conflict !== null
}

async function copyMine() {
  try {
    emit('copied', await props.doc.saveAsCopy())
  } catch (error) {
    message.error((error as Error).message)
  }
}
</script>

<template>
  <div v-if="doc.saveState === 'conflict'" class="notice" role="alert">
    <span>{{ say('saveNotice.changedElsewhere') }}</span>
    <n-button size="small" type="primary" @click="compare">{{ say('saveNotice.compareAndChoose') }}</n-button>
    <n-button size="small" @click="doc.takeTheirs()">{{ say('saveNotice.loadTheNewest') }}</n-button>
    <n-button size="small" @click="copyMine">{{ say('saveNotice.saveMineAsACopy') }}</n-button>
  </div>
  <div v-else-if="doc.saveState === 'offline' || doc.saveState === 'refused'" class="notice" role="alert">
    <span>{{ doc.saveMessage }}</span>
    <n-button size="small" @click="doc.save()">{{ say('saveNotice.tryNow') }}</n-button>
  </div>
  <both-sides v-model:show="comparing" :doc="doc" />
</template>

<style scoped>
.notice {
  display: flex;
  align-items: center;
  gap: 10px;
  padding: 7px 14px;
  background: color-mix(in srgb, var(--warning) 16%, var(--panel));
  border-bottom: 1px solid var(--line);
}

.notice span {
  flex: 1;
}
</style>
