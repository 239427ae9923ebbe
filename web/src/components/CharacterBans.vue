<script setup lang="ts">
import { NButton, NCheckbox, NInput, NInputNumber, NSelect } from 'naive-ui'
import { computed } from 'vue'
import type { Character, Forbidden } from '../api/client'
import { LETTERS, LIMITS } from '../api/limits'
import { useCatalogue } from '../stores/catalogue'
import { say } from '../texts'
import LabFields from './LabFields.vue'

/** What no wearer has, and what a wearer may have besides. */
const forbidden = defineModel<Forbidden[]>('forbidden', { required: true })
const free = defineModel<Character['free']>('free', { required: true })

const catalogue = useCatalogue()
const kinds = computed(() => catalogue.kinds.map((k) => ({ value: k.id, label: k.label })))
const named = (thing: Forbidden['thing']) =>
  forbidden.value.filter((f) => f.thing === thing).map((f) => f.named)
const colours = computed(() => forbidden.value.filter((f) => f.thing === 'colour'))

function set(thing: Forbidden['thing'], names: string[]) {
  forbidden.value = [
    ...forbidden.value.filter((f) => f.thing !== thing),
    ...names.map((n) => ({ thing, named: n })),
  ]
}

function change(of: Forbidden, next: Partial<Forbidden>) {
  forbidden.value = forbidden.value.map((f) => (f === of ? { ...f, ...next } : f))
}

const WITHIN = 10
function addColour() {
  const name = say('characters.aColour', { number: colours.value.length + 1 })
  forbidden.value = [
    ...forbidden.value,
    { thing: 'colour', named: name, colour: { l: 50, a: 60, b: 40 }, withinDeltaE: WITHIN },
  ]
}
</script>

<template>
  <div class="bans">
    <n-select
      multiple
      size="small"
      filterable
      :value="named('kind')"
      :options="kinds"
      :placeholder="say('characters.noPartOfThese')"
      :aria-label="say('characters.noPartOfThese')"
      :input-props="{ 'aria-label': say('characters.noPartOfThese') }"
      @update:value="(v: string[]) => set('kind', v)"
    />
    <n-select
      multiple
      size="small"
      :value="named('zone')"
      :options="catalogue.zones.map((z) => ({ value: z, label: z }))"
      :placeholder="say('characters.noPaintOnThese')"
      :aria-label="say('characters.noPaintOnThese')"
      @update:value="(v: string[]) => set('zone', v)"
    />
    <div v-for="(f, k) in colours" :key="k" class="colour">
      <n-input
        size="small"
        :value="f.named"
        :maxlength="LETTERS.Forbidden.named"
        :input-props="{ 'aria-label': say('characters.nameOfTheColour') }"
        @update:value="(v: string) => change(f, { named: v })"
      />
      <lab-fields
        :model-value="{ l: 50, a: 0, b: 0, ...f.colour }"
        :name="f.named"
        @update:model-value="(v) => change(f, { colour: v })"
      />
      <n-input-number
        size="small"
        :value="f.withinDeltaE ?? WITHIN"
        v-bind="LIMITS.CharacterColour.withinDeltaE"
        :show-button="false"
        :input-props="{ 'aria-label': say('characters.tolerance', { colour: f.named }) }"
        @update:value="(v: number | null) => v && change(f, { withinDeltaE: v })"
      >
        <template #suffix>ΔE</template>
      </n-input-number>
      <n-button size="small" @click="forbidden = forbidden.filter((o) => o !== f)">{{
        say('characters.allowIt')
      }}</n-button>
    </div>
    <n-button size="small" class="add" @click="addColour">{{ say('characters.noColourNear') }}</n-button>
    <n-checkbox :checked="!!free" @update:checked="(v: boolean) => (free = v ? [] : null)">{{
      say('characters.nothingBeside')
    }}</n-checkbox>
    <n-select
      v-if="free"
      multiple
      size="small"
      filterable
      :value="free"
      :options="kinds"
      :placeholder="say('characters.exceptThese')"
      :aria-label="say('characters.exceptThese')"
      :input-props="{ 'aria-label': say('characters.exceptThese') }"
      @update:value="(v: string[]) => (free = v)"
    />
  </div>
</template>

<style scoped>
.bans {
  display: grid;
  gap: 8px;
}

.colour {
  display: grid;
  gap: 6px;
  padding: 8px;
  border: 1px solid var(--line);
  border-radius: 8px;
}

.add {
  justify-self: start;
}
</style>
