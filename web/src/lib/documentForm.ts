import { ref, watch, type Ref } from 'vue'
import type { useDocument } from './document'
import { changesOf } from './differences'
import { same } from './merge'

const copy = <T>(value: T): T => JSON.parse(JSON.stringify(value)) as T

/** A document as fields of a form write into it; each thing written is one step of undo. */
export function useDocumentForm<T extends { name: string }>(doc: ReturnType<typeof useDocument<T>>): Ref<T> {
  const form = ref(copy(doc.value.value)) as Ref<T>

  watch(doc.value, (now) => {
    if (!same(now, form.value)) form.value = copy(now)
  })

  watch(
    form,
    (now) => {
      const before = doc.value.value
      if (!doc.id.value || same(now, before)) return
      const what = changesOf([], before, now).map((d) => d.path.join('/'))
      doc.change(copy(now), what.join())
      // Whoever may not change it sees it as it was.
      if (!same(form.value, doc.value.value)) form.value = copy(doc.value.value)
    },
    { deep: true },
  )

  return form
}
