<script setup lang="ts">
import { say } from '../texts'
import { LETTERS } from '../api/limits'
import { NButton, useMessage } from 'naive-ui'
import { computed, reactive, ref, watch } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { api, type Face } from '../api/client'
import { faceCalls } from '../api/documentCalls'
import { useDocument } from '../lib/document'
import { useDocumentForm } from '../lib/documentForm'
import { useLeaveGuard } from '../lib/leaveGuard'
import { useFacePreview } from '../lib/useFacePreview'
import { useCatalogue } from '../stores/catalogue'
import { usePreferences } from '../stores/preferences'
import { useSession } from '../stores/session'
import DocumentTop from '../components/DocumentTop.vue'
import FaceList from '../components/FaceList.vue'
import FaceMeasures from '../components/FaceMeasures.vue'
import WearerCardPanel from '../components/WearerCardPanel.vue'
import FacePerson from '../components/FacePerson.vue'

const props = defineProps<{ id?: string }>()

const NOBODY: Face = { id: '', name: '', measuresMm: {}, skin: { l: 62, a: 11, b: 17 }, cautions: [] }

const route = useRoute()
const router = useRouter()
const message = useMessage()
const catalogue = useCatalogue()
const preferences = usePreferences()
const session = useSession()
const errors = ref<Record<string, string[]>>({})

const inHand = useDocument<Face>('faces', NOBODY, faceCalls, {
  saved: () => void catalogue.loadFaces().catch(() => undefined),
})
const doc = reactive(inHand)
const face = useDocumentForm(inHand)
useLeaveGuard(doc)

const stored = computed(() => catalogue.faces.find((f) => f.id === (props.id || preferences.face)))

async function open(id: string | undefined) {
  errors.value = {}
  await doc.close()
  try {
    if (id) await doc.open(id)
  } catch (error) {
    message.error((error as Error).message, { duration: 9000, closable: true })
  }
}

watch(() => stored.value?.id, open, { immediate: true })

const { preview, problem: previewProblem, estimate, notes } = useFacePreview(face, errors)

async function made(one: Face) {
  await copied((await api.addFace(one)).id)
}

const skin = computed({
  get: () => ({ l: 62, a: 11, b: 17, ...face.value.skin }),
  set: (tone) => (face.value.skin = tone),
})

async function copied(id: string) {
  await catalogue.loadFaces()
  await router.push(`/faces/${id}`)
}

async function add() {
  try {
    const { measuresMm, skin } = face.value
    await made({ ...NOBODY, name: say('facesView.newFace'), measuresMm, skin })
  } catch (error) {
    message.error((error as Error).message)
  }
}

const duplicate = () =>
  made({ ...face.value, id: '', name: say('facesView.copy', { name: face.value.name }) })

/** Brought back to an earlier save, or put back. */
async function reload() {
  await catalogue.loadFaces()
  await open(stored.value?.id)
}

async function removed() {
  await catalogue.loadFaces()
  await router.push('/faces')
}
</script>

<template>
  <div class="faces">
    <face-list :here="stored?.id" @add="add" />

    <section v-if="doc.id && stored" class="editor">
      <document-top
        v-model:name="face.name"
        kind="faces"
        :doc="doc"
        :says="say('facesView.nameOfTheFace')"
        :letters="LETTERS.Face.name"
        :last="catalogue.faces.length === 1"
        :all="catalogue.faces"
        :duplicate="duplicate"
        :reload="reload"
        @removed="removed"
        @copied="copied"
        @back="catalogue.loadFaces()"
      />

      <p class="by-photos">
        <n-button :disabled="!session.canChange" @click="router.push(`/faces/${stored.id}/photos`)">{{
          say('facesView.measureByPhotos')
        }}</n-button>
      </p>
      <wearer-card-panel id="card" :face="stored.id" :wanted="route.hash === '#card'" />
      <div class="columns" :inert="!session.canChange">
        <face-measures v-model="face.measuresMm" :estimate="estimate" :errors="errors" :notes="notes" />

        <face-person
          v-model:skin="skin"
          v-model:cautions="face.cautions"
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
  padding: 6px 24px 40px;
  background: var(--panel);
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
  top: 70px;
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
