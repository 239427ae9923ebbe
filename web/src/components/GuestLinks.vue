<script setup lang="ts">
import { NButton, NSelect, useMessage } from 'naive-ui'
import { onMounted, ref } from 'vue'
import { people, type GuestLink } from '../api/account'
import { api, type LookHead } from '../api/client'
import { useCatalogue } from '../stores/catalogue'
import { usePreferences } from '../stores/preferences'
import { say } from '../texts'
import InfoCard from './InfoCard.vue'
import OneLink from './OneLink.vue'

/** Links that show one look on one face to whoever holds them. */
const DAYS = 14

const message = useMessage()
const catalogue = useCatalogue()
const preferences = usePreferences()
const links = ref<GuestLink[]>([])
const looks = ref<LookHead[]>([])
const look = ref('')
const face = ref(preferences.face)
const link = ref('')

async function attempt(work: () => Promise<unknown>) {
  try {
    await work()
  } catch (error) {
    message.error((error as Error).message, { duration: 9000, closable: true })
  }
  links.value = await people.guests()
}

const make = () =>
  attempt(async () => {
    const wish = {
      lookId: look.value,
      faceId: face.value,
      kitId: preferences.kit,
      settingId: preferences.setting,
      days: DAYS,
    }
    link.value = (await people.addGuest(wish)).path
  })

onMounted(() =>
  attempt(async () => {
    looks.value = await api.looks()
    look.value = looks.value[0]?.id ?? ''
  }),
)
</script>

<template>
  <info-card :title="say('guestLinks.title')" :says="say('guestLinks.says', { days: DAYS })">
    <div v-for="l in links" :key="l.id" class="one">
      <span class="grow">{{ say('guestLinks.shows', { look: l.look, face: l.face }) }}</span>
      <span class="faint">{{
        say('guestLinks.until', { day: new Date(l.expiresAt).toLocaleDateString() })
      }}</span>
      <n-button size="small" @click="attempt(() => people.endGuest(l.id))">{{
        say('guestLinks.end')
      }}</n-button>
    </div>
    <div class="one">
      <n-select
        v-model:value="look"
        class="which"
        size="small"
        filterable
        :options="looks.map((l) => ({ value: l.id, label: l.name }))"
        :aria-label="say('guestLinks.look')"
      />
      <n-select
        v-model:value="face"
        class="which"
        size="small"
        filterable
        :options="catalogue.faces.map((f) => ({ value: f.id, label: f.face.name }))"
        :aria-label="say('guestLinks.face')"
      />
      <n-button size="small" type="primary" :disabled="!look" @click="make">{{
        say('guestLinks.make')
      }}</n-button>
    </div>
    <one-link v-if="link" :path="link" :says="say('guestLinks.link')" />
  </info-card>
</template>

<style scoped>
.one {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 8px 10px;
}

.grow {
  flex: 1;
}

.which {
  width: 220px;
}
</style>
