<script setup lang="ts">
import { NButton, NDropdown, NSelect, NSwitch } from 'naive-ui'
import { computed, ref } from 'vue'
import { api, type Case, type LookHead } from '../api/client'
import { caseCalls } from '../api/documentCalls'
import { LETTERS, LIMITS } from '../api/limits'
import CalendarList from '../components/CalendarList.vue'
import CleaningLog from '../components/CleaningLog.vue'
import DayField from '../components/DayField.vue'
import FewestThings from '../components/FewestThings.vue'
import HygienePlan from '../components/HygienePlan.vue'
import DeskFrame from '../components/DeskFrame.vue'
import FieldRow from '../components/FieldRow.vue'
import KitAndPlace from '../components/KitAndPlace.vue'
import NumberBox from '../components/NumberBox.vue'
import PackedList from '../components/PackedList.vue'
import UnitRow from '../components/UnitRow.vue'
import { useAttempt } from '../lib/attempt'
import { useDocumentDesk } from '../lib/documentDesk'
import { download, fileName } from '../lib/download'
import { useCatalogue } from '../stores/catalogue'
import { usePreferences } from '../stores/preferences'
import { say } from '../texts'

/** What goes along: for whom and how often on the left, everything to pack on the right. */
const props = defineProps<{ id?: string }>()

const NOTHING: Case = {
  name: '',
  kit: '',
  setting: '',
  lines: [],
  evenings: 1,
  queue: false,
  shortChance: 0.05,
  notes: '',
  on: null,
  everyDays: 1,
  amountPercent: 100,
  sponges: 'colourAndFace',
  brushes: 'alcoholBetween',
  cleaned: [],
}
const SPONGES = [
  { value: 'colourAndFace', label: say('caseView.spongeColourAndFace') },
  { value: 'face', label: say('caseView.spongeFace') },
]
const BRUSHES = [
  { value: 'wiped', label: say('caseView.brushWiped') },
  { value: 'alcoholBetween', label: say('caseView.brushAlcohol') },
  { value: 'setForEveryFace', label: say('caseView.brushSet') },
]
const PAPERS = ['A4', 'Letter'].map((key) => ({ key, label: key }))

const attempt = useAttempt()
const catalogue = useCatalogue()
const preferences = usePreferences()
const looks = ref<LookHead[]>([])
const newLook = ref<string | null>(null)
const desk = useDocumentDesk({
  kind: 'cases',
  path: '/case',
  id: () => props.id,
  empty: NOTHING,
  calls: caseCalls,
  all: api.cases,
  reckon: api.pack,
})
const { doc, form, answer: packed, problem, reckoning, made } = desk

void attempt(async () => {
  looks.value = await api.looks()
})

const faces = computed(() => catalogue.faces.map((f) => ({ value: f.id, label: f.face.name })))
const nameOf = (look: string) => looks.value.find((l) => l.id === look)?.name ?? look

const add = () =>
  made({ ...NOTHING, name: say('caseView.newCase'), kit: preferences.kit, setting: preferences.setting })

const duplicate = () => made({ ...form.value, name: say('caseView.copy', { name: form.value.name }) })

function addLine() {
  if (!newLook.value) return
  form.value.lines = [...form.value.lines, { look: newLook.value, face: preferences.face || null, faces: 1 }]
  newLook.value = null
}

const takeOut = (k: number) => (form.value.lines = form.value.lines.filter((_, n) => n !== k))

const table = () =>
  attempt(async () => download(await api.packingTable(doc.value), fileName(doc.value.name, 'csv')))
const calendar = () =>
  attempt(async () => download(await api.caseCalendar(doc.value), fileName(doc.value.name, 'ics')))
const print = (paper: string) =>
  attempt(async () => download(await api.packingSheet(doc.value, paper), fileName(doc.value.name, 'pdf')))
</script>

<template>
  <desk-frame
    :desk="desk"
    :title="say('caseView.case')"
    :add-label="say('caseView.newCase')"
    :name-says="say('caseView.nameOfTheCase')"
    :letters="LETTERS.Case.name"
    :fields="say('caseView.forWhom')"
    :follows="say('caseView.toPack')"
    :none-yet="say('caseView.noneYet')"
    :what-it-is="say('caseView.aCaseIs')"
    :duplicate="duplicate"
    @add="add"
  >
    <h2>{{ say('caseView.forWhom') }}</h2>
    <ul class="lines">
      <li v-for="(line, k) in form.lines" :key="k">
        <number-box
          v-model:value="form.lines[k]!.faces"
          size="small"
          v-bind="LIMITS.CaseLine.faces"
          :precision="0"
          :says="say('caseView.facesIn', { look: nameOf(line.look) })"
        />
        <router-link :to="`/looks/${line.look}`">{{ nameOf(line.look) }}</router-link>
        <n-select
          v-model:value="form.lines[k]!.face"
          size="small"
          clearable
          :options="faces"
          :placeholder="say('caseView.onAnyFace')"
          :aria-label="say('caseView.sizedOn', { look: nameOf(line.look) })"
        />
        <button
          class="x"
          :aria-label="say('caseView.takeOut', { look: nameOf(line.look) })"
          @click="takeOut(k)"
        >
          ×
        </button>
        <p v-if="packed?.problems[k]" class="stop">{{ packed.problems[k] }}</p>
      </li>
    </ul>
    <form class="add" @submit.prevent="addLine">
      <n-select
        v-model:value="newLook"
        filterable
        size="small"
        :options="looks.map((l) => ({ value: l.id, label: l.name }))"
        :placeholder="say('caseView.anotherLook')"
        :aria-label="say('caseView.anotherLook')"
        :input-props="{ 'aria-label': say('caseView.anotherLook') }"
      />
      <n-button size="small" attr-type="submit" :disabled="!newLook">{{ say('caseView.add') }}</n-button>
    </form>
    <unit-row
      v-model:value="form.evenings"
      :label="say('caseView.evenings')"
      v-bind="LIMITS.Case.evenings"
      :precision="0"
    />
    <field-row tag="label" :label="say('caseView.queue')" :title="say('caseView.queueTitle')">
      <n-switch v-model:value="form.queue" :aria-label="say('caseView.queue')" />
    </field-row>
    <unit-row
      :label="say('caseView.shortChance')"
      :title="say('caseView.shortChanceTitle')"
      unit="%"
      :value="Math.round(1000 * (form.shortChance ?? 0.05)) / 10"
      :min="100 * LIMITS.Case.shortChance.min"
      :max="100 * LIMITS.Case.shortChance.max"
      @update:value="(v) => (form.shortChance = v / 100)"
    />
    <field-row :label="say('caseView.on')">
      <day-field
        :model-value="form.on ?? null"
        :says="say('caseView.on')"
        @update:model-value="(on: string | null) => (form.on = on)"
      />
    </field-row>
    <unit-row
      v-if="(form.evenings ?? 1) > 1"
      v-model:value="form.everyDays"
      :label="say('caseView.everyDays')"
      :unit="say('caseView.days')"
      v-bind="LIMITS.Case.everyDays"
      :precision="0"
    />
    <unit-row
      v-model:value="form.amountPercent"
      :label="say('caseView.amount')"
      :title="say('caseView.amountTitle')"
      unit="%"
      v-bind="LIMITS.Case.amountPercent"
      :precision="0"
    />
    <field-row :label="say('caseView.sponges')">
      <n-select
        v-model:value="form.sponges"
        size="small"
        :options="SPONGES"
        :aria-label="say('caseView.sponges')"
      />
    </field-row>
    <field-row :label="say('caseView.brushes')">
      <n-select
        v-model:value="form.brushes"
        size="small"
        :options="BRUSHES"
        :aria-label="say('caseView.brushes')"
      />
    </field-row>
    <kit-and-place
      v-model:kit="form.kit"
      v-model:setting="form.setting"
      :notes="form.notes ?? ''"
      :letters="LETTERS.Case.notes"
      @update:notes="(notes) => (form.notes = notes)"
    />
    <template #follows>
      <header>
        <h2>{{ say('caseView.toPack') }}</h2>
        <span v-if="reckoning" class="faint" role="status">{{ say('caseView.reckoning') }}</span>
        <span class="gap" />
        <n-button :disabled="!packed?.calendar.length" @click="calendar">{{
          say('caseView.calendar')
        }}</n-button>
        <n-button :disabled="!packed" @click="table">{{ say('caseView.asATable') }}</n-button>
        <n-dropdown trigger="click" :options="PAPERS" @select="print">
          <n-button type="primary" :disabled="!packed">{{ say('caseView.packingList') }}</n-button>
        </n-dropdown>
      </header>
      <p v-if="problem" class="stop" role="alert">{{ problem }}</p>
      <template v-if="packed">
        <packed-list :packed="packed" :evenings="doc.value.evenings ?? 1" />
        <hygiene-plan :plan="packed.packed.hygiene" />
        <cleaning-log v-model="form.cleaned" />
        <calendar-list :days="packed.calendar" />
        <fewest-things :packed="doc.value" />
      </template>
    </template>
  </desk-frame>
</template>

<style scoped src="../components/sideBySide.css"></style>

<style scoped>
.lines {
  list-style: none;
  margin: 0;
  padding: 0;
}

.lines li {
  display: grid;
  grid-template-columns: 84px 1fr 120px 28px;
  align-items: center;
  gap: 4px 8px;
  padding: 4px 0;
}

.lines p {
  grid-column: 1 / -1;
  margin: 0;
}

.x {
  min-height: 28px;
  border: 0;
  background: none;
  font-size: 17px;
  cursor: pointer;
}

.add {
  display: grid;
  grid-template-columns: 1fr auto;
  gap: 8px;
  margin: 6px 0 16px;
}

.wanted :deep(.n-select),
.wanted :deep(.n-input-number) {
  min-width: 84px;
}
</style>
