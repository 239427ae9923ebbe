<script setup lang="ts">
import { NButton } from 'naive-ui'
import { computed, shallowRef, watch } from 'vue'
import { api, type ChairEvent, type ChairStep } from '../api/client'
import { useAttempt } from '../lib/attempt'
import { chairState, workedSeconds } from '../lib/chair'
import { download, fileName } from '../lib/download'
import { clock } from '../lib/format'
import { stepTable } from '../lib/sessionTable'
import { say } from '../texts'

/** How a session went, step by step, against what was planned. */
const props = defineProps<{ id: string; name: string; steps: readonly ChairStep[] }>()

const attempt = useAttempt()
const events = shallowRef<readonly ChairEvent[]>([])

watch(
  () => props.id,
  async (id) => {
    events.value = []
    await attempt(async () => {
      const found = await api.paintingEvents(id)
      if (id === props.id) events.value = found
    })
  },
  { immediate: true },
)

const state = computed(() => chairState(props.steps, events.value))
const begun = computed(() => state.value.began !== null)
const taken = computed(() => workedSeconds(state.value, state.value.ended ?? state.value.lastHeard ?? 0))
const planned = computed(() => props.steps.reduce((sum, s) => sum + s.seconds + s.waitSeconds, 0))

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
  <section v-if="begun" :aria-label="say('sessionSteps.title')">
    <header>
      <h2>{{ say('sessionSteps.title') }}</h2>
      <span>{{ say('sessionSteps.sum', { taken: clock(taken), planned: clock(planned) }) }}</span>
      <n-button size="small" @click="table">{{ say('sessionSteps.asATable') }}</n-button>
    </header>
    <p v-if="state.stoppedAt !== null" class="faint">
      {{ say('sessionSteps.stoppedAt', { stage: state.stoppedAt }) }}
    </p>
    <table>
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
          <td class="n">{{ s.taken > 0 ? clock(s.taken) : '' }}</td>
          <td class="faint">
            {{ STATUS[s.status] }}
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

table {
  border-spacing: 0;
  margin-top: 6px;
}

th {
  text-align: left;
  font-weight: 600;
}

th,
td {
  padding: 4px 16px 4px 0;
  border-bottom: 1px solid var(--line);
}

.n {
  text-align: right;
  font-variant-numeric: tabular-nums;
}
</style>
