import { computed, reactive, ref, shallowRef, watch, type Ref } from 'vue'
import { useRouter } from 'vue-router'
import type { DocumentKind } from '../api/client'
import { useAttempt } from './attempt'
import { useDocument, type DocumentCalls } from './document'
import { useDocumentForm } from './documentForm'
import { freshName } from './freshName'
import { useLatest } from './latest'
import { useLeaveGuard } from './leaveGuard'

/** After the last change, so that not every letter is reckoned with. */
const PAUSE_MS = 400

/** What a screen of this kind is about. */
export interface Desk<T, E, A> {
  kind: DocumentKind
  /** Where its documents live, without the id: `/case`. */
  path: string
  /** Which one is asked for by the address. */
  id: () => string | undefined
  empty: T
  calls: DocumentCalls<T>
  /** All of the kind, for the list. */
  all: () => Promise<readonly E[]>
  /** What follows from the one in hand. */
  reckon: (value: T, signal: AbortSignal) => Promise<A>
}

/** A list of documents, one of them in hand, and what follows from it, reckoned anew after every change. */
export function useDocumentDesk<T extends { name: string }, E extends { id: string }, A>(of: Desk<T, E, A>) {
  const router = useRouter()
  const attempt = useAttempt()
  const entries: Ref<readonly E[] | null> = shallowRef(null)
  const answer: Ref<A | null> = shallowRef(null)
  const problem = ref('')
  const asking = useLatest()

  const inHand = useDocument<T>(of.kind, of.empty, of.calls, {
    saved: () => void load().catch(() => undefined),
  })
  const doc = reactive(inHand)
  const form = useDocumentForm(inHand)
  useLeaveGuard(doc)

  const stored = computed(() => entries.value?.find((e) => e.id === of.id()) ?? entries.value?.[0])

  async function load() {
    entries.value = await of.all()
  }

  void attempt(load)

  async function open(id: string | undefined) {
    await doc.close()
    answer.value = null
    if (id) await attempt(() => doc.open(id))
  }

  watch(() => stored.value?.id, open)

  async function reckon() {
    if (!inHand.id.value) return
    try {
      await asking.ask(async (signal) => {
        answer.value = await of.reckon(inHand.value.value, signal)
        problem.value = ''
      })
    } catch (error) {
      problem.value = (error as Error).message
    }
  }

  watch([inHand.value, inHand.id], () => asking.later(PAUSE_MS, reckon))

  /** Kept as a new one, and taken in hand. The one before is put down first: what is typed meanwhile was not meant for it. */
  async function made(one: T) {
    await doc.close()
    const done = await attempt(async () => {
      const id = await of.calls.add(one, freshName())
      await load()
      await router.push(`${of.path}/${id}`)
    })
    if (!done) await open(stored.value?.id)
  }

  async function reload() {
    await load()
    await open(stored.value?.id)
  }

  async function removed() {
    await load()
    await router.push(of.path)
  }

  return {
    kind: of.kind,
    path: of.path,
    entries,
    stored,
    doc,
    form,
    answer,
    problem,
    reckoning: asking.busy,
    load,
    made,
    reload,
    removed,
  }
}
