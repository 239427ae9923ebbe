<script setup lang="ts">
import { say } from '../texts'
import { computed, onBeforeUnmount, onMounted, ref, shallowRef, watch } from 'vue'
import { picture } from '../api/addresses'
import { api, type Plan } from '../api/client'
import { useLatest } from '../lib/latest'
import { size } from '../lib/format'
import { useCatalogue } from '../stores/catalogue'
import { useMapping } from '../stores/mapping'
import { usePreferences } from '../stores/preferences'
import { useView } from '../stores/view'
import { usePlan } from '../stores/plan'
import { useSelection } from '../stores/selection'
import { SkinScene } from '../three/SkinScene'
import { useElementSize } from '@vueuse/core'

const PAINT_PIXELS = 768

const mapping = useMapping()
const planning = usePlan()
const selection = useSelection()
const view = useView()
const catalogue = useCatalogue()
const preferences = usePreferences()
const canvas = ref<HTMLCanvasElement | null>(null)
const scene = shallowRef<SkinScene | null>(null)
const plan = shallowRef<Plan | null>(null)
const problem = ref('')
const { width, height } = useElementSize(canvas)
const face = computed(() => catalogue.faces.find((f) => f.id === mapping.compared))

onMounted(() => {
  try {
    scene.value = new SkinScene(canvas.value!, 'bust')
  } catch {
    problem.value = say('comparePanel.thisBrowserDrawsNo3d')
  }
})
onBeforeUnmount(() => scene.value?.dispose())
watch([scene, width, height], () => scene.value?.resize(width.value, height.value))

watch(
  [scene, face],
  async () => {
    if (!scene.value || !face.value || !planning.body) return
    await scene.value.load(picture.model(face.value.id, face.value.revision), {
      sideMm: planning.body.windowSideMm,
      topMm: planning.body.windowTopMm,
    })
    scene.value.resize(width.value, height.value)
  },
  { immediate: true },
)

const asking = useLatest()
watch(
  [scene, face, () => planning.plan],
  async () => {
    if (!scene.value || !face.value) return
    const request = { ...planning.request, faceId: face.value.id }
    try {
      const answer = await asking.ask((signal) =>
        Promise.all([
          api.plan(request, signal),
          api
            .paint(
              request,
              planning.shownSteps,
              PAINT_PIXELS,
              { grain: false, eyes: preferences.eyes, hair: preferences.hair },
              signal,
            )
            .then((b) => createImageBitmap(b)),
        ]),
      )
      if (!answer) return
      plan.value = answer[0]
      problem.value = ''
      scene.value?.setPaint(answer[1], face.value.skinColour)
    } catch (error) {
      problem.value = (error as Error).message
    }
  },
  { immediate: true },
)

const MOST_ROWS = 6

/** The first size of each part that differs here and there; of a selected part it is shown anyway. */
const sizes = computed(() =>
  (planning.plan?.parts ?? [])
    .flatMap((part) => {
      const [here, there] = [part.sizes[0], plan.value?.parts.find((p) => p.id === part.id)?.sizes[0]]
      if (!here || !there) return []
      const [a, b] = [size(here, preferences.unit), size(there, preferences.unit)]
      const shown = selection.selected ? selection.selected === part.id : a !== b
      return shown ? [{ id: part.id, label: part.label, what: here.label, here: a, there: b }] : []
    })
    .slice(0, MOST_ROWS),
)

watch(
  () => view.asked,
  () => scene.value?.look(view.view),
)
</script>

<template>
  <section class="compare" :aria-label="say('comparePanel.theSameLookOnAnotherFace')">
    <canvas ref="canvas" :aria-label="say('comparePanel.bustOfTheOtherFaceDrag')" />
    <p class="title">{{ face?.face.name }}</p>
    <p v-if="problem" class="problem" role="alert">{{ problem }}</p>
    <table v-else-if="plan" class="sizes">
      <thead>
        <tr>
          <th />
          <th>{{ catalogue.face?.face.name.split(' ')[0] }}</th>
          <th>{{ face?.face.name.split(' ')[0] }}</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="s in sizes" :key="s.id">
          <td>{{ s.label }}, {{ s.what.toLowerCase() }}</td>
          <td>{{ s.here }}</td>
          <td :class="{ differs: s.here !== s.there }">{{ s.there }}</td>
        </tr>
      </tbody>
    </table>
  </section>
</template>

<style scoped>
.compare {
  position: relative;
  background: var(--surround);
  border-left: 1px solid var(--seam);
  overflow: hidden;
  min-width: 0;
}

canvas {
  position: absolute;
  inset: 0;
  width: 100%;
  height: 100%;
  display: block;
}

.title,
.problem,
.sizes {
  position: absolute;
  left: 10px;
  background: var(--chip);
  color: var(--on-surround);
  border-radius: 7px;
  padding: 5px 11px;
}

.title {
  top: 10px;
}

.problem,
.sizes {
  bottom: 10px;
}

.sizes {
  font-size: 12px;
  border-spacing: 10px 1px;
  pointer-events: none;
}

.sizes th {
  text-align: left;
}

.differs {
  color: var(--doubt);
}
</style>
