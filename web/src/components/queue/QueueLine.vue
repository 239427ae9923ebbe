<script setup lang="ts">
import { NButton } from 'naive-ui'
import { computed } from 'vue'
import type { QueueEvent, QueueNow } from '../../api/types'
import { clockAfter, waitWords } from '../../lib/queueWords'
import { say } from '../../texts'

/** Who waits, in their order, and those who were called in vain or went away. */
const props = defineProps<{ queue: QueueNow; nowMs: number; can: boolean }>()
const emit = defineEmits<{ note: [what: Omit<QueueEvent, 'id' | 'at'>] }>()
const waiting = computed(() => props.queue.tickets.filter((t) => t.ticket.state === 'waiting'))
const gone = computed(() =>
  props.queue.tickets.filter((t) => t.ticket.state === 'noShow' || t.ticket.state === 'left'),
)
</script>

<template>
  <p v-if="!waiting.length" class="faint">{{ say('queue.lineEmpty') }}</p>
  <table v-else>
    <thead>
      <tr>
        <th>{{ say('queue.number') }}</th>
        <th>{{ say('queue.look') }}</th>
        <th>{{ say('queue.about') }}</th>
        <th>{{ say('queue.wait') }}</th>
        <th />
      </tr>
    </thead>
    <tbody>
      <tr v-for="t in waiting" :key="t.ticket.id">
        <td class="number">{{ t.ticket.number }}</td>
        <td>
          {{ t.lookName }}<small v-if="t.ticket.name">{{ t.ticket.name }}</small>
        </td>
        <td class="figure">{{ t.wait ? clockAfter(nowMs, t.wait.minutes) : '–' }}</td>
        <td class="figure">{{ waitWords(t.wait) }}</td>
        <td>
          <n-button
            v-if="can"
            size="small"
            quaternary
            :aria-label="say('queue.wentAwayNumber', { number: t.ticket.number })"
            @click="emit('note', { kind: 'left', ticket: t.ticket.id })"
            >{{ say('queue.wentAway') }}</n-button
          >
        </td>
      </tr>
    </tbody>
  </table>
  <details v-if="gone.length">
    <summary>{{ say('queue.gone', { many: gone.length }) }}</summary>
    <ul>
      <li v-for="t in gone" :key="t.ticket.id">
        {{ t.ticket.number }} · {{ t.lookName }} ·
        {{ t.ticket.state === 'left' ? say('queue.left') : say('queue.noShow') }}
        <n-button
          v-if="can"
          size="small"
          quaternary
          @click="emit('note', { kind: 'back', ticket: t.ticket.id })"
          >{{ say('queue.isBack') }}</n-button
        >
      </li>
    </ul>
  </details>
</template>

<style scoped src="../table.css"></style>
<style scoped>
.number {
  font-size: 20px;
  font-weight: 700;
}

.figure {
  font-variant-numeric: tabular-nums;
  white-space: nowrap;
}

ul {
  list-style: none;
  padding: 0;
  margin: 6px 0;
}
</style>
