<script setup lang="ts">
import { useAttempt } from '../lib/attempt'
import { useSession } from '../stores/session'
import { say } from '../texts'
import { NButton, NSelect, useMessage } from 'naive-ui'
import { computed, onBeforeUnmount, onMounted, ref, watch } from 'vue'
import { useRouter } from 'vue-router'
import { picture } from '../api/addresses'
import { api, type GalleryEntry } from '../api/client'
import { EVERYTHING, found as wantedOf, type Wanted } from '../lib/gallery'
import FileButton from '../components/FileButton.vue'
import GalleryFilters from '../components/GalleryFilters.vue'
import LookCard from '../components/LookCard.vue'
import RemovedMenu from '../components/RemovedMenu.vue'
import TwoLooks from '../components/TwoLooks.vue'
import { useCatalogue } from '../stores/catalogue'
import { usePreferences } from '../stores/preferences'

const session = useSession()

const router = useRouter()
const message = useMessage()
const attempt = useAttempt()
const catalogue = useCatalogue()
const preferences = usePreferences()
const looks = ref<GalleryEntry[] | null>(null)
const problem = ref('')
const wanted = ref<Wanted>(EVERYTHING)
const compared = ref<string[]>([])
const comparing = ref(false)

const found = computed(() => wantedOf(looks.value ?? [], wanted.value))
const drawn = computed(() => (looks.value ?? []).filter((l) => l.facts).length)
const two = computed(() => compared.value.flatMap((id) => (looks.value ?? []).filter((l) => l.id === id)))

// While some are still being drawn it is asked for again: that they are known, and that the service has not forgotten them.
const AGAIN_MS = 2500
// So often without another one drawn; what is left then cannot be, and says so when it is opened.
const MOST_IN_VAIN = 12
let timer = 0
let inVain = 0
const waits = ref(false)
async function load() {
  window.clearTimeout(timer)
  const { face, kit, setting } = preferences
  if (!face || !kit || !setting) return
  problem.value = ''
  try {
    const [before, now] = [drawn.value, await api.gallery(face, kit, setting)]
    looks.value = now
    inVain = drawn.value > before ? 0 : inVain + 1
    waits.value = drawn.value < now.length && inVain < MOST_IN_VAIN
    if (waits.value) timer = window.setTimeout(() => void load(), AGAIN_MS)
  } catch (error) {
    problem.value = (error as Error).message
  }
}

/** Two at the most: a third takes the place of the first. */
function compare(id: string) {
  compared.value = compared.value.includes(id)
    ? compared.value.filter((c) => c !== id)
    : [...compared.value, id].slice(-2)
}

const create = () => router.push('/new')

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
onBeforeUnmount(() => window.clearTimeout(timer))
watch(
  () => [preferences.face, preferences.kit, preferences.setting],
  () => {
    inVain = 0
    void load()
  },
)
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

    <gallery-filters v-if="(looks?.length ?? 0) > 5" v-model="wanted" :looks="looks ?? []" />
    <p v-if="looks && waits" class="faint" role="status">
      {{ say('gallery.drawing', { drawn, all: looks.length }) }}
    </p>
    <div v-if="compared.length" class="compare">
      <span>{{ say('gallery.toCompare', { names: two.map((l) => l.name).join(', ') }) }}</span>
      <n-button size="small" type="primary" :disabled="two.length < 2" @click="comparing = true">{{
        say('gallery.compare')
      }}</n-button>
      <n-button size="small" quaternary @click="compared = []">{{ say('gallery.neither') }}</n-button>
    </div>
    <two-looks v-model:show="comparing" :looks="two" />
    <p v-if="problem" role="alert" class="stop">{{ problem }}</p>
    <div v-else-if="looks && looks.length === 0" class="empty">
      <h2>{{ say('looksView.noLooksYet') }}</h2>
      <p class="faint">{{ say('looksView.aLookIsACharacterParts') }}</p>
      <n-button v-if="session.canChange" type="primary" size="large" @click="create">{{
        say('looksView.makeTheFirstLook')
      }}</n-button>
    </div>
    <p v-else-if="looks && found.length === 0" class="faint">
      {{ say('gallery.noneSuch') }}
    </p>
    <ul v-else class="gallery">
      <look-card
        v-for="look in found"
        :key="look.id"
        :look="look"
        :reload="load"
        :compared="compared.includes(look.id)"
        @compare="compare(look.id)"
      />
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

.compare {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 10px;
  margin-bottom: 14px;
}

.empty {
  display: grid;
  justify-items: center;
  gap: 12px;
  padding: 80px 0;
}
</style>
