<script setup lang="ts">
import { NInput, NSelect } from 'naive-ui'
import { useCatalogue } from '../stores/catalogue'
import { say } from '../texts'
import FieldRow from './FieldRow.vue'

/** With which kit and in which setting it is painted, and what else there is to know. */
const kit = defineModel<string>('kit', { required: true })
const setting = defineModel<string>('setting', { required: true })
const notes = defineModel<string>('notes', { required: true })
defineProps<{ letters: number }>()
const catalogue = useCatalogue()
</script>

<template>
  <field-row :label="say('days.kit')">
    <n-select
      v-model:value="kit"
      size="small"
      :options="catalogue.kits.map((k) => ({ value: k.id, label: k.name }))"
      :aria-label="say('days.kit')"
    />
  </field-row>
  <field-row :label="say('days.where')">
    <n-select
      v-model:value="setting"
      size="small"
      :options="catalogue.settings.map((s) => ({ value: s.id, label: s.name }))"
      :aria-label="say('days.where')"
    />
  </field-row>
  <n-input
    v-model:value="notes"
    type="textarea"
    :placeholder="say('days.notes')"
    :maxlength="letters"
    :autosize="{ minRows: 2, maxRows: 6 }"
    :input-props="{ 'aria-label': say('days.notes') }"
  />
</template>
