import type { DocumentKind } from '../api/client'
import { useDrafts } from './drafts'
import { freshName } from './freshName'

/** What tabs of one browser tell each other. */
type Word =
  | { is: 'who'; from: string }
  | { is: 'here'; from: string }
  | { is: 'saved'; from: string; kind: DocumentKind; id: string; revision: number }

/** So long is waited for the other tabs to answer; they do in a few milliseconds unless they are gone. */
const ANSWER_MS = 200

/** This tab among the tabs of its browser. */
export function useTabs(name: string, channel: BroadcastChannel | null) {
  const listeners = new Set<(kind: DocumentKind, id: string, revision: number) => void>()
  const heard = new Set<string>()
  const tell = (word: Word) => channel?.postMessage(word)

  channel?.addEventListener('message', (event: MessageEvent<Word>) => {
    const word = event.data
    heard.add(word.from)
    if (word.is === 'who') tell({ is: 'here', from: name })
    if (word.is === 'saved') for (const l of listeners) l(word.kind, word.id, word.revision)
  })

  return {
    name,
    /** Names of the tabs that are open, this one among them. */
    async alive(): Promise<ReadonlySet<string>> {
      heard.clear()
      tell({ is: 'who', from: name })
      await new Promise((resolve) => setTimeout(resolve, ANSWER_MS))
      return new Set([...heard, name])
    },
    saved: (kind: DocumentKind, id: string, revision: number) =>
      tell({ is: 'saved', from: name, kind, id, revision }),
    /** Called when another tab saved; gives the way to stop it. */
    onSaved(listener: (kind: DocumentKind, id: string, revision: number) => void) {
      listeners.add(listener)
      return () => listeners.delete(listener)
    },
  }
}

export const tabs = useTabs(
  freshName(),
  typeof BroadcastChannel === 'undefined' ? null : new BroadcastChannel('datura'),
)

export const drafts = useDrafts(localStorage, tabs.name, tabs.alive)
