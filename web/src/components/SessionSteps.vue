<script setup lang="ts">
import { NButton, NInputNumber } from 'naive-ui'
import { computed, ref, shallowRef, watch } from 'vue'
import { chair } from '../api/chairCalls'
import type { ChairEvent, ChairStep, Painting } from '../api/client'
import { useAttempt } from '../lib/attempt'
import { chairState, workedSeconds } from '../lib/chair'
import { download, fileName } from '../lib/download'
import { clock } from '../lib/format'
import { stepTable } from '../lib/sessionTable'
import { say } from '../texts'

/** How a session went, step by step, against what was planned. */
const typed = defineModel<Painting['typed']>('typed', { required: true })
const props = defineProps<{ id: string; name: string; steps: readonly ChairStep[] }>()

const attempt = useAttempt()
const events = shallowRef<readonly ChairEvent[]>([])

watch(
  () => props.id,
  async (id) => {
    events.value = []
    await attempt(async () => {
      const found = await chair.events(id)
      if (id === props.id) events.value = found
    })
  },
  { immediate: true },
)

const state = computed(() => chairState(props.steps, events.value))
const begun = computed(() => state.value.began !== null)
const taken = computed(() => workedSeconds(state.value, state.value.ended ?? state.value.lastHeard ?? 0))
const planned = computed(() => props.steps.reduce((sum, s) => sum + s.seconds + s.waitSeconds, 0))

const byHand = ref(false)
const typedOf = (key: string) => typed.value?.findLast((t) => t.step === key)?.seconds ?? null

function write(key: string, seconds: number | null) {
  const others = (typed.value ?? []).filter((t) => t.step !== key)
  typed.value = seconds === null ? others : [...others, { step: key, seconds }]
}

const STATUS = {
  open: say('sessionSteps.open'),
  done: '',
  skipped: say('sessionSteps.skipped'),
  dropped: say('sessionSteps.dropped'),
}

const table = () =>
  download(new Blob([stepTable(state.value)], { type: 'text/csv' }), fileName(props.name, 'csv'))
</script>

<template>
  <section :aria-label="say('sessionSteps.title')">
    <header>
      <h2>{{ say('sessionSteps.title') }}</h2>
      <span v-if="begun">{{
        say('sessionSteps.sum', { taken: clock(taken), planned: clock(planned) })
      }}</span>
      <n-button size="small" @click="table">{{ say('sessionSteps.asATable') }}</n-button>
      <n-button size="small" :aria-pressed="byHand" @click="byHand = !byHand">{{
        say('sessionSteps.byHand')
      }}</n-button>
    </header>
    <p v-if="state.stoppedAt !== null" class="faint">
      {{ say('sessionSteps.stoppedAt', { stage: state.stoppedAt }) }}
    </p>
    <table class="rows">
      <thead>
        <tr>
          <th>{{ say('sessionSteps.step') }}</th>
          <th class="n">{{ say('sessionSteps.planned') }}</th>
          <th class="n">{{ say('sessionSteps.taken') }}</th>
          <th></th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="s in state.steps" :key="s.step.key">
          <td>{{ s.step.title }}</td>
          <td class="n faint">{{ clock(s.step.seconds + s.step.waitSeconds) }}</td>
          <td class="n">
            <n-input-number
              v-if="byHand"
              class="typed"
              size="small"
              :show-button="false"
              :min="0.1"
              :max="86400"
              :value="typedOf(s.step.key)"
              :placeholder="s.taken > 0 ? s.taken.toFixed(0) : ''"
              :input-props="{ 'aria-label': say('sessionSteps.secondsOf', { step: s.step.title }) }"
              @update:value="(v) => write(s.step.key, v)"
              ><template #suffix>s</template></n-input-number
            >
            <template v-else-if="typedOf(s.step.key) !== null">{{ clock(typedOf(s.step.key)!) }}</template>
            <template v-else>{{ s.taken > 0 ? clock(s.taken) : '' }}</template>
          </td>
          <td class="faint">
            {{ begun ? STATUS[s.status] : '' }}
            {{ s.redone > 0 ? say('sessionSteps.redone', { count: s.redone }) : '' }}
          </td>
        </tr>
      </tbody>
    </table>
    <ul v-if="state.notes.length">
      <li v-for="(words, k) in state.notes" :key="k">{{ words }}</li>
    </ul>
  </section>
</template>

<style scoped>
header {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 12px;
  margin-top: 18px;
}

h2 {
  margin: 0;
  font-size: 16px;
}

.typed {
  width: 90px;
}
</style>
