<script setup lang="ts">
import { useObjectUrl } from '@vueuse/core'
import { NButton, NCheckbox, NDropdown, NInput, useMessage } from 'naive-ui'
import { computed, ref, watch, shallowRef } from 'vue'
import { useRouter } from 'vue-router'
import { api, type ApiProblem, type Face, type MeasureGroup, type WearerCaution } from '../api/client'
import { useLatest } from '../lib/latest'
import { useCatalogue } from '../stores/catalogue'
import { usePreferences } from '../stores/preferences'
import MeasureField from '../components/MeasureField.vue'
import PhotoPicker from '../components/PhotoPicker.vue'
import SkinDial from '../components/SkinDial.vue'

const props = defineProps<{ id?: string }>()

const CAUTIONS: { id: WearerCaution; label: string }[] = [
  { id: 'sensitiveSkin', label: 'Sensitive skin' },
  { id: 'lenses', label: 'Lenses' },
  { id: 'glasses', label: 'Glasses' },
  { id: 'beard', label: 'Beard' },
  { id: 'child', label: 'Child' },
]
const GROUPS: { id: MeasureGroup; label: string; about: string }[] = [
  { id: 'heights', label: 'Heights', about: '' },
  { id: 'widths', label: 'Widths', about: '' },
  { id: 'round', label: 'Round the head', about: '' },
  { id: 'neckAndChest', label: 'Neck and chest', about: '' },
  {
    id: 'leftAndRight',
    label: 'Left and right',
    about: 'As the wearer has them. Leave them out and both sides are the same.',
  },
]
const PREVIEW_AFTER_MS = 250

const router = useRouter()
const message = useMessage()
const catalogue = useCatalogue()
const preferences = usePreferences()
const face = ref<Face | null>(null)
const errors = ref<Record<string, string[]>>({})
const previewPicture = shallowRef<Blob>()
const preview = useObjectUrl(previewPicture)
const previewProblem = ref('')
const estimate = ref<Record<string, number>>({})
const notes = ref<Record<string, string>>({})
const saving = ref(false)
const previewing = useLatest()

const stored = computed(() => catalogue.faces.find((f) => f.id === (props.id || preferences.face)))
const changed = computed(() => JSON.stringify(face.value) !== JSON.stringify(stored.value?.face))

watch(
  stored,
  (now) => {
    errors.value = {}
    face.value = now ? structuredClone(JSON.parse(JSON.stringify(now.face)) as Face) : null
  },
  { immediate: true },
)

watch(
  () => JSON.stringify([face.value?.measuresMm, face.value?.skin]),
  () => {
    previewing.later(PREVIEW_AFTER_MS, async () => {
      if (!face.value) return
      const { measuresMm, skin } = face.value
      try {
        const answer = await previewing.ask((signal) =>
          Promise.all([
            api.facePreview(measuresMm, skin, signal),
            api.faceEstimate(measuresMm, skin, signal),
          ]),
        )
        if (!answer) return
        previewPicture.value = answer[0]
        estimate.value = answer[1].measuresMm
        notes.value = answer[1].notes
        previewProblem.value = ''
        errors.value = {}
      } catch (error) {
        previewProblem.value = (error as Error).message
        errors.value = (error as ApiProblem).errors ?? {}
      }
    })
  },
  { immediate: true },
)

const given = computed(() => Object.keys(face.value?.measuresMm ?? {}).length)
const presetChoices = computed(() => catalogue.presets.map((p) => ({ key: p.id, label: p.label })))

function startFrom(id: string) {
  const preset = catalogue.presets.find((p) => p.id === id)
  if (!preset || !face.value) return
  const before = face.value
  face.value = { ...before, measuresMm: { ...preset.measuresMm } }
  message.info(
    `Measures of a ${preset.label.toLowerCase()}: means from memory. Replace them with your own.`,
    {
      duration: 6000,
    },
  )
}

function measure(id: string, mm: number | null) {
  if (!face.value) return
  const measuresMm = { ...face.value.measuresMm }
  if (mm === null) delete measuresMm[id]
  else measuresMm[id] = mm
  face.value = { ...face.value, measuresMm }
}

const skin = computed({
  get: () => ({ l: face.value?.skin.l ?? 60, a: face.value?.skin.a ?? 12, b: face.value?.skin.b ?? 17 }),
  set: (now) => {
    if (face.value) face.value = { ...face.value, skin: now }
  },
})

function caution(id: WearerCaution, on: boolean) {
  if (!face.value) return
  const cautions = face.value.cautions.filter((c) => c !== id)
  face.value = { ...face.value, cautions: on ? [...cautions, id] : cautions }
}

async function save() {
  if (!face.value || !stored.value) return
  saving.value = true
  try {
    await api.saveFace(stored.value.id, stored.value.revision, face.value)
    await catalogue.loadFaces()
    message.success(`${face.value.name} is saved.`)
  } catch (error) {
    errors.value = (error as ApiProblem).errors ?? {}
    message.error((error as Error).message, { duration: 9000, closable: true })
  } finally {
    saving.value = false
  }
}

async function add() {
  try {
    const from = stored.value?.face ?? face.value
    const made = await api.addFace({
      id: '',
      name: 'New face',
      measuresMm: { ...(from?.measuresMm ?? {}) },
      skin: from?.skin ?? { l: 62, a: 11, b: 17 },
      cautions: [],
    })
    await catalogue.loadFaces()
    await router.push(`/faces/${made.id}`)
  } catch (error) {
    message.error((error as Error).message)
  }
}
</script>

<template>
  <div class="faces">
    <aside class="list">
      <h1>Faces</h1>
      <router-link
        v-for="f in catalogue.faces"
        :key="f.id"
        :to="`/faces/${f.id}`"
        class="entry"
        :class="{ here: f.id === stored?.id }"
      >
        <span class="tone" :style="{ background: f.skinColour }" />
        <span
          >{{ f.face.name }}<br /><span class="faint">{{ f.skinClass }} skin</span></span
        >
      </router-link>
      <n-button block @click="add">New face</n-button>
    </aside>

    <section v-if="face && stored" class="editor">
      <header>
        <n-input
          v-model:value="face.name"
          class="name"
          :maxlength="120"
          :input-props="{ 'aria-label': 'Name of the face' }"
        />
        <n-button type="primary" :disabled="!changed" :loading="saving" @click="save">Save</n-button>
        <span :class="changed ? 'warning' : 'good'">{{ changed ? 'Not saved yet' : 'Saved' }}</span>
      </header>

      <div class="columns">
        <div class="measures">
          <div class="measures-head">
            <p class="faint">
              {{ given }} of {{ catalogue.measures.length }} given. What you leave out follows from the others
              and is shown as estimated.
            </p>
            <n-dropdown trigger="click" :options="presetChoices" @select="startFrom">
              <n-button size="small">Start from a mean person</n-button>
            </n-dropdown>
          </div>
          <section v-for="g in GROUPS" :key="g.id">
            <h2>{{ g.label }}</h2>
            <p v-if="g.about" class="faint">{{ g.about }}</p>
            <div class="grid">
              <measure-field
                v-for="m in catalogue.measures.filter((one) => one.group === g.id)"
                :key="m.id"
                :measure="m"
                :mm="face.measuresMm[m.id]"
                :estimate-mm="estimate[m.id]"
                :problems="errors[`measuresMm.${m.id}`]"
                :note="notes[m.id]"
                @change="(mm) => measure(m.id, mm)"
              />
            </div>
          </section>
        </div>

        <div class="person">
          <img v-if="preview" :src="preview" alt="The body with these measures" width="320" height="360" />
          <p v-if="previewProblem" class="stop" role="alert">{{ previewProblem }}</p>
          <h2>Skin tone</h2>
          <p class="faint">
            CIELAB in daylight. Saved as {{ stored.skinClass }}, typology angle
            {{ stored.typologyAngleDeg }}°.
          </p>
          <skin-dial v-model="skin" />
          <div>
            <photo-picker
              what="the bare skin"
              label="From a photo with white paper"
              @picked="(colour) => (skin = colour)"
            />
          </div>
          <h2>To know before painting</h2>
          <div class="cautions">
            <n-checkbox
              v-for="c in CAUTIONS"
              :key="c.id"
              :checked="face.cautions.includes(c.id)"
              @update:checked="(on: boolean) => caution(c.id, on)"
            >
              {{ c.label }}
            </n-checkbox>
          </div>
        </div>
      </div>
    </section>
    <section v-else class="empty">
      <h2>No faces yet</h2>
      <p class="faint">A face holds the measures and skin tone of one person.</p>
      <n-button type="primary" @click="add">Add the first face</n-button>
    </section>
  </div>
</template>

<style scoped>
.faces {
  display: grid;
  grid-template-columns: 230px minmax(0, 1fr);
  min-height: 100%;
}

.list {
  padding: 22px 14px;
  border-right: 1px solid var(--line);
  display: grid;
  gap: 6px;
  align-content: start;
}

.list h1 {
  padding: 0 8px 10px;
}

.entry {
  display: grid;
  grid-template-columns: 34px 1fr;
  gap: 10px;
  align-items: center;
  padding: 7px 8px;
  border-radius: 9px;
  color: inherit;
  text-decoration: none;
}

.entry:hover,
.entry.here {
  background: var(--accent-soft);
}

.tone {
  width: 34px;
  height: 34px;
  border-radius: 50%;
  border: 1px solid rgba(128, 128, 128, 0.5);
}

.editor {
  padding: 20px 24px 40px;
  background: var(--panel);
}

header {
  display: flex;
  align-items: center;
  gap: 14px;
  margin-bottom: 14px;
}

.name {
  width: 300px;
  font-family: 'Fraunces Variable', serif;
  font-size: 18px;
}

.columns {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 320px;
  gap: 34px;
}

.measures {
  display: grid;
  gap: 18px;
  align-content: start;
}

.measures-head {
  display: flex;
  gap: 14px;
  align-items: center;
  justify-content: space-between;
}

.grid {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(390px, 1fr));
  gap: 2px 26px;
}

.person {
  display: grid;
  gap: 9px;
  align-content: start;
  position: sticky;
  top: 12px;
  align-self: start;
}

.person img {
  width: 100%;
  height: auto;
  border-radius: 10px;
}

.cautions {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 8px;
}

.empty {
  display: grid;
  gap: 12px;
  justify-items: center;
  align-content: center;
}

@media (max-width: 1000px) {
  .columns {
    grid-template-columns: minmax(0, 1fr);
  }

  .person {
    order: -1;
    position: static;
  }

  .person img {
    max-width: 260px;
  }
}

@media (max-width: 640px) {
  .faces {
    grid-template-columns: minmax(0, 1fr);
  }

  .grid {
    grid-template-columns: minmax(0, 1fr);
  }

  .measures-head {
    display: grid;
  }
}
</style>
