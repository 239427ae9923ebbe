<script setup lang="ts">
import { computed } from 'vue'
import type { Packed } from '../api/client'
import { say } from '../texts'

/** What keeps an evening clean: what is done between two faces, how long that takes, and which brush goes to which face. */
const props = defineProps<{ plan: Packed['packed']['hygiene'] }>()

/** Faces of the schedule that are shown; from there on it repeats. */
const SHOWN = 8
const tools = computed(() =>
  props.plan.tools.map((t) => ({ ...t, shown: t.turns.filter((turn) => turn.face <= SHOWN) })),
)
const faces = computed(() =>
  Math.min(SHOWN, Math.max(0, ...props.plan.tools.flatMap((t) => t.turns.map((turn) => turn.face)))),
)

function hours(minutes: number) {
  const whole = Math.round(minutes)
  return whole < 60 ? `${whole} min` : `${Math.floor(whole / 60)} h ${whole % 60} min`
}

const pieceAt = (turns: readonly { face: number; piece: number }[], face: number) =>
  turns.find((t) => t.face === face)?.piece ?? ''
</script>

<template>
  <section v-if="plan.between.length" :aria-label="say('hygiene.title')">
    <h2>{{ say('hygiene.title') }}</h2>
    <p>
      {{
        say('hygiene.sum', {
          minutes: plan.betweenMinutes.toFixed(1),
          perHour: plan.facesPerHour.toFixed(1),
          evening: hours(plan.eveningMinutes),
        })
      }}
    </p>
    <div class="two">
      <ol>
        <li v-for="t in plan.between" :key="t.words">
          {{ t.words }}
          <span class="faint">{{ say('hygiene.seconds', { seconds: Math.round(60 * t.minutes) }) }}</span>
        </li>
      </ol>
      <ul class="rules faint">
        <li v-for="rule in plan.rules" :key="rule">{{ rule }}</li>
      </ul>
    </div>
    <template v-if="tools.length">
      <h3>{{ say('hygiene.brushes') }}</h3>
      <div class="scroll">
        <table>
          <thead>
            <tr>
              <th></th>
              <th></th>
              <th :colspan="faces" class="faint">{{ say('hygiene.first', { count: faces }) }}</th>
            </tr>
          </thead>
          <tbody>
            <tr v-for="t in tools" :key="t.tool">
              <th scope="row">{{ t.name }}</th>
              <td>{{ say('hygiene.count', { count: t.needed }) }}</td>
              <td v-for="face in faces" :key="face" class="n">{{ pieceAt(t.shown, face) }}</td>
            </tr>
          </tbody>
        </table>
      </div>
    </template>
  </section>
</template>

<style scoped>
h2 {
  margin: 22px 0 2px;
  font-size: 16px;
}

h3 {
  margin: 10px 0 4px;
}

.two {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(280px, 1fr));
  gap: 4px 30px;
}

ol,
ul {
  margin: 4px 0;
  padding-left: 20px;
}

.scroll {
  overflow-x: auto;
}

table {
  border-spacing: 0;
}

th {
  text-align: left;
  font-weight: 400;
}

th,
td {
  padding: 4px 14px 4px 0;
  border-bottom: 1px solid var(--line);
  white-space: nowrap;
}

.n {
  min-width: 22px;
  text-align: center;
}
</style>
