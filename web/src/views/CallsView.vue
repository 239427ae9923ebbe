<script setup lang="ts">
import { NButton, NDropdown, NRadio } from 'naive-ui'
import { computed, ref, watch } from 'vue'
import { api, type LookHead } from '../api/client'
import { LETTERS, LIMITS } from '../api/limits'
import { productionCalls, productions } from '../api/productionCalls'
import type { Production } from '../api/types'
import CallEvening from '../components/calls/CallEvening.vue'
import CallPainters from '../components/calls/CallPainters.vue'
import CallWearers from '../components/calls/CallWearers.vue'
import TimeField from '../components/days/TimeField.vue'
import DayField from '../components/DayField.vue'
import DeskFrame from '../components/DeskFrame.vue'
import KitAndPlace from '../components/KitAndPlace.vue'
import UnitRow from '../components/UnitRow.vue'
import { useAttempt } from '../lib/attempt'
import { useDocumentDesk } from '../lib/documentDesk'
import { download, fileName } from '../lib/download'
import { today } from '../lib/format'
import { usePreferences } from '../stores/preferences'
import { useSession } from '../stores/session'
import { say } from '../texts'

/** A production: who is painted by whom on the left, the call sheet of an evening on the right. */
const props = defineProps<{ id?: string }>()

const NOTHING: Production = {
  name: '',
  kit: '',
  setting: '',
  wearers: [],
  painters: [],
  performances: [],
  chairs: 4,
  sinks: 1,
  sinkMinutes: 3,
  betweenMinutes: 5,
  pauseAfterMinutes: 120,
  pauseMinutes: 15,
  readyChance: 0.9,
  notes: '',
}

const HOUSE = [
  { key: 'chairs', says: say('calls.chairs'), unit: '' },
  { key: 'sinks', says: say('calls.sinks'), unit: '' },
  { key: 'sinkMinutes', says: say('calls.sinkMinutes'), unit: 'min' },
  { key: 'betweenMinutes', says: say('calls.betweenMinutes'), unit: 'min' },
  { key: 'pauseAfterMinutes', says: say('calls.pauseAfter'), unit: 'min' },
  { key: 'pauseMinutes', says: say('calls.pause'), unit: 'min' },
] as const

const attempt = useAttempt()
const preferences = usePreferences()
const session = useSession()
const looks = ref<LookHead[]>([])
const at = ref(0)
const desk = useDocumentDesk({
  kind: 'productions',
  path: '/calls',
  id: () => props.id,
  empty: NOTHING,
  calls: productionCalls,
  all: productions.all,
  reckon: async (one: Production, signal) =>
    one.performances.length
      ? await productions.call(one, Math.min(at.value, one.performances.length - 1), signal)
      : null,
})
const { stored, doc, form, answer: found, problem, reckoning, made } = desk

void attempt(async () => {
  looks.value = await api.looks()
})

const nameOf = (look: string) => looks.value.find((l) => l.id === look)?.name ?? look
const days = computed(() => form.value.performances.map((p) => p.on))
const evening = computed(() => form.value.performances[at.value] ?? null)
watch([() => stored.value?.id, () => form.value.performances.length], () => {
  if (at.value >= form.value.performances.length) at.value = Math.max(0, form.value.performances.length - 1)
})
// Another evening is another sheet.
watch(at, () => (form.value = { ...form.value }))

const change = (k: number, by: Partial<Production['performances'][number]>) =>
  (form.value.performances = form.value.performances.map((p, n) => (n === k ? { ...p, ...by } : p)))

function dayAfter(on: string): string {
  const next = new Date(`${on}T12:00:00Z`)
  next.setUTCDate(next.getUTCDate() + 1)
  return next.toISOString().slice(0, 10)
}

function addEvening() {
  const last = form.value.performances.at(-1)
  form.value.performances = [
    ...form.value.performances,
    {
      on: last ? dayAfter(last.on) : today(),
      bellMinute: last?.bellMinute ?? 19 * 60,
      openMinute: last?.openMinute ?? 14 * 60,
    },
  ]
  at.value = form.value.performances.length - 1
}

const add = () =>
  made({
    ...NOTHING,
    name: say('calls.newProduction'),
    kit: preferences.kit,
    setting: preferences.setting,
    painters: [{ name: say('days.painterN', { n: 1 }), timePercent: 100 }],
    performances: [{ on: today(), bellMinute: 19 * 60, openMinute: 14 * 60 }],
  })

const duplicate = () => made({ ...form.value, name: say('days.copy', { name: form.value.name }) })
const paper = (of?: string) =>
  attempt(async () =>
    download(await productions.paper(doc.value, at.value, of), fileName(doc.value.name, 'pdf')),
  )
const people = computed(() => [
  { key: '', label: say('calls.everybody') },
  ...[...form.value.painters, ...form.value.wearers].map((p) => ({ key: p.name, label: p.name })),
])
const calendar = (of: string) => {
  window.location.href = productions.calendar(stored.value!.id, of || undefined)
}
</script>

<template>
  <desk-frame
    :desk="desk"
    :title="say('calls.productions')"
    :add-label="say('calls.newProduction')"
    :name-says="say('calls.nameOfIt')"
    :letters="LETTERS.Production.name"
    :fields="say('calls.production')"
    :follows="say('calls.sheet')"
    :none-yet="say('calls.noneYet')"
    :what-it-is="say('calls.aProductionIs')"
    :duplicate="duplicate"
    @add="add"
  >
    <template #links>
      <router-link to="/days" class="entry other">{{ say('calls.toDays') }}</router-link>
    </template>
    <h2>{{ say('calls.evenings') }}</h2>
    <div v-for="(p, k) in form.performances" :key="k" class="evening" :class="{ at: k === at }">
      <n-radio :checked="k === at" :aria-label="p.on" @update:checked="at = k" />
      <day-field
        :model-value="p.on"
        :says="say('calls.dayOf')"
        @update:model-value="(on: string | null) => on && change(k, { on })"
      />
      <button
        class="x"
        :aria-label="say('days.takeOut')"
        @click="form.performances = form.performances.filter((_, n) => n !== k)"
      >
        ×
      </button>
      <div class="times">
        <label
          >{{ say('calls.bell') }}
          <time-field
            :model-value="p.bellMinute ?? 1140"
            :says="say('calls.bell')"
            @update:model-value="(m) => change(k, { bellMinute: m })"
        /></label>
        <label
          >{{ say('calls.open') }}
          <time-field
            :model-value="p.openMinute ?? 840"
            :says="say('calls.open')"
            @update:model-value="(m) => change(k, { openMinute: m })"
        /></label>
      </div>
    </div>
    <n-button size="small" @click="addEvening">{{ say('calls.addEvening') }}</n-button>
    <h2>{{ say('calls.wearers') }}</h2>
    <call-wearers
      v-model="form.wearers"
      :looks="looks"
      :painters="form.painters"
      :times="found?.times ?? null"
    />
    <h2>{{ say('days.painters') }}</h2>
    <call-painters v-model="form.painters" :days="days" />
    <h2>{{ say('calls.house') }}</h2>
    <unit-row
      v-for="h in HOUSE"
      :key="h.key"
      v-model:value="form[h.key]"
      :label="h.says"
      :unit="h.unit"
      v-bind="LIMITS.Production[h.key]"
      :precision="0"
    />
    <unit-row
      :label="say('calls.readyChance')"
      :title="say('calls.readyChanceTitle')"
      unit="%"
      :value="Math.round(100 * (form.readyChance ?? 0.9))"
      :min="100 * LIMITS.Production.readyChance.min"
      :max="100 * LIMITS.Production.readyChance.max"
      @update:value="(v) => (form.readyChance = v / 100)"
    />
    <kit-and-place
      v-model:kit="form.kit"
      v-model:setting="form.setting"
      :notes="form.notes ?? ''"
      :letters="LETTERS.Production.notes"
      @update:notes="(notes) => (form.notes = notes)"
    />
    <template #follows>
      <header>
        <h2>{{ evening ? say('calls.sheetOf', { on: evening.on }) : say('calls.sheet') }}</h2>
        <span v-if="reckoning" class="faint" role="status">{{ say('calls.planning') }}</span>
        <span class="gap" />
        <n-dropdown trigger="click" :options="people" @select="calendar">
          <n-button>{{ say('calls.calendarOut') }}</n-button>
        </n-dropdown>
      </header>
      <p v-if="problem" class="stop" role="alert">{{ problem }}</p>
      <call-evening
        v-if="evening"
        :model-value="evening"
        :production="doc.value"
        :found="found"
        :name-of="nameOf"
        :can="session.canChange"
        @update:model-value="(e) => change(at, e)"
        @paper="paper"
      />
      <p v-else class="faint">{{ say('calls.noEvening') }}</p>
    </template>
  </desk-frame>
</template>

<style scoped src="../components/sideBySide.css"></style>
<style scoped>
.evening {
  display: grid;
  grid-template-columns: auto minmax(0, 1fr) 24px;
  gap: 4px 8px;
  align-items: center;
  padding: 3px 6px;
  border-radius: 8px;
}

.times {
  grid-column: 2 / -1;
  display: flex;
  gap: 12px;
}

.evening.at {
  background: var(--accent-soft);
}

.x {
  border: 0;
  background: none;
  color: inherit;
  font: inherit;
  cursor: pointer;
  min-height: 28px;
}

.other {
  margin-top: 10px;
}
</style>
