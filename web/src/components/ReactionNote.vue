<script setup lang="ts">
import { NButton, NInput } from 'naive-ui'
import type { Painting } from '../api/client'
import { LETTERS } from '../api/limits'
import { today } from '../lib/format'
import { say } from '../texts'
import DayField from './DayField.vue'
import FieldRow from './FieldRow.vue'

/** What skin said to paint: when, where, how, and what was done. */
const reaction = defineModel<Painting['reaction']>({ required: true })
const props = defineProps<{
  /** Day of the painting. */
  on: string
}>()

const WORDS = [
  ['where', say('book.where')],
  ['what', say('book.what')],
  ['done', say('book.done')],
] as const

const begin = () => (reaction.value = { on: props.on, where: '', what: '', done: '' })
</script>

<template>
  <section :aria-label="say('book.reaction')">
    <h2>{{ say('book.reaction') }}</h2>
    <template v-if="reaction">
      <p class="stop">{{ say('book.stop') }}</p>
      <field-row :label="say('book.showed')">
        <day-field
          :model-value="reaction.on"
          :says="say('book.showed')"
          :max="today()"
          @update:model-value="(day: string | null) => (reaction = { ...reaction!, on: day ?? on })"
        />
      </field-row>
      <label v-for="[key, words] in WORDS" :key="key">
        <span class="faint">{{ words }}</span>
        <n-input
          :value="reaction[key]"
          size="small"
          :maxlength="LETTERS.Reaction[key]"
          :input-props="{ 'aria-label': words }"
          @update:value="(v: string) => (reaction = { ...reaction!, [key]: v })"
        />
      </label>
      <n-button size="small" @click="reaction = null">{{ say('book.takeReaction') }}</n-button>
    </template>
    <template v-else>
      <p class="faint">{{ say('book.noReaction') }}</p>
      <n-button size="small" @click="begin">{{ say('book.addReaction') }}</n-button>
    </template>
  </section>
</template>

<style scoped>
h2 {
  margin: 16px 0 4px;
  font-size: 16px;
}

label {
  display: grid;
  gap: 3px;
  margin-bottom: 6px;
}
</style>
