import { say } from '../texts'
import { useElementSize } from '@vueuse/core'
import { computed, onBeforeUnmount, onMounted, ref, shallowRef, watch, type Ref } from 'vue'
import { picture } from '../api/addresses'
import type { PlanMark } from './marks'
import { useCatalogue } from '../stores/catalogue'
import { useCoats } from '../stores/coats'
import { useMapping } from '../stores/mapping'
import { usePlan } from '../stores/plan'
import { useSelection } from '../stores/selection'
import { drawMarks, drawZone } from './marks'
import { SkinScene } from './SkinScene'
import { lensOf } from '../lenses/registry'
import { useLens } from '../stores/lens'

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
  const planning = usePlan()
  const selection = useSelection()
  const catalogue = useCatalogue()
  const mapping = useMapping()
  const lens = useLens()
  const coats = useCoats()
  const onSkin = computed(() => lensOf(lens.id).onSkin?.() ?? {})
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
      failed.value = say('useSkin.noThreeDimensions')
    }
  })
  onBeforeUnmount(() => scene.value?.dispose())

  watch([scene, width, height], () => scene.value?.resize(width.value, height.value))
  watch(
    [scene, () => catalogue.face, () => planning.body],
    async () => {
      if (!scene.value || !catalogue.face || !planning.body) return
      try {
        await scene.value.load(picture.model(catalogue.face.id, catalogue.face.revision), {
          sideMm: planning.body.windowSideMm,
          topMm: planning.body.windowTopMm,
        })
        scene.value.resize(width.value, height.value)
        loaded.value = true
        repaint()
        mark()
      } catch {
        failed.value = say('useSkin.theBodyCouldNotBeLoaded')
      }
    },
    { immediate: true },
  )
  watch([scene, () => planning.plan?.setting.onOneself], () =>
    scene.value?.mirror(planning.plan?.setting.onOneself ?? false),
  )
  watch([scene, () => planning.paint, () => catalogue.face], repaint)
  watch(
    [scene, () => planning.finish],
    () => {
      if (scene.value && planning.finish && kind === 'bust') scene.value.setFinish(planning.finish)
    },
    { immediate: true },
  )
  watch([scene, () => coats.before, () => coats.divide, width], () => {
    if (kind === 'bust') scene.value?.setBefore(coats.before, coats.divide)
  })
  watch([() => planning.plan, () => selection.selected, pointed, loaded, onSkin, stretch], mark)
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
    if (scene.value && planning.paint) scene.value.setPaint(planning.paint, bareSkin(planning.paint))
  }

  function mark() {
    if (!scene.value || !loaded.value) return
    const marks: PlanMark[] = planning.planPart?.marks ?? []
    scene.value.drawOverlay((pen) => {
      const sheet = stretch.value ?? onSkin.value.sheet
      if (sheet && planning.body) {
        // Rows of the picture run down, the chart's y runs up.
        const { windowSideMm: side, windowTopMm: top } = planning.body
        pen.save()
        pen.scale(1, -1)
        pen.drawImage(sheet, -side / 2, -top, side, side)
        pen.restore()
      }
      onSkin.value.draw?.(pen)
      if (pointed.value && planning.body) drawZone(pen, planning.body.zones[pointed.value] ?? [])
      drawMarks(pen, marks)
    })
  }

  return { scene, failed, loaded, tick }
}
