<script setup lang="ts">
import { say } from '../texts'
import { LETTERS } from '../api/limits'
import { NButton, NInput, useMessage } from 'naive-ui'
import { computed, ref, watch } from 'vue'
import { useRouter } from 'vue-router'
import { api, type ApiProblem, type Face } from '../api/client'
import { drafts } from '../lib/tabs'
import { useFacePreview } from '../lib/useFacePreview'
import { useCatalogue } from '../stores/catalogue'
import { usePreferences } from '../stores/preferences'
import DocumentMenu from '../components/DocumentMenu.vue'
import FaceList from '../components/FaceList.vue'
import FaceMeasures from '../components/FaceMeasures.vue'
import FacePerson from '../components/FacePerson.vue'
import RemovedMenu from '../components/RemovedMenu.vue'

const props = defineProps<{ id?: string }>()

const router = useRouter()
const message = useMessage()
const catalogue = useCatalogue()
const preferences = usePreferences()
const face = ref<Face | null>(null)
const errors = ref<Record<string, string[]>>({})
const saving = ref(false)

const stored = computed(() => catalogue.faces.find((f) => f.id === (props.id || preferences.face)))
const changed = computed(() => JSON.stringify(face.value) !== JSON.stringify(stored.value?.face))

/** The revision that the face in hand was made on: what another painter saved since is not overwritten. */
const madeOn = ref(0)

/** Shows the face as it is saved. */
function asSaved() {
  errors.value = {}
  madeOn.value = stored.value?.revision ?? 0
  face.value = stored.value ? (JSON.parse(JSON.stringify(stored.value.face)) as Face) : null
}

watch(
  stored,
  async (now) => {
    asSaved()
    // What was changed and not saved, here before or in a tab that is gone, comes back.
    const draft = now && (await drafts.take<Face>('faces', now.id))
    if (!draft || stored.value !== now || changed.value) return
    madeOn.value = draft.revision
    face.value = draft.value
  },
  { immediate: true },
)

watch(
  face,
  (now) => {
    const id = stored.value?.id
    if (!id || !now) return
    if (changed.value) drafts.keep('faces', id, { revision: madeOn.value, value: now, at: Date.now() })
    else drafts.drop('faces', id)
  },
  { deep: true },
)

const { preview, problem: previewProblem, estimate, notes } = useFacePreview(face, errors)

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
    await api.saveFace(stored.value.id, madeOn.value, face.value)
    drafts.drop('faces', stored.value.id)
    await catalogue.loadFaces()
    message.success(say('facesView.isSaved', { name: face.value.name }))
  } catch (error) {
    errors.value = (error as ApiProblem).errors ?? {}
    message.error((error as Error).message, { duration: 9000, closable: true })
  } finally {
    saving.value = false
  }
}

async function made(one: Face) {
  const { id } = await api.addFace(one)
  await catalogue.loadFaces()
  await router.push(`/faces/${id}`)
}

async function add() {
  try {
    const from = stored.value?.face ?? face.value
    await made({
      id: '',
      name: say('facesView.newFace'),
      measuresMm: { ...(from?.measuresMm ?? {}) },
      skin: from?.skin ?? { l: 62, a: 11, b: 17 },
      cautions: [],
    })
  } catch (error) {
    message.error((error as Error).message)
  }
}

const duplicate = () =>
  made({ ...stored.value!.face, id: '', name: say('facesView.copy', { name: stored.value!.face.name }) })

async function removed() {
  await catalogue.loadFaces()
  await router.push('/faces')
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
        <n-button v-if="changed" @click="asSaved">{{ say('facesView.discardTheChange') }}</n-button>
        <document-menu
          :id="stored.id"
          kind="faces"
          :revision="stored.revision"
          :name="stored.face.name"
          :last="catalogue.faces.length === 1"
          :duplicate="duplicate"
          :reload="catalogue.loadFaces"
          @removed="removed"
        />
        <removed-menu kind="faces" :after="catalogue.faces" @back="catalogue.loadFaces()" />
        <span :class="changed ? 'warning' : 'good'">{{
          changed ? say('facesView.notSavedYet') : say('facesView.saved')
        }}</span>
      </header>

      <div class="columns">
        <face-measures v-model="measures" :estimate="estimate" :errors="errors" :notes="notes" />

        <face-person
          v-model:skin="skin"
          v-model:cautions="cautions"
          class="person"
          :preview="preview"
          :problem="previewProblem"
          :stored="stored"
        />
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

.empty {
  display: grid;
  gap: 12px;
  justify-items: center;
  align-content: center;
}

@media (width <= 1000px) {
  .columns {
    grid-template-columns: minmax(0, 1fr);
  }

  .person {
    order: -1;
    position: static;
  }
}

@media (width <= 640px) {
  .faces {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
