<script setup lang="ts">
import { NButton, NSelect, useMessage } from 'naive-ui'
import { ref } from 'vue'
import { entrance, people } from '../api/account'
import { useSession } from '../stores/session'
import { say } from '../texts'
import InfoCard from './InfoCard.vue'
import TextField from './TextField.vue'

/** What the studio is called, and which others the account belongs to. */
const message = useMessage()
const session = useSession()
const name = ref(session.session?.studio?.name ?? '')
const fresh = ref('')

async function attempt(work: () => Promise<unknown>, again: boolean) {
  try {
    await work()
    // Another studio has other looks, faces and kits.
    if (again) window.location.assign('/looks')
    else await session.load()
  } catch (error) {
    message.error((error as Error).message, { duration: 9000, closable: true })
  }
}

const choose = (id: string) =>
  attempt(() => entrance.studio(session.session!.studios.find((s) => s.id === id)!), true)
</script>

<template>
  <info-card :title="say('studioName.title')">
    <div v-if="session.isOwner" class="row">
      <text-field v-model="name" :label="say('studioName.name')" />
      <n-button
        size="large"
        :disabled="!name.trim()"
        @click="attempt(() => people.renameStudio(name), false)"
        >{{ say('studioName.rename') }}</n-button
      >
    </div>
    <div v-if="(session.session?.studios.length ?? 0) > 1" class="row">
      <n-select
        class="which"
        :value="session.session?.studio?.id"
        :options="session.session?.studios.map((s) => ({ value: s.id, label: s.name }))"
        :aria-label="say('studioName.which')"
        @update:value="choose"
      />
    </div>
    <div v-if="!session.session?.demo" class="row">
      <text-field v-model="fresh" :label="say('studioName.another')" />
      <n-button
        size="large"
        :disabled="!fresh.trim()"
        @click="attempt(() => people.addStudio(fresh), true)"
        >{{ say('studioName.make') }}</n-button
      >
    </div>
  </info-card>
</template>

<style scoped>
.row {
  display: flex;
  flex-wrap: wrap;
  align-items: end;
  gap: 10px 14px;
}

.row > label,
.which {
  flex: 1 1 240px;
}
</style>
