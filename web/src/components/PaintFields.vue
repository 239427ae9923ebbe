<script setup lang="ts">
import { NCheckbox, NInput, NInputNumber, NSelect } from 'naive-ui'
import NumberBox from './NumberBox.vue'
import type { PaintDescription } from '../api/client'
import { LETTERS, LIMITS } from '../api/limits'
import { FINISHES, MATERIALS } from '../lib/materials'
import { say } from '../texts'
import PaintCard from './PaintCard.vue'
import PaintLabel from './PaintLabel.vue'

/** What a paint is: its name, what it is made of, its card, how it is laid and where it may go. */
const draft = defineModel<PaintDescription>({ required: true })

function cake(name: string) {
  draft.value.stripe = name.trim() ? { cake: name, place: draft.value.stripe?.place ?? 1 } : null
}

const materials = Object.entries(MATERIALS).map(([value, label]) => ({ value, label }))
const finishes = FINISHES.map((f) => ({ value: f, label: f }))
</script>

<template>
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
        <number-box
          v-model:value="draft.stripe.place"
          v-bind="LIMITS.SplitStripe.place"
          :precision="0"
          :says="say('paintEditor.placeInTheCake')"
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
        ['potMl', say('paintEditor.potMl')],
        ['price', say('paintEditor.priceOfAFullPot')],
      ] as const"
      :key="key"
    >
      <span>{{ words }}</span>
      <n-input-number
        v-model:value="draft[key]"
        :show-button="false"
        :placeholder="
          key === 'leftMl' || key === 'potMl' || key === 'price' ? say('paintEditor.unknown') : ''
        "
        :input-props="{ 'aria-label': words }"
      />
    </label>
    <paint-label v-model="draft" class="wide" />
    <div class="checks wide">
      <n-checkbox v-model:checked="draft.nearEyes">{{ say('paintEditor.labelledForTheEyeArea') }}</n-checkbox>
      <n-checkbox v-model:checked="draft.onLips">{{ say('paintEditor.labelledForLips') }}</n-checkbox>
    </div>
  </div>
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
</style>
