<script setup lang="ts">
import { NCheckbox } from 'naive-ui'
import type { WearerCaution } from '../api/client'

/** What the painter must know of the wearer before starting. */
const cautions = defineModel<readonly WearerCaution[]>({ required: true })

const CAUTIONS: { id: WearerCaution; label: string }[] = [
  { id: 'sensitiveSkin', label: 'Sensitive skin' },
  { id: 'lenses', label: 'Lenses' },
  { id: 'glasses', label: 'Glasses' },
  { id: 'beard', label: 'Beard' },
  { id: 'child', label: 'Child' },
]
function caution(id: WearerCaution, on: boolean) {
  const others = cautions.value.filter((c) => c !== id)
  cautions.value = on ? [...others, id] : others
}
</script>

<template>
  <h2>To know before painting</h2>
  <div class="cautions">
    <n-checkbox
      v-for="c in CAUTIONS"
      :key="c.id"
      :checked="cautions.includes(c.id)"
      @update:checked="(on: boolean) => caution(c.id, on)"
    >
      {{ c.label }}
    </n-checkbox>
  </div>
</template>

<style scoped>
.cautions {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 8px;
}
</style>
