import { onBeforeUnmount, onMounted, ref, shallowRef } from 'vue'
import type { ApiProblem } from '../api/client'
import { queues } from '../api/queueCalls'
import type { QueueEvent, QueueNow } from '../api/types'
import { listenAtTheChair } from './chairLive'
import { freshName } from './freshName'
import { LiveQueueShelf } from './liveQueue'

const ASK_AGAIN_MS = 5000
const TICK_MS = 1000

/** The queue of a day on this device: told to the service whenever it answers, and shown as it will be until then. */
export function useLiveQueue(day: string) {
  const shelf = new LiveQueueShelf(day, localStorage, freshName)
  const queue = shallowRef<QueueNow | null>(shelf.now)
  const cut = ref(false)
  const problem = ref('')
  const now = ref(Date.now())
  let sending = false

  async function tell() {
    if (sending) return
    sending = true
    try {
      const sent = [...shelf.waiting]
      shelf.heard(sent.length ? await queues.add(day, sent) : await queues.now(day), sent)
      cut.value = false
      problem.value = ''
    } catch (error) {
      cut.value = (error as ApiProblem).offline
      if (!cut.value) problem.value = (error as Error).message
    }
    queue.value = shelf.now
    sending = false
    // What was tapped while this was on its way.
    if (shelf.waiting.length && !cut.value && !problem.value) await tell()
  }

  async function note(what: Omit<QueueEvent, 'id' | 'at'>) {
    shelf.add(what, new Date())
    queue.value = shelf.now
    await tell()
  }

  let hush = () => {}
  let ask = 0
  let tick = 0
  onMounted(() => {
    void tell()
    hush = listenAtTheChair((about) => about === day && void tell())
    ask = window.setInterval(() => void tell(), ASK_AGAIN_MS)
    tick = window.setInterval(() => (now.value = Date.now()), TICK_MS)
  })
  onBeforeUnmount(() => {
    hush()
    window.clearInterval(ask)
    window.clearInterval(tick)
  })

  return { queue, cut, problem, now, note, tell }
}
