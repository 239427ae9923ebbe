<script setup lang="ts">
import { NInput } from 'naive-ui'

/** A text with its name above it. */
const value = defineModel<string>({ required: true })
defineProps<{
  label: string
  type?: 'text' | 'password'
  autocomplete?: string
  first?: boolean
  says?: string
}>()
</script>

<template>
  <label class="field">
    <span class="faint">{{ label }}</span>
    <n-input
      v-model:value="value"
      :type="type ?? 'text'"
      show-password-on="click"
      size="large"
      placeholder=""
      :autofocus="first"
      :input-props="{ autocomplete: autocomplete ?? 'off', 'aria-label': label }"
    />
    <span v-if="says" class="faint small">{{ says }}</span>
  </label>
</template>

<style scoped>
.field {
  display: grid;
  gap: 4px;
}

.small {
  font-size: 12px;
}
</style>
