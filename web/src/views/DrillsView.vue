<script setup lang="ts">
import { NCheckbox, NSelect } from 'naive-ui'
import { computed, ref, watch } from 'vue'
import { api, type LookHead } from '../api/client'
import { drillCalls, drills } from '../api/drillCalls'
import { LETTERS, LIMITS } from '../api/limits'
import type { DrillAdvice, DrillBook, DrillTry } from '../api/types'
import DrillExercise from '../components/drills/DrillExercise.vue'
import DeskFrame from '../components/DeskFrame.vue'
import FieldRow from '../components/FieldRow.vue'
import UnitRow from '../components/UnitRow.vue'
import { useAttempt } from '../lib/attempt'
import { comeIntoView } from '../lib/comeIntoView'
import { useDocumentDesk } from '../lib/documentDesk'
import { nameOf, reasons } from '../lib/drillWords'
import { today } from '../lib/format'
import { usePreferences } from '../stores/preferences'
import { useSession } from '../stores/session'
import { say } from '../texts'

/** What a painter practises: what is worth it for a look on the left, one exercise on the right. */
const props = defineProps<{ id?: string }>()

const USUAL = { knucklesMm: 82, backMm: 88, wristMm: 165, forearmMm: 260, forearmLongMm: 170 }
const NOTHING: DrillBook = { name: '', tries: [], hand: USUAL, leftHanded: false, notes: '' }
const HAND = [
  { key: 'knucklesMm', says: say('drills.knuckles') },
  { key: 'backMm', says: say('drills.back') },
  { key: 'wristMm', says: say('drills.wrist') },
  { key: 'forearmMm', says: say('drills.forearmGirth') },
  { key: 'forearmLongMm', says: say('drills.forearmLong') },
] as const

const attempt = useAttempt()
const preferences = usePreferences()
const session = useSession()
const looks = ref<LookHead[]>([])
const look = ref<string | null>(null)
const chosen = ref('')

const desk = useDocumentDesk({
  kind: 'drills',
  path: '/drills',
  id: () => props.id,
  empty: NOTHING,
  calls: drillCalls,
  all: drills.all,
  reckon: async (book: DrillBook, signal): Promise<readonly DrillAdvice[]> =>
    look.value
      ? await drills.advice(
          book,
          look.value,
          {
            face: preferences.face,
            kit: preferences.kit,
            setting: preferences.setting,
            today: today(),
          },
          signal,
        )
      : [],
})
const { form, answer: found, problem, made } = desk

void attempt(async () => {
  looks.value = await api.looks()
  look.value = looks.value[0]?.id ?? null
})
// For another look other things are worth it.
watch(look, () => (form.value = { ...form.value }))

const now = today()
/** What is due or was never practised comes tonight; what is still well in hand rests. */
const groups = computed(() => {
  const rests = (a: DrillAdvice) => a.advice.due !== null && a.advice.due > now
  const all = found.value ?? []
  return [
    { says: say('drills.tonight'), of: all.filter((a) => !rests(a)) },
    { says: say('drills.rests'), of: all.filter(rests) },
  ]
})
const here = computed(
  () =>
    found.value?.find((a) => a.advice.exercise === chosen.value) ??
    groups.value[0]!.of[0] ??
    found.value?.[0],
)
const right = ref<HTMLElement | null>(null)
function choose(a: DrillAdvice) {
  chosen.value = a.advice.exercise
  void comeIntoView(right.value)
}
const hand = computed(() => ({ ...USUAL, ...form.value.hand }))
const add = () => made({ ...NOTHING, name: session.session?.name || say('drills.newPainter') })
const duplicate = () => made({ ...form.value, name: say('days.copy', { name: form.value.name }), tries: [] })
const kept = (tried: DrillTry) => (form.value.tries = [...form.value.tries, tried])
function dropped(tried: DrillTry) {
  const at = form.value.tries.findIndex((t) => JSON.stringify(t) === JSON.stringify(tried))
  form.value.tries = form.value.tries.filter((_, k) => k !== at)
}
</script>

<template>
  <desk-frame
    :desk="desk"
    :title="say('drills.drills')"
    :add-label="say('drills.newBook')"
    :name-says="say('drills.painter')"
    :letters="LETTERS.DrillBook.name"
    :fields="say('drills.worth')"
    :follows="say('drills.exercise')"
    :none-yet="say('drills.noneYet')"
    :what-it-is="say('drills.aBookIs')"
    :duplicate="duplicate"
    @add="add"
  >
    <template #links>
      <router-link to="/book/times" class="entry other">{{ say('drills.toTimes') }}</router-link>
    </template>
    <template #open>
      <field-row :label="say('drills.forLook')">
        <n-select
          v-model:value="look"
          size="small"
          filterable
          :options="looks.map((l) => ({ value: l.id, label: l.name }))"
          :input-props="{ 'aria-label': say('drills.forLook') }"
        />
      </field-row>
      <p v-if="problem" class="stop" role="alert">{{ problem }}</p>
      <template v-for="g in groups" :key="g.says">
        <h2 v-if="g.of.length">{{ g.says }}</h2>
        <ol class="exercises" :aria-label="g.says">
          <li v-for="a in g.of" :key="a.advice.exercise">
            <button
              class="exercise"
              :class="{ here: a.advice.exercise === here?.advice.exercise }"
              :aria-pressed="a.advice.exercise === here?.advice.exercise"
              @click="choose(a)"
            >
              <strong>{{ nameOf(a) }}</strong>
              <small>{{ reasons(a, now) }}</small>
            </button>
          </li>
        </ol>
      </template>
    </template>
    <h2>{{ say('drills.ownHand') }}</h2>
    <n-checkbox v-model:checked="form.leftHanded">{{ say('drills.leftHanded') }}</n-checkbox>
    <unit-row
      v-for="h in HAND"
      :key="h.key"
      :label="h.says"
      :value="hand[h.key]"
      unit="mm"
      v-bind="LIMITS.HandMeasures[h.key]"
      @update:value="(v) => (form.hand = { ...hand, [h.key]: v })"
    />
    <template #follows>
      <div ref="right">
        <drill-exercise
          v-if="here && look"
          :advice="here"
          :book="form"
          :look="look"
          :can="session.canChange"
          @kept="kept"
          @dropped="dropped"
        />
      </div>
    </template>
  </desk-frame>
</template>

<style scoped src="../components/sideBySide.css"></style>
<style scoped>
.exercises {
  display: grid;
  gap: 2px;
  margin: 0 -8px;
  padding: 0;
  list-style: none;
}

.exercise {
  display: grid;
  gap: 1px;
  width: 100%;
  min-height: 44px;
  padding: 5px 8px;
  border: 0;
  border-radius: 8px;
  background: none;
  color: inherit;
  font: inherit;
  text-align: left;
  cursor: pointer;
}

.exercise.here,
.exercise:hover {
  background: var(--accent-soft);
}

small {
  color: var(--faint);
}

.other {
  margin-top: 10px;
}
</style>
