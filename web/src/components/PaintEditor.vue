<script setup lang="ts">
import { say } from '../texts'
import DialogBox from './DialogBox.vue'
import { LETTERS, LIMITS } from '../api/limits'
import { NButton, NCheckbox, NInput, NInputNumber, NSelect } from 'naive-ui'
import { computed, ref, watch } from 'vue'
import { api, type PaintDescription, type PaintOnSkin } from '../api/client'
import { useLatest } from '../lib/latest'
import { FINISHES, MATERIALS } from '../lib/materials'
import PaintCard from './PaintCard.vue'
import PaintSeen from './PaintSeen.vue'

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
  <dialog-box v-model:show="show" :title="paint ? paint.name : say('paintEditor.addAPaint')" :width-px="680">
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

      <paint-card v-model="draft" class="wide" />

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
          say('paintEditor.labelledForTheEyeArea')
        }}</n-checkbox>
        <n-checkbox v-model:checked="draft.onLips">{{ say('paintEditor.labelledForLips') }}</n-checkbox>
      </div>
    </div>

    <p v-if="problem" class="stop" role="alert">{{ problem }}</p>
    <paint-seen v-else-if="seen" :seen="seen" />
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
  </dialog-box>
</template>

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

.checks {
  display: flex;
  flex-wrap: wrap;
  gap: 6px 20px;
}

footer {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 7px;
  margin-top: 12px;
}

.gap {
  flex: 1;
}
</style>
