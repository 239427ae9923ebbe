<script setup lang="ts">
import { NInput, NInputNumber, NSelect } from 'naive-ui'
import { computed } from 'vue'
import type { PaintDescription, PaintPot } from '../api/client'
import { LETTERS } from '../api/limits'
import { today } from '../lib/format'
import { say } from '../texts'
import DayField from './DayField.vue'
import NumberBox from './NumberBox.vue'

/** What a paint's label says, and the pot of it that is in use. */
const draft = defineModel<PaintDescription>({ required: true })

const NO_POT: PaintPot = {
  openedOn: null,
  keepsMonths: null,
  fullG: null,
  weighedG: null,
  lot: '',
  boughtAt: '',
}
const MADE = [
  { value: 'unknown', label: say('paintLabel.notLooked') },
  { value: 'yes', label: say('paintLabel.yes') },
  { value: 'no', label: say('paintLabel.no') },
]
const NUMBERS = [
  ['keepsMonths', say('paintLabel.keeps')],
  ['fullG', say('paintLabel.fullG')],
  ['weighedG', say('paintLabel.weighedG')],
] as const
const WORDS = [
  ['lot', say('paintLabel.lot')],
  ['boughtAt', say('paintLabel.boughtAt')],
] as const

const pot = computed(() => draft.value.pot ?? NO_POT)
const made = computed(() =>
  draft.value.madeForSkin === true ? 'yes' : draft.value.madeForSkin === false ? 'no' : 'unknown',
)

function change(part: Partial<PaintPot>) {
  const next = { ...pot.value, ...part }
  const known = Object.values(next).some((v) => v !== null && v !== '')
  draft.value.pot = known ? next : null
}

/** How full it is, as it is seen: a share of what a full pot holds. */
const share = computed({
  get: () =>
    draft.value.potMl && draft.value.leftMl != null
      ? Math.round((100 * draft.value.leftMl) / draft.value.potMl)
      : null,
  set: (percent) => {
    if (draft.value.potMl && percent !== null)
      draft.value.leftMl = Math.round(draft.value.potMl * percent) / 100
  },
})
</script>

<template>
  <div class="two">
    <h3>{{ say('paintLabel.label') }}</h3>
    <label>
      <span>{{ say('paintLabel.madeForSkin') }}</span>
      <n-select
        :value="made"
        :options="MADE"
        :aria-label="say('paintLabel.madeForSkin')"
        @update:value="(v: string) => (draft.madeForSkin = v === 'unknown' ? null : v === 'yes')"
      />
    </label>
    <label v-if="draft.material === 'glitter'">
      <span>{{ say('paintLabel.flake') }}</span>
      <n-input-number
        v-model:value="draft.flakeMm"
        :show-button="false"
        :placeholder="say('paintLabel.unknown')"
        :input-props="{ 'aria-label': say('paintLabel.flake') }"
      />
    </label>
    <label class="wide">
      <span>{{ say('paintLabel.ingredients') }}</span>
      <n-input
        :value="draft.ingredients ?? ''"
        type="textarea"
        :maxlength="LETTERS.PaintDescription.ingredients"
        :autosize="{ minRows: 2, maxRows: 5 }"
        :placeholder="say('paintLabel.unknown')"
        :input-props="{ 'aria-label': say('paintLabel.ingredients') }"
        @update:value="(v: string) => (draft.ingredients = v)"
      />
    </label>
    <h3>{{ say('paintLabel.pot') }}</h3>
    <label>
      <span>{{ say('paintLabel.openedOn') }}</span>
      <day-field
        :model-value="pot.openedOn ?? null"
        :says="say('paintLabel.openedOn')"
        :max="today()"
        @update:model-value="(openedOn: string | null) => change({ openedOn })"
      />
    </label>
    <label v-for="[key, words] in NUMBERS" :key="key">
      <span>{{ words }}</span>
      <n-input-number
        :value="pot[key] ?? null"
        :show-button="false"
        :placeholder="say('paintLabel.unknown')"
        :input-props="{ 'aria-label': words }"
        @update:value="(v: number | null) => change({ [key]: v })"
      />
    </label>
    <label v-for="[key, words] in WORDS" :key="key">
      <span>{{ words }}</span>
      <n-input
        :value="pot[key] ?? ''"
        :maxlength="LETTERS.PaintPot[key]"
        :input-props="{ 'aria-label': words }"
        @update:value="(v: string) => change({ [key]: v })"
      />
    </label>
    <label v-if="draft.potMl && !(pot.fullG && pot.weighedG)">
      <span>{{ say('paintLabel.share') }}</span>
      <number-box v-model:value="share" :min="0" :max="100" :says="say('paintLabel.share')" />
    </label>
    <p class="faint wide">{{ say('paintLabel.weigh') }}</p>
  </div>
</template>

<style scoped>
.two {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 10px 18px;
}

h3,
.wide {
  grid-column: 1 / -1;
}

h3 {
  margin: 8px 0 0;
}

label {
  display: grid;
  gap: 3px;
  align-content: start;
}

p {
  margin: 0;
}
</style>
