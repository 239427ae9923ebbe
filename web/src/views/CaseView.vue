<script setup lang="ts">
import { NButton, NDropdown, NInput, NInputNumber, NSelect, NSwitch } from 'naive-ui'
import { computed, reactive, ref, watch } from 'vue'
import { useRouter } from 'vue-router'
import { api, type Case, type LookHead, type Packed } from '../api/client'
import { caseCalls } from '../api/documentCalls'
import { LETTERS, LIMITS } from '../api/limits'
import CalendarList from '../components/CalendarList.vue'
import CleaningLog from '../components/CleaningLog.vue'
import DayField from '../components/DayField.vue'
import FewestThings from '../components/FewestThings.vue'
import HygienePlan from '../components/HygienePlan.vue'
import DocumentTop from '../components/DocumentTop.vue'
import FieldRow from '../components/FieldRow.vue'
import PackedList from '../components/PackedList.vue'
import SideList from '../components/SideList.vue'
import { useAttempt } from '../lib/attempt'
import { useDocument } from '../lib/document'
import { useDocumentForm } from '../lib/documentForm'
import { download, fileName } from '../lib/download'
import { useLatest } from '../lib/latest'
import { useLeaveGuard } from '../lib/leaveGuard'
import { useCatalogue } from '../stores/catalogue'
import { usePreferences } from '../stores/preferences'
import { useSession } from '../stores/session'
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
const PAUSE_MS = 400
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

const router = useRouter()
const attempt = useAttempt()
const catalogue = useCatalogue()
const preferences = usePreferences()
const session = useSession()
const cases = ref<LookHead[] | null>(null)
const looks = ref<LookHead[]>([])
const packed = ref<Packed | null>(null)
const problem = ref('')
const packing = useLatest()
const reckoning = packing.busy
const newLook = ref<string | null>(null)

const inHand = useDocument<Case>('cases', NOTHING, caseCalls, {
  saved: () => void load().catch(() => undefined),
})
const doc = reactive(inHand)
const form = useDocumentForm(inHand)
useLeaveGuard(doc)

const stored = computed(() => cases.value?.find((c) => c.id === props.id) ?? cases.value?.[0])
const faces = computed(() => catalogue.faces.map((f) => ({ value: f.id, label: f.face.name })))
const nameOf = (look: string) => looks.value.find((l) => l.id === look)?.name ?? look

async function load() {
  ;[cases.value, looks.value] = await Promise.all([api.cases(), api.looks()])
}

void attempt(load)

async function open(id: string | undefined) {
  await doc.close()
  packed.value = null
  if (id) await attempt(() => doc.open(id))
}

watch(() => stored.value?.id, open)

async function pack() {
  if (!doc.id) return
  try {
    await packing.ask(async (signal) => {
      packed.value = await api.pack(doc.value, signal)
      problem.value = ''
    })
  } catch (error) {
    problem.value = (error as Error).message
  }
}

watch([() => doc.value, () => doc.id], () => packing.later(PAUSE_MS, pack))

async function made(one: Case) {
  await attempt(async () => {
    const { id } = await api.addCase(one)
    await load()
    await router.push(`/case/${id}`)
  })
}

const add = () =>
  made({ ...NOTHING, name: say('caseView.newCase'), kit: preferences.kit, setting: preferences.setting })

const duplicate = () => made({ ...form.value, name: say('caseView.copy', { name: form.value.name }) })

async function reload() {
  await load()
  await open(stored.value?.id)
}

async function removed() {
  await load()
  await router.push('/case')
}

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
  <div class="case">
    <side-list :title="say('caseView.case')" :add-label="say('caseView.newCase')" @add="add">
      <router-link
        v-for="c in cases ?? []"
        :key="c.id"
        :to="`/case/${c.id}`"
        class="entry"
        :class="{ here: c.id === stored?.id }"
        >{{ c.name }}</router-link
      >
    </side-list>
    <section v-if="doc.id && stored" class="wanted" :aria-label="say('caseView.forWhom')">
      <document-top
        v-model:name="form.name"
        kind="cases"
        :doc="doc"
        :says="say('caseView.nameOfTheCase')"
        :letters="LETTERS.Case.name"
        :last="false"
        :all="cases"
        :duplicate="duplicate"
        :reload="reload"
        @removed="removed"
        @copied="reload"
        @back="load()"
      />
      <div :inert="!session.canChange">
        <h2>{{ say('caseView.forWhom') }}</h2>
        <ul class="lines">
          <li v-for="(line, k) in form.lines" :key="k">
            <n-input-number
              v-model:value="form.lines[k]!.faces"
              size="small"
              v-bind="LIMITS.CaseLine.faces"
              :precision="0"
              :input-props="{ 'aria-label': say('caseView.facesIn', { look: nameOf(line.look) }) }"
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
        <field-row :label="say('caseView.evenings')">
          <n-input-number
            v-model:value="form.evenings"
            size="small"
            v-bind="LIMITS.Case.evenings"
            :precision="0"
            :input-props="{ 'aria-label': say('caseView.evenings') }"
          />
        </field-row>
        <field-row tag="label" :label="say('caseView.queue')" :title="say('caseView.queueTitle')">
          <n-switch v-model:value="form.queue" :aria-label="say('caseView.queue')" />
        </field-row>
        <field-row :label="say('caseView.shortChance')" :title="say('caseView.shortChanceTitle')">
          <n-input-number
            size="small"
            :value="Math.round(1000 * (form.shortChance ?? 0.05)) / 10"
            :min="100 * LIMITS.Case.shortChance.min"
            :max="100 * LIMITS.Case.shortChance.max"
            :input-props="{ 'aria-label': say('caseView.shortChance') }"
            @update:value="(v: number | null) => v && (form.shortChance = v / 100)"
            ><template #suffix>%</template></n-input-number
          >
        </field-row>
        <field-row :label="say('caseView.on')">
          <day-field
            :model-value="form.on ?? null"
            :says="say('caseView.on')"
            @update:model-value="(on: string | null) => (form.on = on)"
          />
        </field-row>
        <field-row v-if="(form.evenings ?? 1) > 1" :label="say('caseView.everyDays')">
          <n-input-number
            v-model:value="form.everyDays"
            size="small"
            v-bind="LIMITS.Case.everyDays"
            :precision="0"
            :input-props="{ 'aria-label': say('caseView.everyDays') }"
            ><template #suffix>{{ say('caseView.days') }}</template></n-input-number
          >
        </field-row>
        <field-row :label="say('caseView.amount')" :title="say('caseView.amountTitle')">
          <n-input-number
            v-model:value="form.amountPercent"
            size="small"
            v-bind="LIMITS.Case.amountPercent"
            :precision="0"
            :input-props="{ 'aria-label': say('caseView.amount') }"
            ><template #suffix>%</template></n-input-number
          >
        </field-row>
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
        <field-row :label="say('caseView.kit')">
          <n-select
            v-model:value="form.kit"
            size="small"
            :options="catalogue.kits.map((k) => ({ value: k.id, label: k.name }))"
            :aria-label="say('caseView.kit')"
          />
        </field-row>
        <field-row :label="say('caseView.where')">
          <n-select
            v-model:value="form.setting"
            size="small"
            :options="catalogue.settings.map((s) => ({ value: s.id, label: s.name }))"
            :aria-label="say('caseView.where')"
          />
        </field-row>
        <n-input
          v-model:value="form.notes"
          type="textarea"
          :placeholder="say('caseView.notes')"
          :maxlength="LETTERS.Case.notes"
          :autosize="{ minRows: 2, maxRows: 6 }"
          :input-props="{ 'aria-label': say('caseView.notes') }"
        />
      </div>
    </section>
    <section v-if="doc.id && stored" class="packed" :aria-label="say('caseView.toPack')">
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
    </section>
    <section v-else-if="cases && !stored" class="none">
      <h2>{{ say('caseView.noneYet') }}</h2>
      <p class="faint">{{ say('caseView.aCaseIs') }}</p>
    </section>
  </div>
</template>

<style scoped>
.case {
  display: grid;
  grid-template-columns: 200px minmax(330px, 400px) minmax(0, 1fr);
  min-height: 100%;
}

.wanted {
  padding: 6px 22px 40px;
  background: var(--panel);
  border-right: 1px solid var(--line);
}

@media (width > 1100px) {
  /* The list beside it is long; whom it is for stays in sight. */
  .wanted {
    position: sticky;
    top: 0;
    max-height: 100vh;
    overflow-y: auto;
  }
}

h2 {
  margin: 14px 0 6px;
  font-size: 16px;
}

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

.packed {
  padding: 14px 22px 40px;
}

.packed header {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 10px;
}

.gap {
  flex: 1;
}

.none {
  grid-column: 2 / -1;
  display: grid;
  gap: 12px;
  justify-items: center;
  align-content: center;
}

@media (width <= 1100px) {
  .case {
    grid-template-columns: 150px minmax(0, 1fr);
  }

  .wanted,
  .packed {
    grid-column: 2;
  }
}

@media (width <= 640px) {
  .case {
    grid-template-columns: minmax(0, 1fr);
  }

  .wanted,
  .packed,
  .none {
    grid-column: 1;
    padding: 14px;
  }
}
</style>
