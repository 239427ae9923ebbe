<script setup lang="ts">
import { NButton } from 'naive-ui'
import { computed, ref } from 'vue'
import { days } from '../api/dayCalls'
import { drills } from '../api/drillCalls'
import { productions } from '../api/productionCalls'
import { useAttempt } from '../lib/attempt'
import { entriesOf, monthsOn, weeksOf, type CalendarEntry } from '../lib/calendarMonth'
import { today } from '../lib/format'
import { say } from '../texts'

/** A month: booths, evenings of productions, patch tests, practice. */
const attempt = useAttempt()
const entries = ref<CalendarEntry[]>([])
const now = today()
const month = ref(now.slice(0, 7))
const WEEK = [
  say('calendar.mon'),
  say('calendar.tue'),
  say('calendar.wed'),
  say('calendar.thu'),
  say('calendar.fri'),
  say('calendar.sat'),
  say('calendar.sun'),
]

void attempt(async () => {
  const [heads, runs, books] = await Promise.all([days.all(), productions.all(), drills.all()])
  entries.value = entriesOf(
    await Promise.all(heads.map((d) => days.one(d.id))),
    await Promise.all(runs.map((p) => productions.one(p.id))),
    await Promise.all(books.map((b) => drills.one(b.id))),
  )
})

const weeks = computed(() => weeksOf(month.value))
const by = computed(() => {
  const all = new Map<string, CalendarEntry[]>()
  for (const e of entries.value) all.set(e.on, [...(all.get(e.on) ?? []), e])
  return all
})
const title = computed(() =>
  new Intl.DateTimeFormat('en', { month: 'long', year: 'numeric', timeZone: 'UTC' }).format(
    new Date(`${month.value}-01T12:00:00Z`),
  ),
)
</script>

<template>
  <section class="calendar" :aria-label="say('calendar.calendar')">
    <header>
      <h1>{{ title }}</h1>
      <n-button :aria-label="say('calendar.before')" @click="month = monthsOn(month, -1)">‹</n-button>
      <n-button @click="month = now.slice(0, 7)">{{ say('calendar.today') }}</n-button>
      <n-button :aria-label="say('calendar.after')" @click="month = monthsOn(month, 1)">›</n-button>
      <span class="gap" />
      <router-link to="/days">{{ say('calendar.toDays') }}</router-link>
    </header>
    <table>
      <thead>
        <tr>
          <th v-for="d in WEEK" :key="d" scope="col">{{ d }}</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="week in weeks" :key="week[0]">
          <td
            v-for="on in week"
            :key="on"
            :class="{ other: !on.startsWith(month), today: on === now, empty: !by.has(on) }"
          >
            <span class="number">{{ Number(on.slice(8)) }}</span>
            <router-link
              v-for="(e, k) in by.get(on) ?? []"
              :key="k"
              :to="e.to"
              class="entry"
              :class="e.kind"
              >{{ e.what }}</router-link
            >
          </td>
        </tr>
      </tbody>
    </table>
  </section>
</template>

<style scoped>
.calendar {
  padding: 18px 22px 40px;
}

header {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 8px;
  margin-bottom: 12px;
}

h1 {
  min-width: 220px;
}

.gap {
  flex: 1;
}

table {
  width: 100%;
  table-layout: fixed;
  border-collapse: collapse;
}

th {
  padding: 4px 8px;
  color: var(--faint);
  font-size: 13px;
  text-align: left;
}

td {
  height: 104px;
  padding: 4px 6px;
  border: 1px solid var(--line);
  vertical-align: top;
}

.other {
  color: var(--faint);
  background: var(--ground);
}

.number {
  display: inline-block;
  min-width: 22px;
  text-align: center;
}

.today .number {
  border-radius: 11px;
  background: var(--accent);
  color: var(--panel);
}

.entry {
  display: block;
  margin-top: 3px;
  padding: 2px 6px;
  border-left: 3px solid var(--accent);
  border-radius: 3px;
  background: var(--accent-soft);
  color: inherit;
  font-size: 13px;
  text-decoration: none;
  overflow-wrap: anywhere;
}

.patch {
  border-left-color: var(--warning);
}

.practice {
  border-left-color: var(--faint);
  background: none;
}

/* On a phone a list of the days that have something. */
@media (width <= 640px) {
  .calendar {
    padding: 14px;
  }

  thead,
  .empty,
  .other {
    display: none;
  }

  tr {
    display: block;
  }

  td {
    display: block;
    height: auto;
  }
}
</style>
