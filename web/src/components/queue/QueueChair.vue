<script setup lang="ts">
import { NButton } from 'naive-ui'
import { computed } from 'vue'
import type { QueueEvent, QueueNow } from '../../api/types'
import { clock } from '../../lib/format'
import { say } from '../../texts'

/** One painter's chair: who is called or sits in it, and what can be tapped next. */
const props = defineProps<{ painter: string; queue: QueueNow; nowMs: number; can: boolean }>()
const emit = defineEmits<{ note: [what: Omit<QueueEvent, 'id' | 'at'>] }>()

const here = computed(() =>
  props.queue.tickets.find(
    (t) => t.ticket.painter === props.painter && ['called', 'inChair'].includes(t.ticket.state),
  ),
)
const next = computed(() => props.queue.tickets.find((t) => t.ticket.state === 'waiting'))
const away = computed(() => props.queue.away.includes(props.painter))
const since = computed(() => {
  const from = here.value?.ticket.beganAt ?? here.value?.ticket.calledAt
  return from ? Math.max(0, (props.nowMs - Date.parse(from)) / 1000) : 0
})
const pace = computed(() => props.queue.pacePercent[props.painter])
const note = (kind: QueueEvent['kind'], ticket?: string) =>
  emit('note', { kind, ticket, painter: props.painter })
</script>

<template>
  <section class="chair" :aria-label="painter">
    <header>
      <h2>{{ painter }}</h2>
      <span v-if="pace && pace !== 100" class="faint">{{ say('queue.pace', { percent: pace }) }}</span>
    </header>
    <template v-if="here">
      <p class="number">{{ here.ticket.number }}</p>
      <p>
        {{ here.lookName }}<template v-if="here.ticket.name"> · {{ here.ticket.name }}</template>
      </p>
      <p class="faint">
        {{
          here.ticket.state === 'called'
            ? say('queue.calledFor', { time: clock(since) })
            : say('queue.inChairFor', { time: clock(since) })
        }}
      </p>
      <div v-if="can" class="buttons">
        <template v-if="here.ticket.state === 'called'">
          <n-button type="primary" size="large" @click="note('began', here.ticket.id)">{{
            say('queue.sitsDown')
          }}</n-button>
          <n-button size="large" @click="note('noShow', here.ticket.id)">{{
            say('queue.didNotCome')
          }}</n-button>
        </template>
        <n-button v-else type="primary" size="large" @click="note('done', here.ticket.id)">{{
          say('queue.done')
        }}</n-button>
        <n-button quaternary size="small" @click="note('back', here.ticket.id)">{{
          say('queue.takeBack')
        }}</n-button>
      </div>
    </template>
    <template v-else>
      <p class="number faint">–</p>
      <p class="faint">{{ away ? say('queue.onBreak') : say('queue.free') }}</p>
      <div v-if="can" class="buttons">
        <n-button
          v-if="!away"
          type="primary"
          size="large"
          :disabled="!next"
          @click="note('called', next!.ticket.id)"
          >{{ next ? say('queue.call', { number: next.ticket.number }) : say('queue.nobodyWaits') }}</n-button
        >
        <n-button :size="away ? 'large' : 'small'" @click="note(away ? 'painterBack' : 'painterAway')">{{
          away ? say('queue.backAgain') : say('queue.takeBreak')
        }}</n-button>
      </div>
    </template>
  </section>
</template>

<style scoped>
.chair {
  border: 1px solid var(--line);
  border-radius: 12px;
  padding: 12px 16px;
  display: grid;
  gap: 4px;
  align-content: start;
  background: var(--panel);
}

header {
  display: flex;
  justify-content: space-between;
  align-items: baseline;
  gap: 8px;
}

h2,
p {
  margin: 0;
}

h2 {
  font-size: 18px;
}

.number {
  font-size: 52px;
  line-height: 1;
  font-weight: 700;
  font-variant-numeric: tabular-nums;
}

.buttons {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  margin-top: 8px;
}
</style>
