<script setup lang="ts">
import { NButton, NInput } from 'naive-ui'
import { computed, onBeforeUnmount, onMounted, ref, shallowRef, watch } from 'vue'
import { useRouter } from 'vue-router'
import { api, type ChairEvent, type Painting, type Plan, type PlanRequest } from '../api/client'
import ChairDrop from '../components/ChairDrop.vue'
import {
  behindSeconds,
  chairState,
  currentStep,
  isResting,
  remainingSeconds,
  workedSeconds,
} from '../lib/chair'
import { ChairQueue, deviceOf } from '../lib/chairQueue'
import { clock } from '../lib/format'
import { freshName } from '../lib/freshName'
import { say } from '../texts'

/** The guided run: one step at a time, large, with how it stands against the clock. */
const props = defineProps<{ id: string }>()

const ASK_AGAIN_MS = 4000
const TICK_MS = 500
const PICTURE_PIXELS = 720

const router = useRouter()
const painting = shallowRef<Painting | null>(null)
const plan = shallowRef<Plan | null>(null)
const events = shallowRef<readonly ChairEvent[]>([])
const now = ref(Date.now())
const problem = ref('')
const cut = ref(false)
const note = ref('')
const pictures = new Map<number, string>()
const picture = ref('')
let queue: ChairQueue | null = null
let request: PlanRequest | null = null
let timers: number[] = []
let awake: { release(): Promise<void> } | null = null

const state = computed(() => chairState(painting.value?.steps ?? [], events.value))
const current = computed(() => currentStep(state.value, 1) ?? currentStep(state.value, 2))
const step = computed(() => plan.value?.steps.find((s) => s.key === current.value?.step.key))
const next = computed(() => {
  const open = state.value.steps.filter((s) => s.status === 'open')
  return plan.value?.steps.find((s) => s.key === open[1]?.step.key)
})
const resting = computed(() => isResting(state.value))
const ended = computed(() => state.value.ended !== null)
const worked = computed(() => workedSeconds(state.value, now.value))
const remaining = computed(() => remainingSeconds(state.value, now.value))
const behind = computed(() => Math.round(behindSeconds(state.value, now.value)))
const slot = computed(() => 60 * (painting.value?.slotMinutes ?? 0))
const over = computed(() => (slot.value ? worked.value + remaining.value - slot.value : 0))
const inStep = computed(() => {
  const lane = current.value?.step.painter ?? 1
  return Math.max(0, worked.value - (state.value.laneFrom[lane] ?? 0))
})
/** Still to wait before the strokes of this step. */
const waiting = computed(() => Math.max(0, (current.value?.step.waitSeconds ?? 0) - inStep.value))
const lastDone = computed(
  () =>
    state.value.steps.filter((s) => s.status === 'done').sort((a, b) => b.from + b.last - a.from - a.last)[0],
)

function happened(kind: ChairEvent['kind'], more: Partial<ChairEvent> = {}) {
  if (!queue) return
  queue.add({ kind, step: null, other: null, words: null, parts: [], ...more }, new Date())
  events.value = [...queue.events]
  now.value = Date.now()
  void send()
}

const begin = () => happened('begun')
const done = () => current.value && happened('stepDone', { step: current.value.step.key })
const skip = () => current.value && happened('stepSkipped', { step: current.value.step.key })
const undo = () => lastDone.value && happened('stepUndone', { step: lastDone.value.step.key })
const wipe = () => lastDone.value && happened('stepWiped', { step: lastDone.value.step.key })
const pause = () => happened(resting.value ? 'resumed' : 'paused')
const stop = () => happened('stopped', { words: current.value?.step.title ?? '' })
const end = () => happened('ended')

/** The one thing that a wet hand asks for. */
function tap() {
  if (ended.value) return
  if (state.value.began === null) begin()
  else if (resting.value) pause()
  else if (current.value) done()
  else end()
}

function keep() {
  if (note.value.trim()) happened('noted', { words: note.value.trim() })
  note.value = ''
}

let sending = false
/** Tells the service what it has not heard; while it is out of reach the events wait here. */
async function send() {
  if (!queue || sending) return
  sending = true
  try {
    const all = queue.waiting.length
      ? await api.addPaintingEvents(props.id, [...queue.waiting])
      : await api.paintingEvents(props.id)
    queue.heard(all)
    events.value = [...queue.events]
    cut.value = false
  } catch (error) {
    cut.value = true
    problem.value = (error as { offline?: boolean }).offline ? '' : (error as Error).message
  } finally {
    sending = false
  }
}

async function draw(key: string | undefined) {
  const index = plan.value?.steps.findIndex((s) => s.key === key) ?? -1
  if (!request || index < 0) return
  try {
    if (!pictures.has(index)) {
      const url = URL.createObjectURL(await api.stepPicture(request, index + 1, PICTURE_PIXELS))
      pictures.set(index, url)
    }
    if (current.value?.step.key === key) picture.value = pictures.get(index)!
  } catch {
    // The words are there; the last picture stays.
  }
}

// The next picture is made ready while this step is painted.
watch([() => current.value?.step.key, plan], async ([key]) => {
  await draw(key)
  void draw(next.value?.key)
})

async function open() {
  try {
    queue = new ChairQueue(props.id, deviceOf(localStorage, freshName), localStorage)
    events.value = [...queue.events]
    const { painting: found } = await api.painting(props.id)
    painting.value = found
    await send()
    const { look } = await api.look(found.look, found.lookRevision ?? undefined)
    request = {
      look,
      faceId: found.face ?? '',
      kitId: found.kit ?? '',
      settingId: found.setting ?? '',
      draft: false,
      onScreen: null,
    }
    plan.value = await api.plan(request)
  } catch (error) {
    problem.value = (error as Error).message
  }
}

function pressed(event: KeyboardEvent) {
  if ((event.target as HTMLElement).closest('input, textarea, button, a')) return
  const deed = (
    {
      ' ': tap,
      Enter: tap,
      ArrowRight: tap,
      PageDown: tap,
      ArrowLeft: undo,
      PageUp: undo,
      p: pause,
      s: skip,
    } as Record<string, () => unknown>
  )[event.key]
  if (!deed) return
  event.preventDefault()
  deed()
}

onMounted(() => {
  void open()
  timers = [
    window.setInterval(() => (now.value = Date.now()), TICK_MS),
    window.setInterval(() => void send(), ASK_AGAIN_MS),
  ]
  window.addEventListener('keydown', pressed)
  window.addEventListener('online', send)
  // A screen that goes dark is woken by a wet finger; where the browser lets it, it stays on.
  void navigator.wakeLock?.request('screen').then(
    (lock) => (awake = lock),
    () => undefined,
  )
})

onBeforeUnmount(() => {
  timers.forEach((t) => window.clearInterval(t))
  window.removeEventListener('keydown', pressed)
  window.removeEventListener('online', send)
  pictures.forEach((url) => URL.revokeObjectURL(url))
  void awake?.release()
})
</script>

<template>
  <div class="chair">
    <p v-if="problem" class="stop" role="alert">{{ problem }}</p>
    <main v-if="painting" class="run">
      <button class="face" :aria-label="say('chair.tap')" @click="tap">
        <img v-if="picture && !ended" :src="picture" :alt="say('chair.whatIsNew')" />
        <span v-if="state.began === null" class="over">{{ say('chair.begin') }}</span>
        <span v-else-if="resting" class="over">{{ say('chair.resting') }}</span>
        <span v-else-if="ended" class="over">{{ say('chair.ended', { time: clock(worked) }) }}</span>
        <span v-else-if="!current" class="over">{{ say('chair.allDone') }}</span>
      </button>
      <section class="now" aria-live="polite">
        <p class="clock">
          <b>{{ clock(worked) }}</b>
          <span v-if="slot" class="faint">{{ say('chair.ofSlot', { slot: clock(slot) }) }}</span>
          <span v-if="cut" class="warning">{{
            say('chair.cut', { count: queue?.waiting.length ?? 0 })
          }}</span>
        </p>
        <p v-if="state.began !== null && !ended" :class="behind > 15 ? 'warning' : 'faint'">
          {{
            behind > 0
              ? say('chair.behind', { time: clock(behind) })
              : say('chair.ahead', { time: clock(-behind) })
          }}
          · {{ say('chair.remaining', { time: clock(remaining) }) }}
        </p>
        <template v-if="current && !ended">
          <h1>{{ current.step.title }}</h1>
          <p v-if="step" class="with">
            <span class="swatch" :style="{ background: step.paintColour }" />
            <b>{{ step.paint }}</b> · {{ step.toolName }} · {{ step.hand }}
          </p>
          <p v-for="pose in step?.poses ?? []" :key="pose.words" class="pose">{{ pose.words }}</p>
          <p v-for="words in step?.words ?? []" :key="words">{{ words }}</p>
          <p v-for="words in step?.cautions ?? []" :key="words" class="faint">{{ words }}</p>
          <p class="clock">
            {{ say('chair.inStep', { spent: clock(inStep), planned: clock(current.step.seconds) }) }}
            <b v-if="waiting > 0" class="warning">{{ say('chair.wait', { time: clock(waiting) }) }}</b>
          </p>
          <p v-if="waiting > 0 && step?.meanwhile.length" class="faint">
            {{ say('chair.meanwhile', { what: step.meanwhile.join(', ') }) }}
          </p>
          <p v-if="next" class="next">
            {{ say('chair.next', { title: next.title, tool: next.toolName, paint: next.paint }) }}
          </p>
        </template>
        <chair-drop
          v-if="state.began !== null && !ended"
          :steps="state.steps"
          :over="over"
          :labels="plan?.parts ?? []"
          @drop="(parts: string[]) => happened('partsDropped', { parts })"
          @take-back="(parts: string[]) => happened('partsTakenBack', { parts })"
        />
        <div v-if="!ended && state.began !== null" class="deeds">
          <n-button size="large" :disabled="!lastDone" @click="undo">{{ say('chair.undo') }}</n-button>
          <n-button size="large" :disabled="!current" @click="skip">{{ say('chair.skip') }}</n-button>
          <n-button size="large" @click="pause">{{
            resting ? say('chair.goOn') : say('chair.pause')
          }}</n-button>
          <n-button size="large" :disabled="!lastDone" @click="wipe">{{ say('chair.wipe') }}</n-button>
          <n-button size="large" @click="stop">{{ say('chair.stopHere') }}</n-button>
        </div>
        <form v-if="state.began !== null" class="note" @submit.prevent="keep">
          <n-input
            v-model:value="note"
            :maxlength="300"
            :placeholder="say('chair.note')"
            :input-props="{ 'aria-label': say('chair.note') }"
          />
          <n-button attr-type="submit" size="large" :disabled="!note.trim()">{{
            say('chair.keep')
          }}</n-button>
        </form>
        <n-button v-if="ended" size="large" type="primary" @click="router.push(`/book/${id}`)">{{
          say('chair.toTheBook')
        }}</n-button>
      </section>
    </main>
  </div>
</template>

<style scoped>
.chair {
  padding: 14px 18px;
  min-height: 100%;
  background: var(--panel);
  font-size: 18px;
}

.run {
  display: grid;
  grid-template-columns: minmax(0, 1.1fr) minmax(0, 1fr);
  gap: 22px;
}

.face {
  position: relative;
  display: grid;
  place-items: center;
  aspect-ratio: 1;
  max-height: calc(100vh - 40px);
  padding: 0;
  border: 0;
  border-radius: 14px;
  background: var(--surround);
  cursor: pointer;
  overflow: hidden;
}

.face img {
  width: 100%;
  height: 100%;
  object-fit: cover;
}

.over {
  position: absolute;
  inset: auto 0 0;
  padding: 18px;
  background: var(--chip);
  color: var(--on-picture);
  font-size: 24px;
}

h1 {
  margin: 8px 0;
  font-size: clamp(28px, 3.2vw, 42px);
}

.clock b {
  font-size: clamp(26px, 3vw, 40px);
  font-variant-numeric: tabular-nums;
}

.clock > span {
  margin-left: 10px;
}

.with .swatch {
  display: inline-block;
  width: 22px;
  height: 22px;
  margin-right: 6px;
  border: 1px solid var(--line);
  border-radius: 5px;
  vertical-align: -4px;
}

.with {
  font-size: clamp(18px, 1.8vw, 24px);
}

.pose {
  font-size: clamp(22px, 2.2vw, 30px);
  color: var(--accent);
}

.next {
  padding-top: 8px;
  border-top: 1px solid var(--line);
  color: var(--faint);
}

.warning {
  color: var(--warning);
}

.deeds {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  margin: 12px 0;
}

.deeds :deep(button) {
  min-height: 48px;
}

.note {
  display: grid;
  grid-template-columns: 1fr auto;
  gap: 8px;
}

@media (width <= 760px) {
  .run {
    grid-template-columns: minmax(0, 1fr);
    gap: 12px;
  }

  .face {
    max-height: 52vh;
    width: 100%;
  }
}
</style>
