<script setup lang="ts">
import { NButton, NInput, NInputNumber, NSelect } from 'naive-ui'
import type { LookHead } from '../../api/client'
import type { CallSheet, Production } from '../../api/types'
import { LETTERS, LIMITS } from '../../api/limits'
import { useCatalogue } from '../../stores/catalogue'
import { say } from '../../texts'
import DayField from '../DayField.vue'

/** Who is painted: look, face, painter, minutes, and what comes after the chair. */
const wearers = defineModel<Production['wearers']>({ required: true })
const props = defineProps<{
  looks: readonly LookHead[]
  painters: Production['painters']
  times: CallSheet['times'] | null
}>()
const catalogue = useCatalogue()

type Wearer = Production['wearers'][number]
const change = (k: number, by: Partial<Wearer>) =>
  (wearers.value = wearers.value.map((w, n) => (n === k ? { ...w, ...by } : w)))
const AFTER = [
  { key: 'dryMinutes', says: say('calls.dry') },
  { key: 'wigMinutes', says: say('calls.wig') },
  { key: 'costumeMinutes', says: say('calls.costume') },
] as const

function add() {
  const n = wearers.value.length + 1
  wearers.value = [...wearers.value, { name: say('calls.wearerN', { n }), look: props.looks[0]!.id }]
}
</script>

<template>
  <div v-for="(w, k) in wearers" :key="k" class="wearer">
    <div class="row">
      <n-input
        size="small"
        :value="w.name"
        :maxlength="LETTERS.CallWearer.name"
        :input-props="{ 'aria-label': say('calls.wearerName') }"
        @update:value="(name) => change(k, { name })"
      />
      <button
        class="x"
        :aria-label="say('days.takeOut')"
        @click="wearers = wearers.filter((_, n) => n !== k)"
      >
        ×
      </button>
    </div>
    <div class="row">
      <n-select
        size="small"
        filterable
        :value="w.look"
        :options="looks.map((l) => ({ value: l.id, label: l.name }))"
        :input-props="{ 'aria-label': say('calls.look') }"
        @update:value="(look) => change(k, { look })"
      />
      <n-select
        size="small"
        filterable
        clearable
        :value="w.face ?? null"
        :placeholder="say('calls.face')"
        :options="catalogue.faces.map((f) => ({ value: f.id, label: f.face.name }))"
        :input-props="{ 'aria-label': say('calls.face') }"
        @update:value="(face) => change(k, { face })"
      />
    </div>
    <div class="row">
      <n-select
        size="small"
        clearable
        :value="w.painter ?? null"
        :placeholder="say('calls.anyPainter')"
        :options="painters.map((p) => ({ value: p.name, label: p.name }))"
        :aria-label="say('calls.wishedPainter')"
        @update:value="(painter) => change(k, { painter })"
      />
      <n-input-number
        size="small"
        :value="w.ownMinutes ?? null"
        :placeholder="times?.[k]?.minutes ? (times[k]!.minutes as number).toFixed(0) : ''"
        v-bind="LIMITS.CallWearer.ownMinutes"
        :show-button="false"
        clearable
        :title="say('calls.minutesTitle')"
        :input-props="{ 'aria-label': say('calls.minutes') }"
        @update:value="(ownMinutes) => change(k, { ownMinutes })"
        ><template #suffix>min</template></n-input-number
      >
    </div>
    <div class="row after">
      <label v-for="a in AFTER" :key="a.key"
        >{{ a.says }}
        <n-input-number
          size="small"
          :value="w[a.key] ?? 0"
          v-bind="LIMITS.CallWearer[a.key]"
          :show-button="false"
          :precision="0"
          :input-props="{ 'aria-label': a.says }"
          @update:value="(v) => change(k, { [a.key]: v ?? 0 })"
          ><template #suffix>min</template></n-input-number
        ></label
      >
    </div>
    <label class="patch"
      >{{ say('calls.patchOn') }}
      <day-field
        :model-value="w.patchOn ?? null"
        :says="say('calls.patchOn')"
        @update:model-value="(patchOn: string | null) => change(k, { patchOn })"
    /></label>
    <p v-if="times?.[k]?.problem" class="stop">{{ times[k]!.problem }}</p>
  </div>
  <n-button size="small" :disabled="!looks.length" @click="add">{{ say('calls.addWearer') }}</n-button>
</template>

<style scoped src="./calls.css"></style>
