<script setup lang="ts">
import { NButton } from 'naive-ui'
import { computed, onBeforeUnmount, onMounted, ref, watch } from 'vue'
import { useRouter } from 'vue-router'
import ChairBar from '../components/chair/ChairBar.vue'
import ChairMore from '../components/chair/ChairMore.vue'
import ChairOther from '../components/chair/ChairOther.vue'
import ChairStep from '../components/chair/ChairStep.vue'
import { listenToPedal } from '../lib/chairPedal'
import { chime, speak } from '../lib/chairVoice'
import { clock } from '../lib/format'
import { useChair } from '../lib/useChair'
import { useChairWishes } from '../stores/chairWishes'
import { say } from '../texts'

/** The guided run: one step at a time, large, with how it stands against the bell. */
const props = defineProps<{ id: string; lane?: string }>()

/** A key that is held so long takes up what is offered instead of going on. */
const HELD_MS = 700

const router = useRouter()
const wishes = useChairWishes()
const lane = ref<0 | 1 | 2>(props.lane === '1' ? 1 : props.lane === '2' ? 2 : 0)
const chair = useChair(props.id, lane)
const { painting, plan, state, current, step, next, resting, begun, ended, offer, waiting } = chair
const more = ref(false)

const two = computed(() => state.value.steps.some((s) => s.step.painter === 2))
const nextStep = computed(() => chair.planOf(next.value?.step.key))
const blocked = computed(
  () => !current.value && !ended.value && state.value.steps.some((s) => s.status === 'open'),
)

const over = computed(() => {
  if (!begun.value) return say('chair.begin')
  if (ended.value) return say('chair.ended', { time: clock(chair.worked.value) })
  if (resting.value) return say('chair.resting')
  if (blocked.value) return say('chair.otherPaints')
  return current.value ? '' : say('chair.allDone')
})

const words = computed(() => [
  current.value?.step.title,
  ...(step.value?.poses ?? []).map((p) => p.words),
  step.value?.paint,
  step.value?.toolName,
])

watch(
  () => begun.value && current.value?.step.key,
  (key) => {
    if (key && wishes.voice) speak(words.value.filter(Boolean).join('. '))
  },
)
watch(
  () => waiting.value > 0,
  (still, was) => {
    if (was && !still && wishes.sound && !ended.value) chime()
  },
)

let held: { key: string; at: number } | null = null

const DEEDS: Record<string, () => unknown> = {
  ' ': chair.tap,
  Enter: chair.tap,
  ArrowRight: chair.tap,
  PageDown: chair.tap,
  ArrowLeft: chair.takeBack,
  PageUp: chair.takeBack,
  b: chair.drop,
  p: chair.pause,
  s: () => current.value && chair.happened('stepSkipped', { step: current.value.step.key }),
}

function pressed(event: KeyboardEvent) {
  const at = event.target as HTMLElement | null
  if (event.ctrlKey || event.metaKey || event.altKey) return
  if (at?.closest?.('input, textarea, [role=dialog], .n-base-selection')) return
  // On a button these two press it.
  if ((event.key === ' ' || event.key === 'Enter') && at?.closest?.('button, a')) return
  const deed = DEEDS[event.key]
  if (!deed) return
  event.preventDefault()
  if (event.repeat) return
  // Held down, the key that goes on takes up what is offered.
  if (deed === chair.tap && offer.value?.leaves.length) held = { key: event.key, at: Date.now() }
  else deed()
}

function released(event: KeyboardEvent) {
  if (held?.key !== event.key) return
  const long = Date.now() - held.at >= HELD_MS
  held = null
  if (long) chair.drop()
  else chair.tap()
}

let deaf: (() => void) | undefined
onMounted(() => {
  window.addEventListener('keydown', pressed)
  window.addEventListener('keyup', released)
  deaf = listenToPedal()
})
onBeforeUnmount(() => {
  window.removeEventListener('keydown', pressed)
  window.removeEventListener('keyup', released)
  deaf?.()
})
</script>

<template>
  <div class="chair">
    <p v-if="chair.problem.value" class="stop" role="alert">{{ chair.problem.value }}</p>
    <template v-if="painting">
      <chair-bar
        :state="state"
        :lane="lane"
        :worked="chair.worked.value"
        :remaining="chair.remaining.value"
        :behind="chair.behind.value"
        :bell="chair.bell.value"
        :now="chair.now.value"
        :offer="offer"
        :cut="chair.cut.value ? chair.waits() : null"
        @drop="chair.drop"
      />
      <div class="run">
        <button class="face" :aria-label="say('chair.tap')" @click="chair.tap">
          <img
            v-if="chair.picture.value && !ended"
            :src="chair.picture.value"
            :class="{ turned: wishes.mirror }"
            :alt="say('chair.whatIsNew')"
          />
          <span v-if="over" class="over">{{ over }}</span>
        </button>
        <section class="now" aria-live="polite">
          <chair-step
            v-if="current && !ended"
            :current="current"
            :step="step"
            :in-step="chair.inStep.value"
            :waiting="waiting"
            :next="next"
            :next-step="nextStep"
            :next-picture="chair.nextPicture.value"
            :turned="wishes.mirror"
          />
          <chair-other
            v-if="two && begun && !ended"
            :state="state"
            :now="chair.now.value"
            :lane="lane"
            :painting="painting"
          />
          <chair-more
            v-if="more"
            :id="id"
            :chair="chair"
            :plan="plan"
            :two="two"
            :lane="lane"
            @lane="(to) => (lane = to)"
            @close="more = false"
          />
          <n-button v-if="ended" size="large" type="primary" @click="router.push(`/book/${id}`)">{{
            say('chair.toTheBook')
          }}</n-button>
        </section>
      </div>
      <footer class="deeds">
        <button :disabled="!chair.back.value || ended" @click="chair.takeBack">
          {{ say('chair.undo') }}
        </button>
        <button :disabled="!begun || ended" @click="chair.pause">
          {{ resting ? say('chair.goOn') : say('chair.pause') }}
        </button>
        <button :aria-expanded="more" @click="more = !more">{{ say('chair.more') }}</button>
        <button class="done" :disabled="ended || blocked" @click="chair.tap">
          {{
            !begun
              ? say('chair.start')
              : resting
                ? say('chair.goOn')
                : current
                  ? say('chair.done')
                  : say('chair.end')
          }}
        </button>
      </footer>
    </template>
  </div>
</template>

<style scoped>
.chair {
  display: grid;
  grid-template-rows: auto minmax(0, 1fr) auto;
  height: 100%;
  background: var(--panel);
  font-size: 18px;
}

.stop {
  grid-row: 1;
  margin: 0;
  padding: 6px 16px;
}

.run {
  display: grid;
  grid-template-columns: minmax(0, 1.05fr) minmax(0, 1fr);
  min-height: 0;
}

.face {
  position: relative;
  display: grid;
  place-items: center;
  min-height: 0;
  padding: 0;
  border: 0;
  background: var(--surround);
  cursor: pointer;
  overflow: hidden;
}

.face img {
  width: 100%;
  height: 100%;
  object-fit: cover;
}

.turned {
  transform: scaleX(-1);
}

.over {
  position: absolute;
  inset: auto 0 0;
  padding: 18px;
  background: var(--chip);
  color: var(--on-picture);
  font-size: 26px;
}

.now {
  padding: 14px 22px;
  overflow: auto;
}

.deeds {
  display: grid;
  grid-template-columns: repeat(3, minmax(0, 1fr)) minmax(0, 3fr);
  border-top: 1px solid var(--line);
}

.deeds button {
  min-height: 84px;
  padding: 4px;
  border: 0;
  border-right: 1px solid var(--line);
  background: var(--ground);
  color: var(--ink);
  font: inherit;
  font-size: 20px;
  cursor: pointer;
}

.deeds button:disabled {
  color: var(--faint);
  cursor: default;
}

.deeds .done {
  background: var(--grip);
  color: var(--on-picture);
  font-size: 30px;
}

.deeds .done:disabled {
  background: var(--ground);
}

@media (width <= 760px) {
  .run {
    grid-template-columns: minmax(0, 1fr);
    grid-template-rows: minmax(0, 42%) minmax(0, 1fr);
  }

  .deeds {
    grid-template-columns: repeat(3, minmax(0, 1fr)) minmax(0, 1.8fr);
  }

  .deeds button {
    min-height: 64px;
    font-size: 17px;
  }

  .deeds .done {
    font-size: 24px;
  }

  .now {
    padding: 10px 14px;
  }
}
</style>
