<script setup lang="ts">
import { NButton, NDropdown } from 'naive-ui'
import { computed, ref } from 'vue'
import { useRouter } from 'vue-router'
import { api, type LookHead } from '../api/client'
import { dayCalls, days } from '../api/dayCalls'
import { LETTERS, LIMITS } from '../api/limits'
import type { BoothDay } from '../api/types'
import ArrivalLines from '../components/days/ArrivalLines.vue'
import CrewLines from '../components/days/CrewLines.vue'
import ForecastView from '../components/days/ForecastView.vue'
import MenuLines from '../components/days/MenuLines.vue'
import TimeField from '../components/days/TimeField.vue'
import DayField from '../components/DayField.vue'
import FewestThings from '../components/FewestThings.vue'
import DeskFrame from '../components/DeskFrame.vue'
import FieldRow from '../components/FieldRow.vue'
import KitAndPlace from '../components/KitAndPlace.vue'
import UnitRow from '../components/UnitRow.vue'
import { useAttempt } from '../lib/attempt'
import { useDocumentDesk } from '../lib/documentDesk'
import { download, fileName } from '../lib/download'
import { usePreferences } from '../stores/preferences'
import { say } from '../texts'

/** A day at the booth: menu, crew and crowd on the left, what it will be like on the right. */
const props = defineProps<{ id?: string }>()

const NOTHING: BoothDay = {
  name: '',
  kit: '',
  setting: '',
  menu: [],
  painters: [],
  arrivals: [],
  bursts: [],
  on: null,
  fromMinute: 14 * 60,
  untilMinute: 17 * 60,
  patienceMinutes: 30,
  takesOther: 0.6,
  betweenMinutes: 1,
  inTimeChance: 0.9,
  notes: '',
}

const PAPERS = ['A3', 'A4', 'A5', 'A6', 'Letter'].map((key) => ({ key, label: key }))

const attempt = useAttempt()
const router = useRouter()
const preferences = usePreferences()
const looks = ref<LookHead[]>([])
const desk = useDocumentDesk({
  kind: 'days',
  path: '/days',
  id: () => props.id,
  empty: NOTHING,
  calls: dayCalls,
  all: days.all,
  reckon: days.forecast,
})
const { stored, doc, form, answer: found, problem, reckoning, made } = desk

void attempt(async () => {
  looks.value = await api.looks()
})

const nameOf = (look: string) => looks.value.find((l) => l.id === look)?.name ?? look

const add = () =>
  made({
    ...NOTHING,
    name: say('days.newDay'),
    kit: preferences.kit,
    setting: preferences.setting,
    painters: [{ name: say('days.painterN', { n: 1 }), timePercent: 100, breaks: [] }],
    arrivals: [{ fromMinute: 14 * 60, perHour: 12 }],
  })

const duplicate = () => made({ ...form.value, name: say('days.copy', { name: form.value.name }) })

const print = (paper: string) =>
  attempt(async () => download(await days.menu(doc.value, paper), fileName(doc.value.name, 'pdf')))

/** What is on the menu, as a case: with how little it can be painted. */
const box = computed(() => ({
  name: doc.value.name,
  kit: doc.value.kit,
  setting: doc.value.setting,
  queue: true,
  lines: doc.value.menu
    .filter((l) => l.offered ?? true)
    .map((l) => ({
      look: l.look,
      face: null,
      faces: Math.max(1, Math.min(1000, Math.round(l.wanted ?? 1))),
    })),
}))

function offer(lines: readonly number[]) {
  form.value.menu = form.value.menu.map((l, k) => ({ ...l, offered: lines.includes(k) }))
}
</script>

<template>
  <desk-frame
    :desk="desk"
    :title="say('days.days')"
    :add-label="say('days.newDay')"
    :name-says="say('days.nameOfTheDay')"
    :letters="LETTERS.BoothDay.name"
    :fields="say('days.theDay')"
    :follows="say('days.forecast')"
    :none-yet="say('days.noneYet')"
    :what-it-is="say('days.aDayIs')"
    :duplicate="duplicate"
    @add="add"
  >
    <template #links>
      <router-link to="/calendar" class="entry other">{{ say('days.toCalendar') }}</router-link>
      <router-link to="/calls" class="entry">{{ say('days.toCalls') }}</router-link>
      <router-link to="/drills" class="entry">{{ say('days.toDrills') }}</router-link>
    </template>
    <h2>{{ say('days.menu') }}</h2>
    <menu-lines v-model="form.menu" :looks="looks" :lines="found?.lines ?? null" />
    <h2>{{ say('days.painters') }}</h2>
    <crew-lines
      v-model="form.painters"
      :from-minute="form.fromMinute ?? 840"
      :until-minute="form.untilMinute ?? 1020"
    />
    <h2>{{ say('days.whoComes') }}</h2>
    <arrival-lines
      v-model:arrivals="form.arrivals"
      :bursts="form.bursts ?? []"
      :from-minute="form.fromMinute ?? 840"
      @update:bursts="(b) => (form.bursts = b)"
    />
    <h2>{{ say('days.hours') }}</h2>
    <field-row :label="say('days.open')">
      <time-field
        :model-value="form.fromMinute ?? 840"
        :says="say('days.open')"
        @update:model-value="(m) => (form.fromMinute = m)"
      />
    </field-row>
    <field-row :label="say('days.until')">
      <time-field
        :model-value="form.untilMinute ?? 1020"
        :says="say('days.until')"
        @update:model-value="(m) => (form.untilMinute = m)"
      />
    </field-row>
    <field-row :label="say('days.on')">
      <day-field
        :model-value="form.on ?? null"
        :says="say('days.on')"
        @update:model-value="(on: string | null) => (form.on = on)"
      />
    </field-row>
    <unit-row
      v-model:value="form.patienceMinutes"
      :label="say('days.patience')"
      :title="say('days.patienceTitle')"
      unit="min"
      v-bind="LIMITS.BoothDay.patienceMinutes"
    />
    <unit-row
      :label="say('days.takesOther')"
      :title="say('days.takesOtherTitle')"
      unit="%"
      :value="Math.round(100 * (form.takesOther ?? 0.6))"
      :min="0"
      :max="100"
      @update:value="(v) => (form.takesOther = v / 100)"
    />
    <unit-row
      v-model:value="form.betweenMinutes"
      :label="say('days.between')"
      :title="say('days.betweenTitle')"
      unit="min"
      v-bind="LIMITS.BoothDay.betweenMinutes"
    />
    <unit-row
      :label="say('days.inTime')"
      :title="say('days.inTimeTitle')"
      unit="%"
      :value="Math.round(100 * (form.inTimeChance ?? 0.9))"
      :min="100 * LIMITS.BoothDay.inTimeChance.min"
      :max="100 * LIMITS.BoothDay.inTimeChance.max"
      @update:value="(v) => (form.inTimeChance = v / 100)"
    />
    <kit-and-place
      v-model:kit="form.kit"
      v-model:setting="form.setting"
      :notes="form.notes ?? ''"
      :letters="LETTERS.BoothDay.notes"
      @update:notes="(notes) => (form.notes = notes)"
    />
    <template #follows>
      <header>
        <h2>{{ say('days.forecast') }}</h2>
        <span v-if="reckoning" class="faint" role="status">{{ say('days.reckoning') }}</span>
        <span class="gap" />
        <n-button type="primary" @click="router.push(`/days/${stored!.id}/queue`)">{{
          say('days.liveQueue')
        }}</n-button>
        <n-dropdown trigger="click" :options="PAPERS" @select="print">
          <n-button :disabled="!doc.value.menu.some((l) => l.offered ?? true)">{{
            say('days.menuOnPaper')
          }}</n-button>
        </n-dropdown>
      </header>
      <p v-if="problem" class="stop" role="alert">{{ problem }}</p>
      <forecast-view v-if="found" :day="doc.value" :found="found" :name-of="nameOf" @offer="offer" />
      <fewest-things :packed="box" />
    </template>
  </desk-frame>
</template>

<style scoped src="../components/sideBySide.css"></style>
<style scoped>
.other {
  margin-top: 10px;
}
</style>
