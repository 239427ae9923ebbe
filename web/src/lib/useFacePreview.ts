import { useObjectUrl } from '@vueuse/core'
import { ref, shallowRef, watch, type Ref } from 'vue'
import { api, type ApiProblem, type Face } from '../api/client'
import { useLatest } from './latest'

const PREVIEW_AFTER_MS = 250

/** The body with the measures in hand, as they change: its picture, what follows from them, and what is doubted. */
export function useFacePreview(face: Ref<Face>, errors: Ref<Record<string, string[]>>) {
  const previewPicture = shallowRef<Blob>()
  const preview = useObjectUrl(previewPicture)
  const problem = ref('')
  const estimate = ref<Record<string, number>>({})
  const notes = ref<Record<string, string>>({})
  const previewing = useLatest()

  watch(
    () => JSON.stringify([face.value.measuresMm, face.value.skin]),
    () => {
      previewing.later(PREVIEW_AFTER_MS, async () => {
        if (!face.value.name) return
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
          problem.value = ''
          errors.value = {}
        } catch (error) {
          problem.value = (error as Error).message
          errors.value = (error as ApiProblem).errors ?? {}
        }
      })
    },
    { immediate: true },
  )

  return { preview, problem, estimate, notes }
}
