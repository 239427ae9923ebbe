<script setup lang="ts">
import { say } from '../texts'
import { NButton, NSelect, useMessage } from 'naive-ui'
import { computed, ref, watch } from 'vue'
import { api, picture, type PaintDescription, type PaintOnSkin } from '../api/client'
import DocumentMenu from '../components/DocumentMenu.vue'
import FileButton from '../components/FileButton.vue'
import RemovedMenu from '../components/RemovedMenu.vue'
import PaintEditor from '../components/PaintEditor.vue'
import PaintTable from '../components/PaintTable.vue'
import RecipePanel from '../components/RecipePanel.vue'
import { useCatalogue } from '../stores/catalogue'
import { usePreferences } from '../stores/preferences'

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

async function edit(id: string | null) {
  try {
    const whole = await api.wholeKit(preferences.kit)
    editing.value = whole.paints.find((p) => p.id === id) ?? null
    editorShown.value = true
  } catch (error) {
    message.error((error as Error).message)
  }
}

/** Saves the kit with its paints changed. */
async function change(to: (paints: PaintDescription[]) => PaintDescription[], said: string) {
  const kit = catalogue.kit
  if (!kit) return
  try {
    const whole = await api.wholeKit(kit.id)
    await api.saveKit(kit.id, kit.revision, { ...whole, paints: to(whole.paints) })
    await catalogue.loadKits()
    message.success(said)
  } catch (error) {
    message.error((error as Error).message, { duration: 10000, closable: true })
  }
}

const keep = (paint: PaintDescription) =>
  change(
    (all) =>
      all.some((p) => p.id === paint.id) ? all.map((p) => (p.id === paint.id ? paint : p)) : [...all, paint],
    say('kitView.isInTheKit', { name: paint.name }),
  )
const drop = (id: string) => change((all) => all.filter((p) => p.id !== id), say('kitView.itIsOutOfTheKit'))

async function duplicate() {
  const whole = await api.wholeKit(preferences.kit)
  const { id } = await api.addKit({ ...whole, id: '', name: say('kitView.copy', { name: whole.name }) })
  await catalogue.loadKits()
  preferences.kit = id
}

/** Replaces the paints of the kit by those of a table, as a new revision; the old one stays in the history. */
async function read(file: File) {
  const kit = catalogue.kit
  if (!kit) return
  try {
    if (file.size > 2_000_000) throw new Error(say('kitView.tableTooLarge'))
    const read = await api.readKitCsv(await file.text())
    await api.saveKit(kit.id, kit.revision, { id: kit.id, name: kit.name, paints: read })
    await catalogue.loadKits()
    message.success(say('kitView.paintsAreInNow', { read: read.length, name: kit.name }))
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
        style="width: 220px"
      />
      <label>
        <span class="faint">{{ say('kitView.onTheSkinOf') }}</span>
        <n-select
          v-model:value="preferences.face"
          :options="faces"
          :aria-label="say('kitView.face')"
          style="width: 200px"
        />
      </label>
      <document-menu
        v-if="catalogue.kit"
        :id="catalogue.kit.id"
        kind="kits"
        :revision="catalogue.kit.revision"
        :name="catalogue.kit.name"
        :last="catalogue.kits.length === 1"
        :duplicate="duplicate"
        :reload="catalogue.loadKits"
        @removed="catalogue.loadKits()"
      />
      <removed-menu kind="kits" :after="catalogue.kits" @back="catalogue.loadKits()" />
      <span class="gap" />
      <a class="link" :href="picture.kitTable(preferences.kit)" download>{{ say('kitView.tableCsv') }}</a>
      <a class="link" :href="picture.kitPalette(preferences.kit)" download>{{ say('kitView.paletteGpl') }}</a>
      <file-button
        :label="say('kitView.readATable')"
        :says="say('kitView.tableOfPaints')"
        accept=".csv,text/csv"
        @chosen="read"
      />
      <n-button type="primary" @click="edit(null)">{{ say('kitView.addAPaint') }}</n-button>
    </header>
    <p v-if="problem" class="stop" role="alert">{{ problem }}</p>

    <div class="columns">
      <paint-table :paints="paints" @edit="edit" />

      <recipe-panel class="recipe" :paints="paints" />
    </div>
    <paint-editor
      v-model:show="editorShown"
      :paint="editing"
      :face="preferences.face"
      :taken="paints.map((p) => p.id)"
      @save="keep"
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

.link {
  color: var(--accent);
  min-height: 32px;
  display: inline-flex;
  align-items: center;
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
