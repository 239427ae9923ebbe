import { useElementSize } from './useElementSize'
import { onBeforeUnmount, onMounted, ref, shallowRef, watch, type Ref } from 'vue'
import { picture } from '../api/client'
import type { PlanMark } from './marks'
import { useCatalogue } from '../stores/catalogue'
import { useCoats } from '../stores/coats'
import { useForm } from '../stores/form'
import { useMapping } from '../stores/mapping'
import { useWorkspace } from '../stores/workspace'
import { drawMap, drawMarks, drawTones, drawZone } from './marks'
import { SkinScene } from './SkinScene'

// The picture's corner lies beyond everything painted: bare skin in the light of the picture.
function bareSkin(picture: ImageBitmap): string {
  const canvas = document.createElement('canvas')
  canvas.width = canvas.height = 1
  const pen = canvas.getContext('2d', { willReadFrequently: true })!
  pen.drawImage(picture, 0, 0)
  const [r, g, b] = pen.getImageData(0, 0, 1, 1).data
  return `#${[r, g, b].map((v) => v!.toString(16).padStart(2, '0')).join('')}`
}

/** Keeps a skin scene in step with the workspace: model, paint, selection and the zone pointed at. */
export function useSkin(
  canvas: Ref<HTMLCanvasElement | null>,
  kind: 'bust' | 'chart',
  pointed: Ref<string | null>,
) {
  const workspace = useWorkspace()
  const catalogue = useCatalogue()
  const mapping = useMapping()
  const coats = useCoats()
  const form = useForm()
  /** Grows with every redraw, for labels that follow the skin. */
  const tick = ref(0)
  const stretch = shallowRef<ImageBitmap | null>(null)
  const scene = shallowRef<SkinScene | null>(null)
  const loaded = ref(false)
  const failed = ref('')
  const { width, height } = useElementSize(canvas)

  onMounted(() => {
    try {
      scene.value = new SkinScene(canvas.value!, kind)
      scene.value.onDraw = () => tick.value++
    } catch {
      failed.value =
        'This browser draws no 3D. Switch on hardware acceleration or use another browser; the sheet still prints.'
    }
  })
  onBeforeUnmount(() => scene.value?.dispose())

  watch([scene, width, height], () => scene.value?.resize(width.value, height.value))
  watch(
    [scene, () => catalogue.face, () => workspace.body],
    async () => {
      if (!scene.value || !catalogue.face || !workspace.body) return
      try {
        await scene.value.load(picture.model(catalogue.face.id, catalogue.face.revision), {
          sideMm: workspace.body.windowSideMm,
          topMm: workspace.body.windowTopMm,
        })
        scene.value.resize(width.value, height.value)
        loaded.value = true
        repaint()
        mark()
      } catch {
        failed.value = 'The body could not be loaded. It is tried again when the face changes.'
      }
    },
    { immediate: true },
  )
  watch([scene, () => workspace.paint, () => catalogue.face], repaint)
  watch(
    [scene, () => workspace.finish],
    () => {
      if (scene.value && workspace.finish && kind === 'bust') scene.value.setFinish(workspace.finish)
    },
    { immediate: true },
  )
  watch([scene, () => coats.before, () => coats.divide, width], () => {
    if (kind === 'bust') scene.value?.setBefore(coats.before, coats.divide)
  })
  watch(
    [
      () => workspace.plan,
      () => workspace.selected,
      pointed,
      loaded,
      () => mapping.lens,
      stretch,
      () => coats.hiding,
      () => form.form,
      () => form.relief,
    ],
    mark,
  )
  watch([() => mapping.stretch, () => catalogue.face], async ([wanted, face]) => {
    if (!wanted || !face || kind !== 'chart') {
      stretch.value = null
      return
    }
    try {
      const response = await fetch(picture.stretch(face.id, face.revision))
      stretch.value = response.ok ? await createImageBitmap(await response.blob()) : null
    } catch {
      stretch.value = null
    }
  })

  function repaint() {
    if (scene.value && workspace.paint) scene.value.setPaint(workspace.paint, bareSkin(workspace.paint))
  }

  function mark() {
    if (!scene.value || !loaded.value) return
    const marks: PlanMark[] = workspace.planPart?.marks ?? []
    scene.value.drawOverlay((pen) => {
      const sheet =
        stretch.value ??
        (mapping.lens === 'coats' ? coats.hiding : mapping.lens === 'form' ? form.relief : null)
      if (sheet && workspace.body) {
        // Rows of the picture run down, the chart's y runs up.
        const { windowSideMm: side, windowTopMm: top } = workspace.body
        pen.save()
        pen.scale(1, -1)
        pen.drawImage(sheet, -side / 2, -top, side, side)
        pen.restore()
      }
      if (mapping.lens === 'map' && workspace.plan)
        drawMap(pen, workspace.plan.parts, workspace.plan.costumeEdge)
      if (mapping.lens === 'form' && form.form && !workspace.dragging) drawTones(pen, form.form.tones)
      if (pointed.value && workspace.body) drawZone(pen, workspace.body.zones[pointed.value] ?? [])
      drawMarks(pen, marks)
    })
  }

  return { scene, failed, loaded, tick }
}
