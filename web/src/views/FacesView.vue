<script setup lang="ts">
import { say } from '../texts'
import { LETTERS } from '../api/limits'
import { useObjectUrl } from '@vueuse/core'
import { NButton, NInput, useMessage } from 'naive-ui'
import { computed, ref, watch, shallowRef } from 'vue'
import { useRouter } from 'vue-router'
import { api, type ApiProblem, type Face } from '../api/client'
import { useLatest } from '../lib/latest'
import { useCatalogue } from '../stores/catalogue'
import { usePreferences } from '../stores/preferences'
import FaceList from '../components/FaceList.vue'
import FaceMeasures from '../components/FaceMeasures.vue'
import PhotoPicker from '../components/PhotoPicker.vue'
import SkinDial from '../components/SkinDial.vue'
import WearerCautions from '../components/WearerCautions.vue'

const props = defineProps<{ id?: string }>()

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

const measures = computed({
  get: () => face.value?.measuresMm ?? {},
  set: (now) => {
    if (face.value) face.value = { ...face.value, measuresMm: now }
  },
})

const skin = computed({
  get: () => ({ l: face.value?.skin.l ?? 60, a: face.value?.skin.a ?? 12, b: face.value?.skin.b ?? 17 }),
  set: (now) => {
    if (face.value) face.value = { ...face.value, skin: now }
  },
})

const cautions = computed({
  get: () => face.value?.cautions ?? [],
  set: (now) => {
    if (face.value) face.value = { ...face.value, cautions: now }
  },
})

async function save() {
  if (!face.value || !stored.value) return
  saving.value = true
  try {
    await api.saveFace(stored.value.id, stored.value.revision, face.value)
    await catalogue.loadFaces()
    message.success(say('facesView.isSaved', { name: face.value.name }))
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
      name: say('facesView.newFace'),
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
    <face-list :here="stored?.id" @add="add" />

    <section v-if="face && stored" class="editor">
      <header>
        <n-input
          v-model:value="face.name"
          class="name"
          :maxlength="LETTERS.Face.name"
          :input-props="{ 'aria-label': say('facesView.nameOfTheFace') }"
        />
        <n-button type="primary" :disabled="!changed" :loading="saving" @click="save">{{
          say('facesView.save')
        }}</n-button>
        <span :class="changed ? 'warning' : 'good'">{{
          changed ? say('facesView.notSavedYet') : say('facesView.saved')
        }}</span>
      </header>

      <div class="columns">
        <face-measures v-model="measures" :estimate="estimate" :errors="errors" :notes="notes" />

        <div class="person">
          <img
            v-if="preview"
            :src="preview"
            :alt="say('facesView.theBodyWithTheseMeasures')"
            width="320"
            height="360"
          />
          <p v-if="previewProblem" class="stop" role="alert">{{ previewProblem }}</p>
          <h2>{{ say('facesView.skinTone') }}</h2>
          <p class="faint">
            {{
              say('facesView.cielabInDaylightSavedAsTypology', {
                skinClass: stored.skinClass,
                typologyAngleDeg: stored.typologyAngleDeg,
              })
            }}
          </p>
          <skin-dial v-model="skin" />
          <div>
            <photo-picker
              :what="say('facesView.theBareSkin')"
              :label="say('facesView.fromAPhotoWithWhitePaper')"
              @picked="(colour) => (skin = colour)"
            />
          </div>
          <wearer-cautions v-model="cautions" />
        </div>
      </div>
    </section>
    <section v-else class="empty">
      <h2>{{ say('facesView.noFacesYet') }}</h2>
      <p class="faint">{{ say('facesView.aFaceHoldsTheMeasuresAnd') }}</p>
      <n-button type="primary" @click="add">{{ say('facesView.addTheFirstFace') }}</n-button>
    </section>
  </div>
</template>

<style scoped>
.faces {
  display: grid;
  grid-template-columns: 230px minmax(0, 1fr);
  min-height: 100%;
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
}
</style>
