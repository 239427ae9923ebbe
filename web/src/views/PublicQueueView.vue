<script setup lang="ts">
import { NButton, NInputNumber } from 'naive-ui'
import { computed, onBeforeUnmount, onMounted, ref, shallowRef } from 'vue'
import { queues } from '../api/queueCalls'
import type { ApiProblem } from '../api/client'
import type { PublicQueue } from '../api/types'
import { clockAfter, waitWords } from '../lib/queueWords'
import { say } from '../texts'

/** What phones and the board see of a queue: numbers and waits, no names. */
const props = defineProps<{ board?: boolean }>()
const ASK_AGAIN_MS = 10_000
const MINE = 'datura.myNumber'

const token = window.location.hash.slice(1)
const queue = shallowRef<PublicQueue | null>(null)
const problem = ref('')
const cut = ref(false)
const nowMs = ref(Date.now())
const key = `${MINE}.${token.slice(0, 12)}`
const mine = ref<number | null>(Number(localStorage.getItem(key)) || null)
const asked = ref<number | null>(mine.value)

const own = computed(() => queue.value?.waiting.find((t) => t.number === mine.value))
const state = computed(() => {
  if (!mine.value || !queue.value) return ''
  if (queue.value.called.includes(mine.value)) return say('publicQueue.youAreCalled')
  if (queue.value.inChair.includes(mine.value)) return say('publicQueue.youArePainted')
  if (!own.value) return say('publicQueue.notInLine', { number: mine.value })
  const before = queue.value.waiting.findIndex((t) => t.number === mine.value)
  return before === 0 ? say('publicQueue.youAreNext') : say('publicQueue.before', { many: before })
})

function remember() {
  mine.value = asked.value
  if (mine.value) localStorage.setItem(key, String(mine.value))
}

async function ask() {
  try {
    queue.value = await queues.watch(token)
    nowMs.value = Date.now()
    problem.value = ''
    cut.value = false
  } catch (error) {
    cut.value = (error as ApiProblem).offline && queue.value !== null
    if (!cut.value) problem.value = (error as Error).message
  }
}

let timer = 0
onMounted(() => {
  void ask()
  timer = window.setInterval(() => void ask(), ASK_AGAIN_MS)
})
onBeforeUnmount(() => window.clearInterval(timer))
</script>

<template>
  <main class="public" :class="{ board: props.board }">
    <p v-if="problem" class="stop" role="alert">{{ problem }}</p>
    <template v-if="queue">
      <h1>{{ queue.name }}</h1>
      <p v-if="cut" class="warning" role="status">{{ say('publicQueue.cut') }}</p>
      <section aria-live="polite" class="called">
        <h2>{{ say('publicQueue.pleaseCome') }}</h2>
        <p v-if="queue.called.length" class="numbers">
          <span v-for="n in queue.called" :key="n">{{ n }}</span>
        </p>
        <p v-else class="faint">{{ say('publicQueue.nobodyCalled') }}</p>
      </section>
      <section v-if="!props.board" class="mine" :aria-label="say('publicQueue.yourNumber')">
        <h2>{{ say('publicQueue.yourNumber') }}</h2>
        <div class="row">
          <n-input-number
            v-model:value="asked"
            :min="1"
            :max="99999"
            :precision="0"
            :show-button="false"
            :input-props="{ 'aria-label': say('publicQueue.yourNumber'), inputmode: 'numeric' }"
            @keyup.enter="remember"
          />
          <n-button type="primary" @click="remember">{{ say('publicQueue.watch') }}</n-button>
        </div>
        <p v-if="state" class="state" role="status">{{ state }}</p>
        <p v-if="own" class="when">
          {{ own.wait ? say('publicQueue.about', { at: clockAfter(nowMs, own.wait.minutes) }) : '' }}
          <small>{{ waitWords(own.wait) }}</small>
        </p>
      </section>
      <section>
        <h2>{{ say('publicQueue.inChair') }}</h2>
        <p class="numbers small">
          <span v-for="n in queue.inChair" :key="n">{{ n }}</span>
          <span v-if="!queue.inChair.length" class="faint">–</span>
        </p>
      </section>
      <section>
        <h2>{{ say('publicQueue.waiting') }}</h2>
        <p v-if="!queue.waiting.length" class="faint">{{ say('queue.lineEmpty') }}</p>
        <table v-else>
          <tbody>
            <tr v-for="t in queue.waiting" :key="t.number" :class="{ own: t.number === mine }">
              <td class="n">{{ t.number }}</td>
              <td>{{ t.look }}</td>
              <td>{{ t.wait ? clockAfter(nowMs, t.wait.minutes) : '–' }}</td>
              <td>{{ waitWords(t.wait) }}</td>
            </tr>
          </tbody>
        </table>
      </section>
      <p class="new">
        {{
          queue.closed
            ? say('publicQueue.closed')
            : say('publicQueue.newTicket', { wait: waitWords(queue.newWait) })
        }}
      </p>
    </template>
    <p v-else-if="!problem" class="faint">{{ say('publicQueue.opening') }}</p>
  </main>
</template>

<style scoped>
.public {
  display: grid;
  gap: 18px;
  align-content: start;
  padding: 18px 16px 40px;
  max-width: 640px;
  margin: 0 auto;
}

h1,
h2,
p {
  margin: 0;
}

h2 {
  font-size: 15px;
}

section {
  display: grid;
  gap: 6px;
}

.called {
  padding: 12px 16px;
  border-radius: 12px;
  background: var(--panel);
  border: 1px solid var(--line);
}

.numbers {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 22px;
  font-size: 56px;
  line-height: 1.1;
  font-weight: 700;
  font-variant-numeric: tabular-nums;
}

.numbers.small {
  font-size: 28px;
}

.row {
  display: flex;
  gap: 8px;
  max-width: 300px;
}

.state {
  font-size: 18px;
  font-weight: 600;
}

.when {
  font-size: 32px;
  font-weight: 700;
}

.when small {
  font-size: 15px;
  font-weight: 400;
}

table {
  border-collapse: collapse;
  width: 100%;
}

td {
  padding: 6px 8px;
  border-top: 1px solid var(--line);
  font-variant-numeric: tabular-nums;
}

.n {
  font-weight: 700;
}

.own {
  background: var(--panel);
  outline: 2px solid var(--accent);
}

.new {
  font-weight: 600;
}

.board {
  max-width: none;
  padding: 3vw;
  font-size: 2vw;
}

.board h1 {
  font-size: 3.2vw;
}

.board h2 {
  font-size: 2vw;
}

.board .numbers {
  font-size: 11vw;
}

.board .numbers.small {
  font-size: 5vw;
}
</style>
