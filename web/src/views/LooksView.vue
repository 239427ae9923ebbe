<script setup lang="ts">
import { say } from '../texts'
import { NButton, NDropdown, NInput, NSelect, useMessage } from 'naive-ui'
import { computed, h, onMounted, ref } from 'vue'
import { useRouter } from 'vue-router'
import { api, picture, type Look, type LookHead } from '../api/client'
import { useCatalogue } from '../stores/catalogue'
import { usePreferences } from '../stores/preferences'

const router = useRouter()
const message = useMessage()
const catalogue = useCatalogue()
const preferences = usePreferences()
const looks = ref<LookHead[] | null>(null)
const problem = ref('')
const search = ref('')
const removed = ref<LookHead[]>([])

const found = computed(() =>
  (looks.value ?? []).filter((l) => l.name.toLowerCase().includes(search.value.trim().toLowerCase())),
)
const file = ref<HTMLInputElement | null>(null)

const MENU = [
  { label: say('looksView.duplicate'), key: 'duplicate' },
  { label: say('looksView.saveAsFile'), key: 'file' },
  { label: say('looksView.remove'), key: 'remove' },
]

async function load() {
  problem.value = ''
  try {
    ;[looks.value, removed.value] = await Promise.all([api.looks(), api.findLooks(undefined, true)])
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

function choose(key: string, look: LookHead) {
  void attempt(async () => {
    if (key === 'duplicate') {
      const stored = await api.look(look.id)
      await api.addLook({ ...stored.look, name: say('looksView.copy', { name: stored.look.name }) })
      await load()
    } else if (key === 'file') {
      window.location.assign(picture.lookFile(look.id))
    } else {
      await api.removeLook(look.id, look.revision)
      await load()
      // Said with the way back beside it rather than asked beforehand.
      message.info(
        () =>
          h('span', [
            say('looksView.isRemoved', { name: look.name }),
            h(NButton, { size: 'tiny', onClick: () => void putBack(look.id) }, () =>
              say('looksView.putItBack'),
            ),
          ]),
        { duration: 12000, closable: true },
      )
    }
  })
}

const putBack = (id: string) =>
  attempt(async () => {
    await api.putBackLook(id)
    message.destroyAll()
    await load()
  })

function importFile(event: Event) {
  const input = event.target as HTMLInputElement
  const chosen = input.files?.[0]
  input.value = ''
  if (!chosen) return
  void attempt(async () => {
    const saved = await api.importLook(await chosen.text())
    await router.push(`/looks/${saved.id}`)
  })
}

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
      <n-dropdown
        v-if="removed.length > 0"
        trigger="click"
        :options="removed.map((l) => ({ label: say('looksView.putBack', { name: l.name }), key: l.id }))"
        @select="putBack"
      >
        <n-button quaternary>{{ say('looksView.removed', { removed: removed.length }) }}</n-button>
      </n-dropdown>
      <input ref="file" type="file" accept=".json,application/json" hidden @change="importFile" />
      <n-button @click="file?.click()">{{ say('looksView.openALookFile') }}</n-button>
      <n-button type="primary" @click="create">{{ say('looksView.newLook') }}</n-button>
    </header>

    <p v-if="problem" role="alert" class="stop">{{ problem }}</p>
    <div v-else-if="looks && looks.length === 0" class="empty">
      <h2>{{ say('looksView.noLooksYet') }}</h2>
      <p class="faint">{{ say('looksView.aLookIsACharacterParts') }}</p>
      <n-button type="primary" size="large" @click="create">{{ say('looksView.makeTheFirstLook') }}</n-button>
    </div>
    <p v-else-if="looks && found.length === 0" class="faint">
      {{ say('looksView.noLookHasInItsName', { search }) }}
    </p>
    <ul v-else class="gallery">
      <li v-for="look in found" :key="look.id" class="card">
        <router-link :to="`/looks/${look.id}`" class="open">
          <img
            :src="
              picture.look(
                look.id,
                look.revision,
                preferences.face,
                preferences.kit,
                preferences.setting,
                catalogue.face?.revision ?? 0,
              )
            "
            :alt="say('looksView.painted', { name: look.name })"
            width="320"
            height="360"
          />
          <h2>{{ look.name }}</h2>
        </router-link>
        <div class="foot">
          <span class="faint">{{ say('looksView.on', { name: catalogue.face?.face.name }) }}</span>
          <n-dropdown trigger="click" :options="MENU" @select="(key: string) => choose(key, look)">
            <n-button quaternary size="small" :aria-label="say('looksView.moreFor', { name: look.name })">{{
              say('looksView.more')
            }}</n-button>
          </n-dropdown>
        </div>
      </li>
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

.card {
  background: var(--panel);
  border: 1px solid var(--line);
  border-radius: 12px;
  overflow: hidden;
}

.card:hover {
  border-color: var(--accent);
}

.open {
  color: inherit;
  text-decoration: none;
  display: block;
}

img {
  display: block;
  width: 100%;
  height: auto;
  aspect-ratio: 320 / 360;
  background: var(--surround);
}

.card h2 {
  padding: 12px 14px 0;
}

.foot {
  display: flex;
  align-items: center;
  justify-content: space-between;
  padding: 2px 8px 8px 14px;
}

.empty {
  display: grid;
  justify-items: center;
  gap: 12px;
  padding: 80px 0;
}
</style>
