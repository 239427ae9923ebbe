<script setup lang="ts">
import { NButton, NCheckbox, NInput, NInputNumber, NModal, NSelect } from 'naive-ui'
import { computed, ref, watch } from 'vue'
import { api, type PaintDescription, type PaintOnSkin } from '../api/client'
import { useLatest } from '../lib/latest'
import { labOf } from '../lib/skinDial'
import { FINISHES, MATERIALS } from '../lib/materials'
import LabFields from './LabFields.vue'
import PhotoPicker from './PhotoPicker.vue'

const show = defineModel<boolean>('show', { required: true })
const props = defineProps<{ paint: PaintDescription | null; face: string; taken: readonly string[] }>()
const emit = defineEmits<{ save: [paint: PaintDescription]; remove: [id: string] }>()

const TRY_AFTER_MS = 250
const fresh = (): PaintDescription => ({
  id: '',
  name: '',
  material: 'waterCake',
  finish: 'matt',
  cardFilmUm: 25,
  overBlack: { l: 40, a: 20, b: 10 },
  overWhite: { l: 48, a: 26, b: 14 },
  coatFilmUm: 20,
  dryingSeconds: 60,
  nearEyes: false,
  onLips: false,
  leftMl: null,
  price: null,
  stripe: null,
})

const draft = ref<PaintDescription>(fresh())
const seen = ref<PaintOnSkin | null>(null)
const problem = ref('')
const trying = useLatest()

watch(show, (now) => {
  if (now) draft.value = props.paint ? (JSON.parse(JSON.stringify(props.paint)) as PaintDescription) : fresh()
})

/** A name as an id: small letters and dashes, unlike those there are. */
function idOf(name: string) {
  const plain =
    name
      .toLowerCase()
      .normalize('NFD')
      .replace(/[^a-z0-9]+/g, '-')
      .replace(/^-|-$/g, '') || 'paint'
  for (let n = 1; ; n++) {
    const id = n === 1 ? plain : `${plain}-${n}`
    if (!props.taken.includes(id)) return id
  }
}

const whole = computed<PaintDescription>(() => ({
  ...draft.value,
  id: props.paint?.id ?? idOf(draft.value.name),
  name: draft.value.name.trim() || 'New paint',
}))

watch(
  [whole, () => props.face, show],
  () => {
    trying.stop()
    if (!show.value) return
    trying.later(TRY_AFTER_MS, async () => {
      try {
        const tried = await trying.ask(() => api.tryPaint(props.face, whole.value))
        if (tried) seen.value = tried
        problem.value = ''
      } catch (error) {
        seen.value = null
        problem.value = (error as Error).message
      }
    })
  },
  { deep: true },
)

function save() {
  emit('save', whole.value)
  show.value = false
}

function cake(name: string) {
  draft.value.stripe = name.trim() ? { cake: name, place: draft.value.stripe?.place ?? 1 } : null
}

const materials = Object.entries(MATERIALS).map(([value, label]) => ({ value, label }))
const finishes = FINISHES.map((f) => ({ value: f, label: f }))
</script>

<template>
  <n-modal v-model:show="show" preset="card" :title="paint ? paint.name : 'Add a paint'" class="paint-editor">
    <div class="form">
      <label class="wide">
        <span>Name</span>
        <n-input
          v-model:value="draft.name"
          :maxlength="120"
          placeholder="Harbour rust"
          :input-props="{ 'aria-label': 'Name of the paint' }"
        />
      </label>
      <label>
        <span>Made as</span>
        <n-select v-model:value="draft.material" :options="materials" aria-label="Material" />
      </label>
      <label>
        <span>Dries</span>
        <n-select v-model:value="draft.finish" :options="finishes" aria-label="Finish" />
      </label>
      <template v-if="draft.material === 'splitCake'">
        <label>
          <span>Name of the cake</span>
          <n-input
            :value="draft.stripe?.cake ?? ''"
            :input-props="{ 'aria-label': 'Name of the split cake' }"
            @update:value="cake"
          />
        </label>
        <label v-if="draft.stripe">
          <span>Its place in it</span>
          <n-input-number
            v-model:value="draft.stripe.place"
            :min="1"
            :max="40"
            :precision="0"
            :input-props="{ 'aria-label': 'Place in the cake' }"
          />
        </label>
      </template>

      <section class="card wide">
        <h3>Card</h3>
        <p class="faint">
          One even film drawn over black and over white, dry, looked at in daylight without its shine.
        </p>
        <div
          v-for="[ground, words] in [
            ['overBlack', 'over black'],
            ['overWhite', 'over white'],
          ] as const"
          :key="ground"
          class="pair"
        >
          <span>{{ words }}</span>
          <lab-fields
            :model-value="labOf(draft[ground])"
            :name="words[0]!.toUpperCase() + words.slice(1)"
            @update:model-value="(c) => (draft[ground] = c)"
          />
          <photo-picker
            :what="`the film ${words}`"
            label="From a photo"
            @picked="(c) => (draft[ground] = c)"
          />
        </div>
      </section>

      <label
        v-for="[key, words] in [
          ['cardFilmUm', 'Film of the card, µm dry'],
          ['coatFilmUm', 'One usual coat, µm dry'],
          ['dryingSeconds', 'Dries in, s'],
          ['leftMl', 'Left, ml'],
          ['price', 'Price of a full pot'],
        ] as const"
        :key="key"
      >
        <span>{{ words }}</span>
        <n-input-number
          v-model:value="draft[key]"
          :show-button="false"
          :placeholder="key === 'leftMl' || key === 'price' ? 'unknown' : ''"
          :input-props="{ 'aria-label': words }"
        />
      </label>
      <div class="checks wide">
        <n-checkbox v-model:checked="draft.nearEyes">label says fit for the eye area</n-checkbox>
        <n-checkbox v-model:checked="draft.onLips">label says fit for lips</n-checkbox>
      </div>
    </div>

    <p v-if="problem" class="stop" role="alert">{{ problem }}</p>
    <div v-else-if="seen" class="seen">
      <span class="swatch" :style="{ background: seen.overBlack }" /> over black
      <span class="swatch" :style="{ background: seen.overWhite }" /> over white
      <span class="swatch" :style="{ background: seen.oneCoat }" /> one coat on this skin
      <span class="swatch" :style="{ background: seen.opaque }" /> opaque;
      {{
        seen.coatsToHide
          ? `${seen.coatsToHide} ${seen.coatsToHide === 1 ? 'coat hides' : 'coats hide'} this skin`
          : 'more than 8 coats to hide this skin'
      }}
    </div>
    <p v-if="!problem && seen" class="faint">
      Read from the card: off by {{ seen.card.missOverBlack }} ΔE00 over black and
      {{ seen.card.missOverWhite }} over white; how it absorbs is known to ±{{
        Math.round(100 * seen.card.spreadK)
      }}
      %, how it scatters to ±{{ Math.round(100 * seen.card.spreadS) }} %.
    </p>
    <p v-if="!problem && seen?.card.doubt" class="warning" role="status">{{ seen.card.doubt }}</p>
    <footer>
      <n-button
        v-if="paint"
        type="error"
        ghost
        @click="
          () => {
            emit('remove', paint!.id)
            show = false
          }
        "
        >Take it out of the kit</n-button
      >
      <span class="gap" />
      <n-button @click="show = false">Leave it</n-button>
      <n-button type="primary" :disabled="!draft.name.trim() || problem !== ''" @click="save">
        {{ paint ? 'Save' : 'Add to the kit' }}
      </n-button>
    </footer>
  </n-modal>
</template>

<style>
.paint-editor {
  width: min(680px, 95vw);
}
</style>
<style scoped>
.form {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 10px 18px;
}

.wide {
  grid-column: 1 / -1;
}

label {
  display: grid;
  gap: 3px;
}

.card {
  display: grid;
  gap: 7px;
  padding: 10px 12px;
  background: var(--ground);
  border-radius: 9px;
}

.pair {
  display: grid;
  grid-template-columns: 76px 1fr auto;
  gap: 10px;
  align-items: end;
}

.checks {
  display: flex;
  flex-wrap: wrap;
  gap: 6px 20px;
}

.seen,
footer {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 7px;
  margin-top: 12px;
}

.swatch {
  width: 32px;
  height: 22px;
  border-radius: 4px;
  border: 1px solid rgba(128, 128, 128, 0.6);
}

.gap {
  flex: 1;
}

@media (max-width: 560px) {
  .pair {
    grid-template-columns: 1fr;
  }
}
</style>
