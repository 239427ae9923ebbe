<script setup lang="ts">
import { say } from '../texts'
import { LETTERS, LIMITS } from '../api/limits'
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
  name: draft.value.name.trim() || say('paintEditor.newPaint'),
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
  <n-modal
    v-model:show="show"
    preset="card"
    :title="paint ? paint.name : say('paintEditor.addAPaint')"
    class="paint-editor"
  >
    <div class="form">
      <label class="wide">
        <span>{{ say('paintEditor.name') }}</span>
        <n-input
          v-model:value="draft.name"
          :maxlength="LETTERS.PaintDescription.name"
          :placeholder="say('paintEditor.harbourRust')"
          :input-props="{ 'aria-label': say('paintEditor.nameOfThePaint') }"
        />
      </label>
      <label>
        <span>{{ say('paintEditor.madeAs') }}</span>
        <n-select
          v-model:value="draft.material"
          :options="materials"
          :aria-label="say('paintEditor.material')"
        />
      </label>
      <label>
        <span>{{ say('paintEditor.dries') }}</span>
        <n-select v-model:value="draft.finish" :options="finishes" :aria-label="say('paintEditor.finish')" />
      </label>
      <template v-if="draft.material === 'splitCake'">
        <label>
          <span>{{ say('paintEditor.nameOfTheCake') }}</span>
          <n-input
            :value="draft.stripe?.cake ?? ''"
            :input-props="{ 'aria-label': say('paintEditor.nameOfTheSplitCake') }"
            @update:value="cake"
          />
        </label>
        <label v-if="draft.stripe">
          <span>{{ say('paintEditor.itsPlaceInIt') }}</span>
          <n-input-number
            v-model:value="draft.stripe.place"
            v-bind="LIMITS.SplitStripe.place"
            :precision="0"
            :input-props="{ 'aria-label': say('paintEditor.placeInTheCake') }"
          />
        </label>
      </template>

      <section class="card wide">
        <h3>{{ say('paintEditor.card') }}</h3>
        <p class="faint">
          {{ say('paintEditor.oneEvenFilmDrawnOverBlack') }}
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
            :what="say('paintEditor.theFilm', { words })"
            :label="say('paintEditor.fromAPhoto')"
            @picked="(c) => (draft[ground] = c)"
          />
        </div>
      </section>

      <label
        v-for="[key, words] in [
          ['cardFilmUm', say('paintEditor.filmOfTheCard')],
          ['coatFilmUm', say('paintEditor.oneUsualCoat')],
          ['dryingSeconds', say('paintEditor.driesInS')],
          ['leftMl', say('paintEditor.leftMl')],
          ['price', say('paintEditor.priceOfAFullPot')],
        ] as const"
        :key="key"
      >
        <span>{{ words }}</span>
        <n-input-number
          v-model:value="draft[key]"
          :show-button="false"
          :placeholder="key === 'leftMl' || key === 'price' ? say('paintEditor.unknown') : ''"
          :input-props="{ 'aria-label': words }"
        />
      </label>
      <div class="checks wide">
        <n-checkbox v-model:checked="draft.nearEyes">{{
          say('paintEditor.labelSaysFitForTheEye')
        }}</n-checkbox>
        <n-checkbox v-model:checked="draft.onLips">{{ say('paintEditor.labelSaysFitForLips') }}</n-checkbox>
      </div>
    </div>

    <p v-if="problem" class="stop" role="alert">{{ problem }}</p>
    <div v-else-if="seen" class="seen">
      <span class="swatch" :style="{ background: seen.overBlack }" /> {{ say('paintEditor.overBlack') }}
      <span class="swatch" :style="{ background: seen.overWhite }" /> {{ say('paintEditor.overWhite') }}
      <span class="swatch" :style="{ background: seen.oneCoat }" /> {{ say('paintEditor.oneCoatOnThisSkin') }}
      <span class="swatch" :style="{ background: seen.opaque }" />
      {{
        say('paintEditor.opaque', {
          skin: seen.coatsToHide
            ? say('paintEditor.thisSkin', {
                coatsToHide: seen.coatsToHide,
                hide: seen.coatsToHide === 1 ? say('paintEditor.coatHides') : say('paintEditor.coatsHide'),
              })
            : say('paintEditor.moreThan8CoatsToHide'),
        })
      }}
    </div>
    <p v-if="!problem && seen" class="faint">
      {{
        say('paintEditor.readFromTheCardOffBy', {
          missOverBlack: seen.card.missOverBlack,
          missOverWhite: seen.card.missOverWhite,
          spreadK: Math.round(100 * seen.card.spreadK),
          spreadS: Math.round(100 * seen.card.spreadS),
        })
      }}
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
        >{{ say('paintEditor.takeItOutOfTheKit') }}</n-button
      >
      <span class="gap" />
      <n-button @click="show = false">{{ say('paintEditor.leaveIt') }}</n-button>
      <n-button type="primary" :disabled="!draft.name.trim() || problem !== ''" @click="save">
        {{ paint ? say('paintEditor.save') : say('paintEditor.addToTheKit') }}
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
