<script setup lang="ts">
import { NButton, NCheckbox, NDropdown, NInput, NSelect, NTag } from 'naive-ui'
import { computed, onBeforeUnmount, ref, watch } from 'vue'
import { api, type WearerCard, type WearerCaution } from '../api/client'
import { LETTERS, LIMITS } from '../api/limits'
import { useAttempt } from '../lib/attempt'
import { download } from '../lib/download'
import { today } from '../lib/format'
import { useSession } from '../stores/session'
import { say } from '../texts'
import DayField from './DayField.vue'
import NumberField from './NumberField.vue'

/** What the wearer says before the first stroke; kept for a while, printed to sign, deleted at once when asked. */
const props = defineProps<{
  face: string
  /** Whether somebody came here for it. */
  wanted: boolean
}>()

// As the service has it (Limits.LongestName).
const LONGEST_ALLERGY = 120
const SAVE_AFTER_MS = 600
const CONSENT = [
  { value: 'notYet', label: say('wearerCard.notYet') },
  { value: 'wearer', label: say('wearerCard.wearer') },
  { value: 'guardian', label: say('wearerCard.guardian') },
]
const PHOTOS = [
  { value: 'none', label: say('wearerCard.none') },
  { value: 'ownBook', label: say('wearerCard.ownBook') },
  { value: 'shown', label: say('wearerCard.shown') },
]
const AGE = [
  { value: 'notSaid', label: say('wearerCard.notSaid') },
  { value: 'underThree', label: say('wearerCard.underThree') },
  { value: 'child', label: say('wearerCard.child') },
  { value: 'adult', label: say('wearerCard.adult') },
]
type State = NonNullable<WearerCard['states']>[number]
const STATES: { id: State; label: string }[] = [
  { id: 'brokenSkin', label: say('wearerCard.brokenSkin') },
  { id: 'sunburnt', label: say('wearerCard.sunburnt') },
  { id: 'coldSore', label: say('wearerCard.coldSore') },
  { id: 'infection', label: say('wearerCard.infection') },
  { id: 'asthma', label: say('wearerCard.asthma') },
]
const BRINGS: { id: WearerCaution; label: string }[] = [
  { id: 'sensitiveSkin', label: say('wearerCautions.sensitiveSkin') },
  { id: 'lenses', label: say('wearerCautions.lenses') },
  { id: 'glasses', label: say('wearerCautions.glasses') },
  { id: 'beard', label: say('wearerCautions.beard') },
]
const PAPERS = [
  { label: `${say('wearerCard.print')}, A4`, key: 'A4' },
  { label: `${say('wearerCard.print')}, Letter`, key: 'Letter' },
  { label: `${say('wearerCard.printBlank')}, A4`, key: 'A4 blank' },
  { label: `${say('wearerCard.printBlank')}, Letter`, key: 'Letter blank' },
]

const attempt = useAttempt()
const session = useSession()
const card = ref<WearerCard | null>(null)
const revision = ref(0)
/** Allergies that are looked for by these words alone. */
const alone = ref<readonly string[]>([])
const state = ref<'saved' | 'saving' | 'failed'>('saved')
const typed = ref('')
const told = ref('')
/** What is not kept yet, and whose it is. */
let pending: { face: string; card: WearerCard } | null = null
let timer = 0
let saves: Promise<unknown> = Promise.resolve()

async function read() {
  card.value = null
  const face = props.face
  await attempt(async () => {
    const kept = await api.wearerCard(face)
    if (face !== props.face) return
    revision.value = kept.revision
    card.value = kept.card
    alone.value = kept.byWordAlone ?? []
    state.value = 'saved'
  })
}

watch(
  () => props.face,
  () => {
    told.value = ''
    void save()
    void read()
  },
  { immediate: true },
)

/** Keeps what waits, one save after the other. */
function save() {
  window.clearTimeout(timer)
  if (!pending) return saves
  const { face, card: next } = pending
  pending = null
  saves = saves.then(async () => {
    const read = revision.value
    const done = await attempt(async () => {
      const kept = await api.saveWearerCard(face, read, next)
      if (face !== props.face) return
      revision.value = kept.revision
      alone.value = kept.byWordAlone ?? []
    })
    if (face === props.face && !pending) state.value = done ? 'saved' : 'failed'
  })
  return saves
}

/** What changes is kept in a moment; what could not be kept stays on the screen. */
function change(part: Partial<WearerCard>) {
  if (!card.value) return
  card.value = { ...card.value, ...part }
  told.value = ''
  state.value = 'saving'
  pending = { face: props.face, card: card.value }
  window.clearTimeout(timer)
  timer = window.setTimeout(() => void save(), SAVE_AFTER_MS)
}

const leave = () => void save()
window.addEventListener('pagehide', leave)
onBeforeUnmount(() => {
  window.removeEventListener('pagehide', leave)
  leave()
})

function put<T>(all: readonly T[] | undefined, one: T, on: boolean): T[] {
  const others = (all ?? []).filter((o) => o !== one)
  return on ? [...others, one] : others
}

function addAllergy() {
  const words = typed.value.trim()
  typed.value = ''
  if (words && card.value) change({ allergies: put(card.value.allergies, words, true) })
}

const print = (key: string) =>
  attempt(async () =>
    download(
      await api.printWearerCard(props.face, key.split(' ')[0]!, key.endsWith('blank')),
      'wearers-card.pdf',
    ),
  )

const asFile = () =>
  download(new Blob([JSON.stringify(card.value, null, 2)], { type: 'application/json' }), 'wearers-card.json')

async function remove() {
  window.clearTimeout(timer)
  pending = null
  await saves
  if (await attempt(() => api.deleteWearerCard(props.face))) {
    await read()
    told.value = say('wearerCard.deleted')
  }
}

/** What one must know without opening it. */
const agreed = computed(() => {
  const of = CONSENT.find((c) => c.value === card.value?.consent)
  return say('wearerCard.agreedBy', { who: of?.label ?? '', until: card.value?.deleteOn ?? '' })
})

const said = computed(
  () =>
    ({
      saved: revision.value > 0 ? say('wearerCard.saved') : '',
      saving: say('wearerCard.saving'),
      failed: say('wearerCard.notSaved'),
    })[state.value],
)
</script>

<template>
  <details v-if="card" :open="wanted">
    <summary>
      <h2>{{ say('wearerCard.title') }}</h2>
      <span :class="card.consent === 'notYet' ? 'warning' : 'faint'">{{ agreed }}</span>
      <span class="faint" role="status">{{ said }}</span>
    </summary>
    <header>
      <p class="faint">{{ told || say('wearerCard.kept') }}</p>
      <n-dropdown trigger="click" :options="PAPERS" @select="print">
        <n-button size="small">{{ say('wearerCard.print') }}</n-button>
      </n-dropdown>
      <n-button size="small" :disabled="revision === 0" @click="asFile">{{
        say('wearerCard.asFile')
      }}</n-button>
      <n-button
        v-if="session.canChange"
        size="small"
        type="error"
        ghost
        :disabled="revision === 0"
        @click="remove"
        >{{ say('wearerCard.deleteNow') }}</n-button
      >
    </header>
    <div class="fields" :inert="!session.canChange">
      <label>
        <span class="faint">{{ say('wearerCard.consent') }}</span>
        <n-select
          :value="card.consent"
          :options="CONSENT"
          :aria-label="say('wearerCard.consent')"
          @update:value="(consent: WearerCard['consent']) => change({ consent })"
        />
      </label>
      <label>
        <span class="faint">{{ say('wearerCard.photos') }}</span>
        <n-select
          :value="card.photos"
          :options="PHOTOS"
          :aria-label="say('wearerCard.photos')"
          @update:value="(photos: WearerCard['photos']) => change({ photos })"
        />
      </label>
      <label>
        <span class="faint">{{ say('wearerCard.age') }}</span>
        <n-select
          :value="card.age"
          :options="AGE"
          :aria-label="say('wearerCard.age')"
          @update:value="(age: WearerCard['age']) => change({ age })"
        />
      </label>
      <div class="wide">
        <span class="faint">{{ say('wearerCard.allergies') }}</span>
        <p class="chips">
          <n-tag
            v-for="allergy in card.allergies"
            :key="allergy"
            closable
            @close="change({ allergies: put(card.allergies, allergy, false) })"
            >{{ allergy }}</n-tag
          >
          <n-input
            v-model:value="typed"
            size="small"
            class="typed"
            :maxlength="LONGEST_ALLERGY"
            :placeholder="say('wearerCard.allergyHint')"
            :input-props="{ 'aria-label': say('wearerCard.allergy') }"
            @keydown.enter="addAllergy"
            @blur="addAllergy"
          />
        </p>
        <p v-if="alone.length" class="faint">
          {{ say('wearerCard.byWordAlone', { words: alone.join(', ') }) }}
        </p>
      </div>
      <div class="wide checks">
        <span class="faint">{{ say('wearerCard.today') }}</span>
        <n-checkbox
          v-for="s in STATES"
          :key="s.id"
          :checked="card.states?.includes(s.id) ?? false"
          @update:checked="(on: boolean) => change({ states: put(card?.states, s.id, on) })"
          >{{ s.label }}</n-checkbox
        >
      </div>
      <div class="wide checks">
        <span class="faint">{{ say('wearerCard.brings') }}</span>
        <n-checkbox
          v-for="b in BRINGS"
          :key="b.id"
          :checked="card.brings?.includes(b.id) ?? false"
          @update:checked="(on: boolean) => change({ brings: put(card?.brings, b.id, on) })"
          >{{ b.label }}</n-checkbox
        >
      </div>
      <label class="half">
        <span class="faint">{{ say('wearerCard.wants') }}</span>
        <n-input
          :value="card.wants ?? ''"
          :maxlength="LETTERS.WearerCard.wants"
          :input-props="{ 'aria-label': say('wearerCard.wants') }"
          @update:value="(wants: string) => change({ wants })"
        />
      </label>
      <label class="half">
        <span class="faint">{{ say('wearerCard.doesNotWant') }}</span>
        <n-input
          :value="card.doesNotWant ?? ''"
          :maxlength="LETTERS.WearerCard.doesNotWant"
          :input-props="{ 'aria-label': say('wearerCard.doesNotWant') }"
          @update:value="(doesNotWant: string) => change({ doesNotWant })"
        />
      </label>
      <number-field
        :model-value="card.patienceMinutes ?? undefined"
        :label="say('wearerCard.patience')"
        unit="min"
        v-bind="LIMITS.WearerCard.patienceMinutes"
        @update:model-value="(m: number | undefined) => change({ patienceMinutes: m ?? null })"
      />
      <label>
        <span class="faint">{{ say('wearerCard.deleteOn') }}</span>
        <day-field
          :model-value="card.deleteOn"
          :says="say('wearerCard.deleteOn')"
          @update:model-value="(day: string | null) => change({ deleteOn: day ?? today() })"
        />
      </label>
    </div>
  </details>
</template>

<style scoped>
details {
  margin: 6px 0 14px;
  padding: 8px 0 12px;
  border-bottom: 1px solid var(--line);
}

summary {
  display: flex;
  flex-wrap: wrap;
  align-items: baseline;
  gap: 12px;
  min-height: 36px;
  cursor: pointer;
}

summary::before {
  content: '▸';
}

details[open] summary::before {
  content: '▾';
}

.warning {
  color: var(--warning);
}

header {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 10px;
}

h2 {
  margin: 0;
}

header p {
  flex: 1 1 260px;
  margin: 0;
}

.fields {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(200px, 1fr));
  gap: 12px 18px;
}

.wide {
  grid-column: 1 / -1;
}

label {
  display: grid;
  gap: 4px;
  align-content: start;
}

.checks {
  display: flex;
  flex-wrap: wrap;
  gap: 8px 20px;
}

.chips {
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
  margin: 4px 0 0;
}

.typed {
  width: 200px;
}
</style>
