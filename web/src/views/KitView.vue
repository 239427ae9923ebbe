<script setup lang="ts">
import { NButton, NSelect, useMessage } from 'naive-ui'
import { computed, ref, watch } from 'vue'
import { api, picture, type PaintDescription, type PaintOnSkin } from '../api/client'
import PaintEditor from '../components/PaintEditor.vue'
import RecipePanel from '../components/RecipePanel.vue'
import { MATERIALS } from '../lib/materials'
import { useCatalogue } from '../stores/catalogue'
import { usePreferences } from '../stores/preferences'

const catalogue = useCatalogue()
const preferences = usePreferences()
const message = useMessage()
const paints = ref<PaintOnSkin[]>([])
const problem = ref('')
const editing = ref<PaintDescription | null>(null)
const editorShown = ref(false)
const file = ref<HTMLInputElement | null>(null)

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

function coats(paint: PaintOnSkin) {
  if (paint.coatsToHide === null) return 'more than 8'
  return `${paint.coatsToHide} ${paint.coatsToHide === 1 ? 'coat' : 'coats'}`
}

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
    `${paint.name} is in the kit.`,
  )
const drop = (id: string) => change((all) => all.filter((p) => p.id !== id), 'It is out of the kit.')

/** Replaces the paints of the kit by those of a table, as a new revision; the old one stays in the history. */
async function read() {
  const chosen = file.value?.files?.[0]
  const kit = catalogue.kit
  if (!chosen || !kit) return
  try {
    if (chosen.size > 2_000_000)
      throw new Error('The table is larger than 2 MB; a kit is a small file. Check that this is one.')
    const read = await api.readKitCsv(await chosen.text())
    await api.saveKit(kit.id, kit.revision, { id: kit.id, name: kit.name, paints: read })
    await catalogue.loadKits()
    message.success(`${read.length} paints are in ${kit.name} now.`)
  } catch (error) {
    message.error((error as Error).message, { duration: 10000, closable: true })
  } finally {
    if (file.value) file.value.value = ''
  }
}
</script>

<template>
  <div class="kit">
    <header>
      <h1>Kit</h1>
      <n-select v-model:value="preferences.kit" :options="kits" aria-label="Kit" style="width: 220px" />
      <label>
        <span class="faint">on the skin of</span>
        <n-select v-model:value="preferences.face" :options="faces" aria-label="Face" style="width: 200px" />
      </label>
      <span class="gap" />
      <a class="link" :href="picture.kitTable(preferences.kit)" download>Table (CSV)</a>
      <a class="link" :href="picture.kitPalette(preferences.kit)" download>Palette (GPL)</a>
      <n-button @click="file?.click()">Read a table</n-button>
      <n-button type="primary" @click="edit(null)">Add a paint</n-button>
      <input
        ref="file"
        type="file"
        accept=".csv,text/csv"
        hidden
        aria-label="Table of paints"
        @change="read"
      />
    </header>
    <p v-if="problem" class="stop" role="alert">{{ problem }}</p>

    <div class="columns">
      <table>
        <thead>
          <tr>
            <th>Paint</th>
            <th title="The card's film over black and over white">Card</th>
            <th>One coat here</th>
            <th>To hide this skin</th>
            <th title="Of one coat over black and over white; 98 % hides">Hides</th>
            <th>Dries in</th>
            <th>Not for</th>
            <th>Left</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="p in paints" :key="p.id">
            <td>
              <button class="name" :title="`Change ${p.name}`" @click="edit(p.id)">
                <span class="paint-dot" :style="{ background: p.opaque }" /> {{ p.name }}
              </button>
              <span class="faint"
                >{{ p.stripe ? `${p.stripe.cake}, ${p.stripe.place}` : MATERIALS[p.material] }},
                {{ p.finish }}</span
              >
            </td>
            <td>
              <span class="card"
                ><span :style="{ background: p.overBlack }" /><span :style="{ background: p.overWhite }"
              /></span>
            </td>
            <td><span class="swatch" :style="{ background: p.oneCoat }" /></td>
            <td class="figure">{{ coats(p) }}</td>
            <td>{{ Math.round(100 * p.contrastRatio) }} %</td>
            <td>{{ p.dryingSeconds }} s</td>
            <td :class="{ warning: !p.nearEyes || !p.onLips }">
              {{ [p.nearEyes ? '' : 'eyes', p.onLips ? '' : 'lips'].filter(Boolean).join(', ') }}
            </td>
            <td>
              {{ p.leftMl == null ? '' : `${p.leftMl} ml` }}
              <span v-if="p.price != null" class="faint price">{{ p.price.toFixed(2) }} a pot</span>
            </td>
          </tr>
        </tbody>
      </table>

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

table {
  border-collapse: collapse;
  width: 100%;
}

th {
  text-align: left;
  font-weight: 600;
  padding: 6px 8px;
}

td {
  border-top: 1px solid var(--line);
  padding: 7px 8px;
}

td .faint {
  display: block;
  padding-left: 22px;
}

.name {
  border: 0;
  padding: 0;
  background: none;
  min-height: 28px;
  cursor: pointer;
  text-align: left;
}

.name:hover {
  text-decoration: underline;
  text-underline-offset: 3px;
}

td .price {
  padding-left: 0;
}

.card {
  display: inline-flex;
  border: 1px solid rgba(128, 128, 128, 0.6);
  border-radius: 4px;
  overflow: hidden;
}

.card span {
  width: 24px;
  height: 24px;
}

.card span:first-child {
  box-shadow: inset 0 -4px 0 #111;
}

.card span:last-child {
  box-shadow: inset 0 -4px 0 #eee;
}

.swatch {
  display: inline-block;
  width: 44px;
  height: 24px;
  border-radius: 4px;
  border: 1px solid rgba(128, 128, 128, 0.6);
}

@media (max-width: 1000px) {
  .columns {
    grid-template-columns: minmax(0, 1fr);
  }

  .recipe {
    order: -1;
  }
}

@media (max-width: 640px) {
  .kit {
    padding: 14px;
  }

  th:nth-child(5),
  td:nth-child(5),
  th:nth-child(6),
  td:nth-child(6) {
    display: none;
  }
}
</style>
