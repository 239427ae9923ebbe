<script setup lang="ts">
import { NButton, NInput, NQrCode } from 'naive-ui'
import { computed, ref, shallowRef } from 'vue'
import { days } from '../api/dayCalls'
import { api, type LookHead } from '../api/client'
import { LETTERS } from '../api/limits'
import { queues } from '../api/queueCalls'
import type { BoothDay, QueueEvent } from '../api/types'
import QueueAfter from '../components/queue/QueueAfter.vue'
import QueueChair from '../components/queue/QueueChair.vue'
import QueueLine from '../components/queue/QueueLine.vue'
import { useAttempt } from '../lib/attempt'
import { clockAfter, waitWords } from '../lib/queueWords'
import { useLiveQueue } from '../lib/useLiveQueue'
import { timeOfDay } from '../lib/format'
import { useSession } from '../stores/session'
import { say } from '../texts'

/** The queue while the booth is open: a ticket by one tap, a chair for each painter, who waits how long. */
const props = defineProps<{ id: string }>()
const session = useSession()
const attempt = useAttempt()
const { queue, cut, problem, now, note } = useLiveQueue(props.id)
const day = shallowRef<BoothDay | null>(null)
const looks = shallowRef<readonly LookHead[]>([])
const name = ref('')
const link = ref('')

void attempt(async () => {
  ;[day.value, looks.value] = [(await days.one(props.id)).day, await api.looks()]
})

const offered = computed(() => day.value?.menu.filter((l) => l.offered ?? true).map((l) => l.look) ?? [])
const painters = computed(() => [...new Set(day.value?.painters.map((p) => p.name))])
const nameOf = (look: string) => looks.value.find((l) => l.id === look)?.name ?? look
const shown = computed(
  () =>
    queue.value && {
      ...queue.value,
      tickets: queue.value.tickets.map((t) => ({
        ...t,
        lookName: t.lookName === t.ticket.look ? nameOf(t.ticket.look) : t.lookName,
      })),
    },
)
const over = computed(
  () =>
    !!queue.value?.closed &&
    !queue.value.tickets.some((t) => ['waiting', 'called', 'inChair'].includes(t.ticket.state!)),
)
const waiting = computed(() => queue.value?.tickets.filter((t) => t.ticket.state === 'waiting').length ?? 0)
const done = computed(() => queue.value?.tickets.filter((t) => t.ticket.state === 'done').length ?? 0)
const percent = (share: number) => Math.round(100 * share)
const given = ref<string | null>(null)
const givenNumber = computed(
  () => queue.value?.tickets.find((t) => t.ticket.id === given.value)?.ticket.number ?? null,
)

async function join(look: string) {
  const before = new Set(queue.value?.tickets.map((t) => t.ticket.id))
  const joining = note({ kind: 'joined', look, name: name.value.trim() || null })
  name.value = ''
  given.value = queue.value?.tickets.find((t) => !before.has(t.ticket.id))?.ticket.id ?? null
  await joining
}

const tap = (what: Omit<QueueEvent, 'id' | 'at'>) => void note(what)

const share = () =>
  attempt(async () => {
    link.value = new URL((await queues.link(props.id)).path, window.location.href).href
  })
</script>

<template>
  <div class="queue">
    <header>
      <h1>{{ day?.name ?? say('queue.queue') }}</h1>
      <p class="faint">
        {{ say('queue.sum', { waiting, done }) }}
        <template v-if="queue?.closed"> · {{ say('queue.isClosed') }}</template>
      </p>
      <span class="gap" />
      <router-link :to="`/days/${id}`">{{ say('queue.toTheDay') }}</router-link>
    </header>
    <p v-if="cut" class="warning" role="status">{{ say('queue.cut') }}</p>
    <p v-if="problem" class="stop" role="alert">{{ problem }}</p>
    <template v-if="shown && day">
      <section class="give" :aria-label="say('queue.newTicket')">
        <h2>{{ say('queue.newTicket') }}</h2>
        <p v-if="queue!.closed">
          {{ say('queue.closedSays') }}
          <n-button v-if="session.canChange" @click="tap({ kind: 'opened' })">{{
            say('queue.openAgain')
          }}</n-button>
        </p>
        <template v-else>
          <div v-if="session.canChange" class="looks">
            <n-button v-for="look in offered" :key="look" size="large" @click="join(look)">{{
              nameOf(look)
            }}</n-button>
            <n-input
              v-model:value="name"
              class="name"
              :placeholder="say('queue.name')"
              :maxlength="LETTERS.QueueEvent.name"
              :input-props="{ 'aria-label': say('queue.name') }"
            />
          </div>
          <p>
            <strong v-if="givenNumber" role="status">{{
              say('queue.given', { number: givenNumber })
            }}</strong>
            {{
              queue!.newWait
                ? say('queue.nextWaits', {
                    wait: waitWords(queue!.newWait),
                    at: clockAfter(now, queue!.newWait.minutes),
                  })
                : say('queue.nobodyWouldPaint')
            }}
          </p>
          <p v-if="!queue!.stillTakes" class="warning">
            {{ say('queue.tooLate', { until: timeOfDay(day.untilMinute ?? 0) }) }}
          </p>
        </template>
      </section>
      <div class="chairs">
        <queue-chair
          v-for="p in painters"
          :key="p"
          :painter="p"
          :queue="shown"
          :now-ms="now"
          :can="session.canChange"
          @note="tap"
        />
      </div>
      <section :aria-label="say('queue.line')">
        <h2>{{ say('queue.line') }}</h2>
        <p v-if="waiting" class="faint">
          {{
            say('queue.lastDone', {
              at: clockAfter(now, queue!.lastDone.minutes),
              until: timeOfDay(day.untilMinute ?? 0),
              percent: percent(queue!.inTimeChance ?? 0),
            })
          }}
        </p>
        <queue-line :queue="shown" :now-ms="now" :can="session.canChange" @note="tap" />
        <n-button
          v-if="session.canChange && !queue!.closed"
          :type="queue!.stillTakes ? 'default' : 'primary'"
          @click="tap({ kind: 'closed' })"
          >{{ say('queue.closeNow') }}</n-button
        >
      </section>
      <section v-if="session.canChange" :aria-label="say('queue.phones')">
        <h2>{{ say('queue.phones') }}</h2>
        <p class="faint">{{ say('queue.phonesAbout') }}</p>
        <n-button v-if="!link" @click="share">{{ say('queue.makeLink') }}</n-button>
        <div v-else class="link">
          <n-qr-code :value="link" :size="132" :aria-label="say('queue.qr')" />
          <p>
            <a :href="link" target="_blank">{{ link }}</a><br />
            <a :href="link.replace('#', '?board=yes#')" target="_blank">{{ say('queue.board') }}</a>
          </p>
        </div>
      </section>
      <queue-after v-if="done" :id="id" :day="day" :done="done" :over="over" :name-of="nameOf" />
    </template>
  </div>
</template>

<style scoped>
.queue {
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  gap: 16px;
  align-content: start;
  padding: 14px 24px 40px;
  max-width: 1100px;
}

header {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 14px;
  align-items: baseline;
}

h1,
h2,
p {
  margin: 0;
}

h2 {
  font-size: 16px;
}

section {
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  gap: 8px;
  justify-items: start;
}

.looks {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
}

.name {
  width: 220px;
}

.chairs {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(260px, 1fr));
  gap: 12px;
}

.link {
  display: flex;
  flex-wrap: wrap;
  gap: 16px;
  align-items: center;
  overflow-wrap: anywhere;
}

@media (width < 600px) {
  .queue {
    padding: 10px 14px 40px;
  }
}
</style>
