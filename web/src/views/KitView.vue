<script setup lang="ts">
import { useSession } from '../stores/session'
import { say } from '../texts'
import { NButton, NSelect, useMessage } from 'naive-ui'
import { computed, reactive, ref, watch } from 'vue'
import { picture } from '../api/addresses'
import { api, type PaintDescription, type PaintOnSkin, type WholeKit } from '../api/client'
import { kitCalls } from '../api/documentCalls'
import { useDocument } from '../lib/document'
import { useLeaveGuard } from '../lib/leaveGuard'
import DocumentMenu from '../components/DocumentMenu.vue'
import FileButton from '../components/FileButton.vue'
import RemovedMenu from '../components/RemovedMenu.vue'
import PaintEditor from '../components/PaintEditor.vue'
import PaintTable from '../components/PaintTable.vue'
import RecipePanel from '../components/RecipePanel.vue'
import StillPaints from '../components/StillPaints.vue'
import ToolBox from '../components/ToolBox.vue'
import SaveNotice from '../components/SaveNotice.vue'
import SaveState from '../components/SaveState.vue'
import UndoButtons from '../components/UndoButtons.vue'
import { useCatalogue } from '../stores/catalogue'
import { usePreferences } from '../stores/preferences'

const session = useSession()

const catalogue = useCatalogue()
const preferences = usePreferences()
const message = useMessage()
const paints = ref<PaintOnSkin[]>([])
const problem = ref('')
const editing = ref<PaintDescription | null>(null)
const editorShown = ref(false)

const faces = computed(() => catalogue.faces.map((f) => ({ label: f.face.name, value: f.id })))
const kits = computed(() => catalogue.kits.map((k) => ({ label: k.name, value: k.id })))

watch(
  [() => preferences.kit, () => preferences.face, () => catalogue.kits],
  async () => {
    if (!preferences.kit || !preferences.face) return
    try {
      paints.value = await api.paintsOnSkin(preferences.kit, preferences.face)
      problem.value = ''
    } catch (error) {
      problem.value = (error as Error).message
    }
  },
  { immediate: true },
)

const doc = reactive(
  useDocument<WholeKit>('kits', { id: '', name: '', paints: [] }, kitCalls, {
    saved: () => void catalogue.loadKits().catch(() => undefined),
  }),
)
useLeaveGuard(doc)

async function open(id: string) {
  await doc.close()
  try {
    if (id) await doc.open(id)
  } catch (error) {
    problem.value = (error as Error).message
  }
}

watch(() => preferences.kit, open, { immediate: true })

/** Brought back to an earlier save, put back, removed or copied. */
async function reload(id = preferences.kit) {
  await catalogue.loadKits()
  // The one that was open may be gone; another stands in for it then, and is opened since it was chosen.
  if (id !== preferences.kit && catalogue.kits.some((k) => k.id === id)) preferences.kit = id
  else if (doc.id && doc.id === preferences.kit) await open(doc.id)
}

function edit(id: string | null) {
  if (!session.canChange) return
  editing.value = doc.value.paints.find((p) => p.id === id) ?? null
  editorShown.value = true
}

const setPaints = (paints: PaintDescription[], key = '') => doc.change({ ...doc.value, paints }, key)

function add(paint: PaintDescription) {
  setPaints([...doc.value.paints, paint])
  message.success(say('kitView.isInTheKit', { name: paint.name }))
}

const change = (paint: PaintDescription) =>
  setPaints(
    doc.value.paints.map((p) => (p.id === paint.id ? paint : p)),
    `paint/${paint.id}`,
  )

function drop(id: string) {
  setPaints(doc.value.paints.filter((p) => p.id !== id))
  message.success(say('kitView.itIsOutOfTheKit'))
}

async function duplicate() {
  const name = say('kitView.copy', { name: doc.value.name })
  await reload((await api.addKit({ ...doc.value, id: '', name })).id)
}

/** Replaces the paints of the kit by those of a table; undo and the earlier saves bring the old ones back. */
async function read(file: File) {
  try {
    if (file.size > 2_000_000) throw new Error(say('kitView.tableTooLarge'))
    const paints = await api.readKitCsv(await file.text())
    setPaints(paints)
    message.success(say('kitView.paintsAreInNow', { read: paints.length, name: doc.value.name }))
  } catch (error) {
    message.error((error as Error).message, { duration: 10000, closable: true })
  }
}
</script>

<template>
  <div class="kit">
    <header>
      <h1>{{ say('kitView.kit') }}</h1>
      <n-select
        v-model:value="preferences.kit"
        :options="kits"
        :aria-label="say('kitView.kit')"
        style="width: 190px"
      />
      <label>
        <span class="faint">{{ say('kitView.onTheSkinOf') }}</span>
        <n-select
          v-model:value="preferences.face"
          :options="faces"
          :aria-label="say('kitView.face')"
          style="width: 170px"
        />
      </label>
      <document-menu
        v-if="doc.id"
        :id="doc.id"
        kind="kits"
        :revision="doc.revision"
        :name="doc.value.name"
        :last="catalogue.kits.length === 1"
        :duplicate="duplicate"
        :reload="reload"
        @removed="reload()"
      />
      <removed-menu kind="kits" :after="catalogue.kits" @back="reload()" />
      <save-state v-if="doc.id" :state="doc.saveState" :message="doc.saveMessage" />
      <undo-buttons v-if="session.canChange" :doc="doc" />
      <span class="gap" />
      <a class="link" :href="picture.kitTable(preferences.kit)" download>{{ say('kitView.tableCsv') }}</a>
      <a class="link" :href="picture.kitPalette(preferences.kit)" download>{{ say('kitView.paletteGpl') }}</a>
      <file-button
        v-if="session.canChange"
        :label="say('kitView.readATable')"
        :says="say('kitView.tableOfPaints')"
        accept=".csv,text/csv"
        @chosen="read"
      />
      <n-button v-if="session.canChange" type="primary" @click="edit(null)">{{
        say('kitView.addAPaint')
      }}</n-button>
    </header>
    <save-notice :doc="doc" @copied="reload" />
    <p v-if="problem" class="stop" role="alert">{{ problem }}</p>

    <div class="columns">
      <paint-table :paints="paints" @edit="edit" />

      <recipe-panel class="recipe" :paints="paints" />
    </div>
    <tool-box
      v-if="doc.id"
      :tools="doc.value.tools"
      :may-change="session.canChange"
      @change="(tools, key) => doc.change({ ...doc.value, tools }, key)"
    />
    <still-paints v-if="doc.id" :kit="doc.id" :face="preferences.face" :setting="preferences.setting" />
    <paint-editor
      v-model:show="editorShown"
      :paint="editing"
      :face="preferences.face"
      :kit="doc.id"
      :taken="doc.value.paints.map((p) => p.id)"
      @add="add"
      @change="change"
      @remove="drop"
    />
  </div>
</template>

<style scoped>
.kit {
  padding: 22px 26px 40px;
  background: var(--panel);
  min-height: 100%;
}

header {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 12px;
  margin-bottom: 16px;
}

header label {
  display: flex;
  align-items: center;
  gap: 8px;
}

.gap {
  flex: 1;
}

.columns {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 316px;
  gap: 32px;
  align-items: start;
}

@media (width <= 1000px) {
  .columns {
    grid-template-columns: minmax(0, 1fr);
  }

  .recipe {
    order: -1;
  }
}

@media (width <= 640px) {
  .kit {
    padding: 14px;
  }
}
</style>
