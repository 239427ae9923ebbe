<script setup lang="ts">
import { computed, onBeforeUnmount, onMounted, ref, shallowRef, watch } from 'vue'
import { api, picture, type Plan } from '../api/client'
import { size } from '../lib/format'
import { useCatalogue } from '../stores/catalogue'
import { useMapping } from '../stores/mapping'
import { usePreferences } from '../stores/preferences'
import { useView } from '../stores/view'
import { useWorkspace } from '../stores/workspace'
import { SkinScene } from '../three/SkinScene'
import { useElementSize } from '../three/useElementSize'

const PAINT_PIXELS = 768

const mapping = useMapping()
const workspace = useWorkspace()
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
    problem.value = 'This browser draws no 3D.'
  }
})
onBeforeUnmount(() => scene.value?.dispose())
watch([scene, width, height], () => scene.value?.resize(width.value, height.value))

watch(
  [scene, face],
  async () => {
    if (!scene.value || !face.value || !workspace.body) return
    await scene.value.load(picture.model(face.value.id, face.value.revision), {
      sideMm: workspace.body.windowSideMm,
      topMm: workspace.body.windowTopMm,
    })
    scene.value.resize(width.value, height.value)
  },
  { immediate: true },
)

let call: AbortController | null = null
watch(
  [scene, face, () => workspace.plan],
  async () => {
    if (!scene.value || !face.value) return
    call?.abort()
    const mine = (call = new AbortController())
    const request = { ...workspace.request, faceId: face.value.id }
    try {
      const [there, paint] = await Promise.all([
        api.plan(request, mine.signal),
        api.paint(request, workspace.shownSteps, PAINT_PIXELS, mine.signal).then((b) => createImageBitmap(b)),
      ])
      if (mine.signal.aborted) return
      plan.value = there
      problem.value = ''
      scene.value?.setPaint(paint, face.value.skinColour)
    } catch (error) {
      if (!mine.signal.aborted) problem.value = (error as Error).message
    }
  },
  { immediate: true },
)

const MOST_ROWS = 6

/** The first size of each part that differs here and there; of a selected part it is shown anyway. */
const sizes = computed(() =>
  (workspace.plan?.parts ?? [])
    .flatMap((part) => {
      const [here, there] = [part.sizes[0], plan.value?.parts.find((p) => p.id === part.id)?.sizes[0]]
      if (!here || !there) return []
      const [a, b] = [size(here, preferences.unit), size(there, preferences.unit)]
      const shown = workspace.selected ? workspace.selected === part.id : a !== b
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
  <section class="compare" aria-label="The same look on another face">
    <canvas ref="canvas" aria-label="Bust of the other face; drag to turn" />
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
  background: #767676;
  border-left: 1px solid #5e5e5e;
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
  background: rgba(30, 27, 36, 0.78);
  color: #f2eef8;
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
  color: #f0b155;
}
</style>
