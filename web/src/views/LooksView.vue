<script setup lang="ts">
import { useSession } from '../stores/session'
import { say } from '../texts'
import { NButton, NInput, NSelect, useMessage } from 'naive-ui'
import { computed, onMounted, ref } from 'vue'
import { useRouter } from 'vue-router'
import { api, picture, type Look, type LookHead } from '../api/client'
import FileButton from '../components/FileButton.vue'
import LookCard from '../components/LookCard.vue'
import RemovedMenu from '../components/RemovedMenu.vue'
import { useCatalogue } from '../stores/catalogue'
import { usePreferences } from '../stores/preferences'

const session = useSession()

const router = useRouter()
const message = useMessage()
const catalogue = useCatalogue()
const preferences = usePreferences()
const looks = ref<LookHead[] | null>(null)
const problem = ref('')
const search = ref('')

const found = computed(() =>
  (looks.value ?? []).filter((l) => l.name.toLowerCase().includes(search.value.trim().toLowerCase())),
)

async function load() {
  problem.value = ''
  try {
    looks.value = await api.looks()
  } catch (error) {
    problem.value = (error as Error).message
  }
}

async function attempt(work: () => Promise<void>) {
  try {
    await work()
  } catch (error) {
    message.error((error as Error).message, { duration: 9000, closable: true })
  }
}

const create = () =>
  attempt(async () => {
    const empty: Look = {
      name: say('looksView.newLook'),
      notes: '',
      mapping: 'pencil',
      parts: [],
    }
    const saved = await api.addLook(empty)
    await router.push(`/looks/${saved.id}`)
  })

const MOST_STUDIO_BYTES = 64_000_000

async function importStudio(file: File) {
  if (file.size > MOST_STUDIO_BYTES) throw new Error(say('looksView.studioTooLarge'))
  const { added, same } = await api.importStudio(file)
  await Promise.all([load(), catalogue.loadFaces(), catalogue.loadKits(), catalogue.loadSettings()])
  const names = added.map((d) => d.name).join(', ')
  message.success(
    added.length === 0
      ? say('looksView.nothingNew')
      : say('looksView.broughtIn', { added: added.length, names, same }),
    { duration: 9000, closable: true },
  )
}

const importFile = (file: File) =>
  attempt(async () => {
    if (/\.zip$/i.test(file.name)) return importStudio(file)
    const saved = await api.importLook(await file.text())
    await router.push(`/looks/${saved.id}`)
  })

onMounted(load)
</script>

<template>
  <div class="looks">
    <header>
      <h1>{{ say('looksView.looks') }}</h1>
      <label class="shown">
        <span class="faint">{{ say('looksView.shownOn') }}</span>
        <n-select
          v-model:value="preferences.face"
          :options="catalogue.faces.map((f) => ({ label: f.face.name, value: f.id }))"
          :aria-label="say('looksView.faceTheLooksAreShownOn')"
          style="width: 210px"
        />
      </label>
      <label class="shown">
        <span class="faint">{{ say('looksView.for') }}</span>
        <n-select
          v-model:value="preferences.setting"
          :options="catalogue.settings.map((s) => ({ label: s.name, value: s.id }))"
          :aria-label="say('looksView.setting')"
          style="width: 180px"
        />
      </label>
      <n-input
        v-if="(looks?.length ?? 0) > 5 || search"
        v-model:value="search"
        clearable
        :placeholder="say('looksView.findALook')"
        :input-props="{ 'aria-label': say('looksView.findALookByItsName') }"
        style="width: 160px"
      />
      <span class="gap" />
      <removed-menu kind="looks" :after="looks" @back="load" />
      <a v-if="session.isOwner" class="link" :href="picture.studio()" download>{{
        say('looksView.wholeStudio')
      }}</a>
      <file-button
        v-if="session.canChange"
        :label="say('looksView.openALookFile')"
        :says="say('looksView.lookFile')"
        accept=".json,.zip,application/json,application/zip"
        @chosen="importFile"
      />
      <n-button v-if="session.canChange" type="primary" @click="create">{{
        say('looksView.newLook')
      }}</n-button>
    </header>

    <p v-if="problem" role="alert" class="stop">{{ problem }}</p>
    <div v-else-if="looks && looks.length === 0" class="empty">
      <h2>{{ say('looksView.noLooksYet') }}</h2>
      <p class="faint">{{ say('looksView.aLookIsACharacterParts') }}</p>
      <n-button v-if="session.canChange" type="primary" size="large" @click="create">{{
        say('looksView.makeTheFirstLook')
      }}</n-button>
    </div>
    <p v-else-if="looks && found.length === 0" class="faint">
      {{ say('looksView.noLookHasInItsName', { search }) }}
    </p>
    <ul v-else class="gallery">
      <look-card v-for="look in found" :key="look.id" :look="look" :reload="load" />
    </ul>
  </div>
</template>

<style scoped>
.looks {
  padding: 22px 28px 40px;
}

header {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 10px 16px;
  margin-bottom: 22px;
}

.shown {
  display: flex;
  align-items: center;
  gap: 8px;
}

.gap {
  flex: 1;
}

.gallery {
  list-style: none;
  margin: 0;
  padding: 0;
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(260px, 350px));
  gap: 22px;
}

.empty {
  display: grid;
  justify-items: center;
  gap: 12px;
  padding: 80px 0;
}
</style>
