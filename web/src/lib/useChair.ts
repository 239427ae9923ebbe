import { computed, onBeforeUnmount, onMounted, ref, shallowRef, watch, type Ref } from 'vue'
import { chair } from '../api/chairCalls'
import {
  ApiProblem,
  api,
  entry,
  type ChairEvent,
  type Painting,
  type Plan,
  type PlanRequest,
} from '../api/client'
import { useSession } from '../stores/session'
import {
  chairState,
  currentStep,
  into,
  isResting,
  remainingSeconds,
  workedSeconds,
  behindSeconds,
} from './chair'
import { listenAtTheChair } from './chairLive'
import { lastTap } from './chairOrder'
import { ChairQueue, deviceOf } from './chairQueue'
import { sendWaiting } from './chairSend'
import { chairRest, suretyOf } from './chairRest'
import { chairShelf } from './chairShelf'
import { freshName } from './freshName'
import { keepForOffline } from './offline'
import { readPhoto, toKeep } from './photo'

const ASK_AGAIN_MS = 4000
const TICK_MS = 250
/** What to leave out is weighed anew so often, and after every tap. */
const WEIGH_MS = 3000
const PICTURE_PIXELS = 720

/**
 * A session in the chair on this device: what happened is kept here first and told to the service whenever it answers; plan and pictures are kept
 * too, so that a page that is loaded anew without the service goes on where it was.
 * @param lane The painter whose steps this device shows; 0 for all.
 */
export function useChair(id: string, lane: Ref<0 | 1 | 2>) {
  const session = useSession()
  const painting = shallowRef<Painting | null>(null)
  const plan = shallowRef<Plan | null>(null)
  const events = shallowRef<readonly ChairEvent[]>([])
  const now = ref(Date.now())
  const weighedAt = ref(Date.now())
  const problem = ref('')
  const cut = ref(false)
  /** Why a photo was not kept. */
  const refused = ref('')
  const picture = ref('')
  const nextPicture = ref('')
  const pictures = new Map<string, Promise<string>>()
  const urls: string[] = []
  let queue: ChairQueue | null = null
  let request: PlanRequest | null = null
  let gone = false

  const state = computed(() => chairState(painting.value?.steps ?? [], events.value))
  const isHere = (painter: number) => lane.value === 0 || lane.value === painter
  const current = computed(() =>
    lane.value
      ? currentStep(state.value, lane.value)
      : (currentStep(state.value, 1) ?? currentStep(state.value, 2)),
  )
  const planOf = (key: string | undefined) => plan.value?.steps.find((s) => s.key === key)
  const step = computed(() => planOf(current.value?.step.key))
  const coming = computed(() =>
    state.value.steps.filter((s) => s.status === 'open' && isHere(s.step.painter)),
  )
  const next = computed(() => coming.value.find((s) => s !== current.value))
  const resting = computed(() => isResting(state.value))
  const begun = computed(() => state.value.began !== null)
  const ended = computed(() => state.value.ended !== null)
  const worked = computed(() => workedSeconds(state.value, now.value))
  const remaining = computed(() => remainingSeconds(state.value, now.value))
  const behind = computed(() => Math.round(behindSeconds(state.value, now.value)))
  const inStep = computed(() =>
    Math.max(0, worked.value - (state.value.laneFrom[current.value?.step.painter ?? 1] ?? 0)),
  )
  /** When the bell rings, ms of the epoch; it does not wait for who rests. */
  const bell = computed(() =>
    begun.value && painting.value?.slotMinutes
      ? state.value.began! + 60_000 * painting.value.slotMinutes
      : null,
  )
  /** Still to wait before the strokes of this step; paint goes on drying while the work rests. */
  const waiting = computed(() => {
    const at = current.value
    if (!at || !begun.value) return 0
    const from = Math.max(
      state.value.began!,
      ...state.value.steps.filter((s) => s.step.painter === at.step.painter).map((s) => s.doneAt ?? 0),
    )
    return Math.max(0, at.step.waitSeconds - (now.value - from) / 1000)
  })
  const back = computed(() => {
    const keys = new Set(state.value.steps.filter((s) => isHere(s.step.painter)).map((s) => s.step.key))
    return lastTap(events.value, (key) => keys.has(key))
  })

  /** What to leave out so that it still ends in time; null while nothing needs to be. */
  const offer = computed(() => {
    if (bell.value === null || ended.value || !current.value) return null
    const left = Math.max(0, (bell.value - weighedAt.value) / 1000)
    const spent = Object.fromEntries([1, 2].map((p) => [p, into(state.value, p, weighedAt.value)]))
    const surety = suretyOf(painting.value?.confidence ?? 0.8)
    const found = chairRest(
      state.value.steps,
      painting.value?.ways ?? [],
      state.value.dropped,
      left,
      surety,
      spent,
    )
    if (found.fits && !found.chosen.length) return null
    const ways = found.chosen.map((k) => painting.value!.ways![k]!)
    return {
      ...found,
      late: found.goingOn - left,
      early: left - found.likely,
      labels: ways.map((w) => w.label),
      leaves: [...new Set(ways.flatMap((w) => w.leaves ?? []))],
    }
  })

  function happened(kind: ChairEvent['kind'], more: Partial<ChairEvent> = {}) {
    if (!queue) return
    // Before it begins and after it has ended only a note makes sense.
    if (kind !== 'noted' && (ended.value || begun.value !== (kind !== 'begun'))) return
    queue.add({ kind, step: null, other: null, words: null, parts: [], ...more }, new Date())
    events.value = [...queue.events]
    now.value = weighedAt.value = Date.now()
    void send()
  }

  const pause = () => happened(resting.value ? 'resumed' : 'paused')
  const takeBack = () =>
    back.value &&
    (back.value.kind === 'stepUndone'
      ? happened('stepUndone', { step: back.value.step })
      : happened('partsTakenBack', { parts: back.value.parts }))
  const drop = () => offer.value?.leaves.length && happened('partsDropped', { parts: offer.value.leaves })

  /** The one thing that a wet hand asks for. */
  function tap() {
    if (!begun.value) happened('begun')
    else if (resting.value) pause()
    else if (current.value) happened('stepDone', { step: current.value.step.key })
    else if (!coming.value.length && !state.value.steps.some((s) => s.status === 'open')) happened('ended')
  }

  let sending = false
  /** Tells the service what it has not heard; while it is out of reach the events wait here. */
  async function send() {
    if (!queue || sending) return
    sending = true
    try {
      // A page that opened without the service has no word of it yet.
      if (!entry.word && !session.session) await session.load()
      const all = queue.waiting.length
        ? await chair.addEvents(id, [...queue.waiting])
        : await chair.events(id)
      queue.heard(all)
      events.value = [...queue.events]
      cut.value = false
      problem.value = ''
      await sendWaiting(localStorage, (why) => (refused.value = why))
    } catch (error) {
      cut.value = true
      problem.value = (error as ApiProblem).offline ? '' : (error as Error).message
    } finally {
      sending = false
    }
  }

  async function addPhoto(file: File) {
    refused.value = ''
    try {
      const picture = await toKeep(await readPhoto(file))
      await chairShelf.addPhoto({ id: freshName(), session: id, takenAt: new Date().toISOString(), picture })
    } catch (error) {
      refused.value = (error as Error).message
    }
    await send()
  }

  /** Numbers of the steps on the skin when they are not simply all before; what is left out. */
  function seen(number: number): { done?: string; without?: string } {
    const steps = plan.value!.steps
    const isDone = (key: string) => state.value.steps.some((s) => s.step.key === key && s.status === 'done')
    const on = steps.filter((s) => isDone(s.key)).map((s) => s.number)
    const ahead = steps.filter((s) => s.number < number).map((s) => s.number)
    // Of the step after this one it is taken that this one is done by then.
    const at = planOf(current.value?.step.key)?.number
    const then = at && at !== number ? [...new Set([...on, at])].sort((a, b) => a - b) : on
    const without = [...state.value.dropped].sort().join(',')
    return {
      ...(then.join() === ahead.join() ? {} : { done: then.join() || '0' }),
      ...(without ? { without } : {}),
    }
  }

  /** Each picture once, however many ask for it. */
  function drawn(number: number, so: { done?: string; without?: string } = {}): Promise<string> {
    const name = `${id} ${number} ${so.done ?? ''} ${so.without ?? ''}`
    const known = pictures.get(name)
    if (known) return known
    const made = fetched(name, number, so)
    pictures.set(name, made)
    made.catch(() => pictures.delete(name))
    return made
  }

  async function fetched(name: string, number: number, so: { done?: string; without?: string }) {
    let blob = await chairShelf.picture(name)
    if (!blob) {
      if (!request) throw new Error(name)
      blob = await chair.stepPicture(request, number, PICTURE_PIXELS, so.done, so.without)
      void chairShelf.keepPicture(name, blob)
    }
    const url = URL.createObjectURL(blob)
    urls.push(url)
    return url
  }

  /** As it is on this skin, or as it was planned where only that is at hand. */
  async function pictureOf(key: string | undefined): Promise<string> {
    const number = planOf(key)?.number
    if (!number) return ''
    try {
      return await drawn(number, seen(number))
    } catch {
      return drawn(number).catch(() => '')
    }
  }

  const drawnFor = computed(
    () => `${current.value?.step.key} ${[...state.value.dropped].join()} ${!!plan.value}`,
  )
  watch(drawnFor, async () => {
    const [key, then] = [current.value?.step.key, next.value?.step.key]
    const shown = await pictureOf(key)
    if (current.value?.step.key !== key) return
    if (shown) picture.value = shown
    // The next picture is made ready while this step is painted.
    const ready = await pictureOf(then)
    if (next.value?.step.key === then) nextPicture.value = ready
  })

  /** The pictures of all steps as planned, one after the other, for when the service is out of reach. */
  async function keepAll() {
    for (const { number } of plan.value?.steps ?? []) {
      if (gone) return
      await drawn(number).catch(() => '')
    }
  }

  async function open() {
    queue = new ChairQueue(id, deviceOf(localStorage, freshName), localStorage)
    events.value = [...queue.events]
    const kept = await chairShelf.find(id)
    if (kept) {
      painting.value = kept.painting
      request = kept.request
      plan.value = kept.plan
    }
    void send()
    try {
      const { painting: found } = await api.painting(id)
      painting.value = found
      const { look } = await api.look(found.look, found.lookRevision ?? undefined)
      request = {
        look,
        faceId: found.face ?? '',
        kitId: found.kit ?? '',
        settingId: found.setting ?? '',
        draft: false,
        onScreen: null,
      }
      if (!kept) plan.value = await api.plan(request)
      await chairShelf.forget(null)
      // What is kept goes through the browser's own copy, which knows no proxies.
      await chairShelf.keep(
        JSON.parse(JSON.stringify({ id, painting: found, plan: plan.value, request, keptAt: Date.now() })),
      )
      void keepAll()
    } catch (error) {
      if (!kept) problem.value = (error as Error).message
    }
  }

  let timers: number[] = []
  let deaf: (() => void) | undefined
  let awake: { release(): Promise<void> } | null = null
  // A screen that goes dark is woken by a wet finger; where the browser lets it, it stays on.
  const stayAwake = () =>
    void navigator.wakeLock?.request('screen').then(
      (lock) => (awake = lock),
      () => undefined,
    )
  const seenAgain = () => document.visibilityState === 'visible' && stayAwake()

  onMounted(() => {
    keepForOffline()
    void open()
    timers = [
      window.setInterval(() => (now.value = Date.now()), TICK_MS),
      window.setInterval(() => (weighedAt.value = Date.now()), WEIGH_MS),
      window.setInterval(() => void send(), ASK_AGAIN_MS),
    ]
    deaf = listenAtTheChair((other) => other === id && void send())
    window.addEventListener('online', send)
    document.addEventListener('visibilitychange', seenAgain)
    stayAwake()
  })

  onBeforeUnmount(() => {
    gone = true
    timers.forEach((t) => window.clearInterval(t))
    deaf?.()
    window.removeEventListener('online', send)
    document.removeEventListener('visibilitychange', seenAgain)
    urls.forEach((url) => URL.revokeObjectURL(url))
    if (ended.value && queue && !queue.waiting.length) {
      queue.forget()
      void chairShelf.forget(id)
    }
    void awake?.release()
  })

  return {
    painting,
    plan,
    events,
    state,
    now,
    problem,
    cut,
    refused,
    picture,
    nextPicture,
    current,
    step,
    coming,
    next,
    resting,
    begun,
    ended,
    worked,
    remaining,
    behind,
    inStep,
    waiting,
    bell,
    back,
    offer,
    planOf,
    happened,
    tap,
    pause,
    takeBack,
    drop,
    addPhoto,
    waits: () => queue?.waiting.length ?? 0,
  }
}
