import { useEventListener } from '@vueuse/core'
import { onBeforeRouteLeave } from 'vue-router'
import type { SavedDocument } from './document'

/** Nobody leaves a page while something is neither saved nor kept in the browser. */
export function useUnloadGuard(doc: Pick<SavedDocument, 'saveState' | 'saveMessage'>) {
  useEventListener('beforeunload', (event: BeforeUnloadEvent) => {
    if (doc.saveState !== 'saved' && doc.saveMessage) event.preventDefault()
  })
}

/** A screen of its own closes its document when it is left for another. */
export function useLeaveGuard(
  doc: Pick<SavedDocument, 'saveState' | 'saveMessage'> & { close: () => Promise<void> },
) {
  useUnloadGuard(doc)
  onBeforeRouteLeave(() => doc.close())
}
