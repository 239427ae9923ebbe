<script setup lang="ts">
import { NButton, useMessage } from 'naive-ui'
import { ref } from 'vue'
import { useRouter } from 'vue-router'
import { useLook } from '../stores/look'
import { say } from '../texts'
import BothSides from './BothSides.vue'

/** What stands in the way of saving, and what to do about it. */
const router = useRouter()
const message = useMessage()
const lookDoc = useLook()
const comparing = ref(false)

async function compare() {
  if (!lookDoc.conflict) await lookDoc.collide()
  comparing.value = lookDoc.conflict !== null
}

async function copyMine() {
  try {
    await router.push(`/looks/${await lookDoc.saveAsCopy()}`)
  } catch (error) {
    message.error((error as Error).message)
  }
}
</script>

<template>
  <div v-if="lookDoc.saveState === 'conflict'" class="notice" role="alert">
    <span>{{ say('saveNotice.changedElsewhere') }}</span>
    <n-button size="small" type="primary" @click="compare">{{ say('saveNotice.compareAndChoose') }}</n-button>
    <n-button size="small" @click="lookDoc.takeTheirs()">{{ say('saveNotice.loadTheNewest') }}</n-button>
    <n-button size="small" @click="copyMine">{{ say('saveNotice.saveMineAsACopy') }}</n-button>
  </div>
  <div
    v-else-if="lookDoc.saveState === 'offline' || lookDoc.saveState === 'refused'"
    class="notice"
    role="alert"
  >
    <span>{{ lookDoc.saveMessage }}</span>
    <n-button size="small" @click="lookDoc.save()">{{ say('saveNotice.tryNow') }}</n-button>
  </div>
  <both-sides v-model:show="comparing" />
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
