<script setup lang="ts">
import { NButton, NCheckbox, NInput, NInputNumber, useMessage } from 'naive-ui'
import { computed, ref, watch } from 'vue'
import { useRouter } from 'vue-router'
import { api, picture, type ApiProblem, type Face, type WearerCaution } from '../api/client'
import { MM_PER_INCH } from '../lib/format'
import { useCatalogue } from '../stores/catalogue'
import { usePreferences } from '../stores/preferences'

const props = defineProps<{ id?: string }>()

const CAUTIONS: { id: WearerCaution; label: string }[] = [
  { id: 'sensitiveSkin', label: 'Sensitive skin' },
  { id: 'lenses', label: 'Lenses' },
  { id: 'glasses', label: 'Glasses' },
  { id: 'beard', label: 'Beard' },
  { id: 'child', label: 'Child' },
]
const PREVIEW_AFTER_MS = 250

const router = useRouter()
const message = useMessage()
const catalogue = useCatalogue()
const preferences = usePreferences()
const face = ref<Face | null>(null)
const errors = ref<Record<string, string[]>>({})
const preview = ref('')
const previewProblem = ref('')
const saving = ref(false)
let previewTimer = 0
let previewCall: AbortController | null = null

const stored = computed(() => catalogue.faces.find((f) => f.id === (props.id ?? preferences.face)))
const changed = computed(() => JSON.stringify(face.value) !== JSON.stringify(stored.value?.face))
const inches = computed(() => preferences.unit === 'in')

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
    window.clearTimeout(previewTimer)
    previewTimer = window.setTimeout(async () => {
      if (!face.value) return
      previewCall?.abort()
      previewCall = new AbortController()
      try {
        const image = await api.facePreview(face.value.measuresMm, face.value.skin, previewCall.signal)
        if (preview.value) URL.revokeObjectURL(preview.value)
        preview.value = URL.createObjectURL(image)
        previewProblem.value = ''
        errors.value = {}
      } catch (error) {
        if ((error as Error).name === 'AbortError') return
        previewProblem.value = (error as Error).message
        errors.value = (error as ApiProblem).errors ?? {}
      }
    }, PREVIEW_AFTER_MS)
  },
  { immediate: true },
)

function shownLength(mm: number | undefined) {
  return mm === undefined
    ? null
    : Number((inches.value ? mm / MM_PER_INCH : mm).toFixed(inches.value ? 2 : 1))
}

function measure(id: string, value: number | null) {
  if (!face.value) return
  const measuresMm = { ...face.value.measuresMm }
  if (value === null) delete measuresMm[id]
  else measuresMm[id] = Number((inches.value ? value * MM_PER_INCH : value).toFixed(2))
  face.value = { ...face.value, measuresMm }
}

function tone(key: 'l' | 'a' | 'b', value: number | null) {
  if (face.value && value !== null) face.value = { ...face.value, skin: { ...face.value.skin, [key]: value } }
}

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
          <h2>Measures</h2>
          <p class="faint">Leave one out and it is filled in by proportion.</p>
          <div v-for="m in catalogue.measures" :key="m.id" class="measure" :data-measure="m.id">
            <img
              :src="picture.measure(m.id)"
              :alt="`Where ${m.label.toLowerCase()} is taken`"
              width="84"
              height="84"
              loading="lazy"
            />
            <div class="words">
              <strong>{{ m.label }}</strong>
              <span class="faint">{{ m.howTaken }} {{ m.instrument === 'tape' ? 'Tape.' : 'Caliper.' }}</span>
              <span v-if="errors[`measuresMm.${m.id}`]" class="stop" role="alert">
                {{ errors[`measuresMm.${m.id}`]!.join(' ') }}
              </span>
            </div>
            <n-input-number
              :value="shownLength(face.measuresMm[m.id])"
              :step="inches ? 0.05 : 1"
              :placeholder="`${shownLength(m.referenceMm)}`"
              clearable
              :show-button="false"
              :input-props="{ 'aria-label': `${m.label}, ${preferences.unit}` }"
              style="width: 110px"
              @update:value="(v: number | null) => measure(m.id, v)"
            >
              <template #suffix>{{ preferences.unit }}</template>
            </n-input-number>
          </div>
        </div>

        <div class="person">
          <img v-if="preview" :src="preview" alt="The body with these measures" width="320" height="360" />
          <p v-if="previewProblem" class="stop" role="alert">{{ previewProblem }}</p>
          <h2>Skin tone</h2>
          <p class="faint">
            CIELAB in daylight. Saved as {{ stored.skinClass }}, typology angle
            {{ stored.typologyAngleDeg }}°.
          </p>
          <div class="tone-row">
            <label
              v-for="[key, name] in [
                ['l', 'L*'],
                ['a', 'a*'],
                ['b', 'b*'],
              ] as const"
              :key="key"
            >
              <span class="faint">{{ name }}</span>
              <n-input-number
                :value="face.skin[key] ?? null"
                :step="0.5"
                :show-button="false"
                :input-props="{ 'aria-label': `Skin ${name}` }"
                @update:value="(v: number | null) => tone(key, v)"
              />
            </label>
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
  gap: 8px;
  align-content: start;
}

.measure {
  display: grid;
  grid-template-columns: 84px minmax(0, 1fr) max-content;
  gap: 14px;
  align-items: center;
  border-top: 1px solid var(--line);
  padding-top: 8px;
}

.measure img {
  border-radius: 8px;
  background: var(--surround);
}

.words {
  display: grid;
  gap: 1px;
}

.person {
  display: grid;
  gap: 9px;
  align-content: start;
}

.person img {
  width: 100%;
  height: auto;
  border-radius: 10px;
}

.tone-row {
  display: grid;
  grid-template-columns: repeat(3, 1fr);
  gap: 10px;
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
  }

  .person img {
    max-width: 260px;
  }
}

@media (max-width: 640px) {
  .faces {
    grid-template-columns: minmax(0, 1fr);
  }

  .measure {
    grid-template-columns: 60px minmax(0, 1fr);
  }

  .measure img {
    width: 60px;
    height: 60px;
  }
}
</style>
