<script setup lang="ts">
import { NButton, useMessage } from 'naive-ui'
import { ref, shallowRef, watch } from 'vue'
import { useRouter } from 'vue-router'
import { kitCalls, paintingCalls } from '../../api/documentCalls'
import { days } from '../../api/dayCalls'
import { queues } from '../../api/queueCalls'
import type { BoothDay, DayReview } from '../../api/types'
import { useAttempt } from '../../lib/attempt'
import { freshName } from '../../lib/freshName'
import { boothTime } from '../../lib/liveQueue'
import { newPainting } from '../../lib/newPainting'
import { useSession } from '../../stores/session'
import { say } from '../../texts'

/** The day as it came out, beside what was expected; its faces into the book, its paint out of the pots, and a next day that knows better. */
const props = defineProps<{
  id: string
  day: BoothDay
  done: number
  /** Nobody is painted or waits any more: then it is what one came for. */
  over: boolean
  nameOf: (look: string) => string
}>()
const attempt = useAttempt()
const message = useMessage()
const router = useRouter()
const session = useSession()
const found = shallowRef<DayReview | null>(null)
const working = ref(false)
const whole = (value: number | null | undefined) => (value == null ? '–' : Math.round(value).toString())
const one = (value: number | null | undefined) => (value == null ? '–' : value.toFixed(1))

const look = () => attempt(async () => (found.value = await queues.review(props.id)))
const open = ref(props.over)
watch([open, () => props.done], () => open.value && void look(), { immediate: true })

/** Every face that is done into the book, and its paint out of the pots. Stopped in the middle it goes on where it was. */
async function book() {
  working.value = true
  await attempt(async () => {
    const { unbooked, pots } = await queues.review(props.id)
    for (const ticket of unbooked) {
      await paintingCalls.add(
        {
          ...newPainting(),
          name: say('queue.sessionOf', { look: props.nameOf(ticket.look), number: ticket.number }),
          on: ticket.joinedAt.slice(0, 10),
          look: ticket.look,
          kit: props.day.kit,
          setting: props.day.setting,
          notes: say('queue.sessionNotes', {
            minutes: one(ticket.paintedMinutes),
            painter: ticket.painter ?? '',
          }),
        },
        ticket.id,
      )
    }
    await queues.add(
      props.id,
      unbooked.map((t) => ({
        id: `booked ${t.id}`,
        at: boothTime(new Date()),
        kind: 'booked' as const,
        ticket: t.id,
      })),
    )
    const after = new Map(pots.map((p) => [p.paint, p]))
    const kit = await kitCalls.read(props.day.kit)
    const paints = kit.value.paints.map((p) => {
      const now = after.get(p.id)
      if (!now) return p
      return now.weighedG != null && p.pot
        ? { ...p, pot: { ...p.pot, weighedG: Math.round(now.weighedG * 10) / 10 } }
        : now.leftMl != null
          ? { ...p, leftMl: Math.round(now.leftMl * 100) / 100 }
          : p
    })
    await kitCalls.save(props.day.kit, kit.revision, { ...kit.value, paints }, freshName())
    message.success(say('queue.booked', { faces: unbooked.length }))
    await look()
  })
  working.value = false
}

const again = () =>
  attempt(async () => {
    const next = found.value!.next
    const added = await days.add(
      { ...next, name: say('queue.nextDay', { name: props.day.name }) },
      freshName(),
    )
    await router.push(`/days/${added.id}`)
  })
</script>

<template>
  <details class="after" :open="open" @toggle="(e) => (open = (e.target as HTMLDetailsElement).open)">
    <summary>{{ say('queue.afterTheDay') }}</summary>
    <template v-if="found">
      <table>
        <thead>
          <tr>
            <th />
            <th>{{ say('queue.wasSo') }}</th>
            <th>{{ say('queue.expected') }}</th>
          </tr>
        </thead>
        <tbody>
          <tr>
            <td>{{ say('days.facesPainted') }}</td>
            <td>{{ found.review.painted }}</td>
            <td>{{ whole(found.expectedPainted) }}</td>
          </tr>
          <tr>
            <td>{{ say('queue.usualWait') }}</td>
            <td>{{ whole(found.review.waitMinutes) }} min</td>
            <td>{{ whole(found.expectedWaitMinutes) }} min</td>
          </tr>
          <tr v-if="found.review.takings != null">
            <td>{{ say('queue.takings') }}</td>
            <td>{{ whole(found.review.takings) }}</td>
            <td>{{ whole(found.expectedTakings) }}</td>
          </tr>
        </tbody>
      </table>
      <p class="faint">
        {{ say('queue.lost', { noShows: found.review.noShows, left: found.review.left }) }}
      </p>
      <table>
        <thead>
          <tr>
            <th>{{ say('queue.look') }}</th>
            <th>{{ say('queue.wanted') }}</th>
            <th>{{ say('queue.painted') }}</th>
            <th>{{ say('queue.minutesWas') }}</th>
            <th>{{ say('queue.minutesPlanned') }}</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="l in found.review.looks" :key="l.look">
            <td>{{ nameOf(l.look) }}</td>
            <td>{{ l.wanted }}</td>
            <td>{{ l.painted }}</td>
            <td>{{ one(l.minutes) }}</td>
            <td>{{ one(l.plannedMinutes) }}</td>
          </tr>
        </tbody>
      </table>
      <ul>
        <li v-for="p in found.review.painters" :key="p.painter">
          {{
            say('queue.painterWas', {
              painter: p.painter,
              faces: p.faces,
              percent: whole(p.learnedPercent),
              give: whole(p.givePercent),
              planned: whole(p.timePercent),
            })
          }}
        </li>
      </ul>
      <template v-if="found.pots.length">
        <h3>{{ say('queue.tookOut') }}</h3>
        <ul>
          <li v-for="p in found.pots" :key="p.paint">
            {{ p.name }}: {{ one(p.ml) }} ml<template v-if="p.leftMl != null"
              >, {{ say('queue.leftMl', { ml: one(p.leftMl) }) }}</template
            >
          </li>
        </ul>
      </template>
      <div v-if="session.canChange" class="row">
        <n-button v-if="found.unbooked.length" type="primary" :loading="working" @click="book">{{
          say('queue.intoBook', { faces: found.unbooked.length })
        }}</n-button>
        <n-button @click="again">{{ say('queue.makeNext') }}</n-button>
      </div>
    </template>
  </details>
</template>

<style scoped>
.after {
  border-top: 1px solid var(--line);
  padding-top: 10px;
}

summary {
  cursor: pointer;
  font-weight: 600;
}

table {
  border-collapse: collapse;
  margin: 8px 0;
}

th {
  text-align: left;
  font-size: 13px;
  padding: 3px 14px 3px 0;
}

td {
  padding: 3px 14px 3px 0;
  border-top: 1px solid var(--line);
  font-variant-numeric: tabular-nums;
}

h3 {
  font-size: 14px;
  margin: 8px 0 2px;
}

ul {
  margin: 4px 0;
  padding-left: 18px;
}

.row {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  margin-top: 8px;
}
</style>
