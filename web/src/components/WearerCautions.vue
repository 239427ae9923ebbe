<script setup lang="ts">
import { say } from '../texts'
import { NCheckbox } from 'naive-ui'
import type { WearerCaution } from '../api/client'

/** What the painter must know of the wearer before starting. */
const cautions = defineModel<readonly WearerCaution[]>({ required: true })

const CAUTIONS: { id: WearerCaution; label: string }[] = [
  { id: 'sensitiveSkin', label: say('wearerCautions.sensitiveSkin') },
  { id: 'lenses', label: say('wearerCautions.lenses') },
  { id: 'glasses', label: say('wearerCautions.glasses') },
  { id: 'beard', label: say('wearerCautions.beard') },
  { id: 'child', label: say('wearerCautions.child') },
]
function caution(id: WearerCaution, on: boolean) {
  const others = cautions.value.filter((c) => c !== id)
  cautions.value = on ? [...others, id] : others
}
</script>

<template>
  <h2>{{ say('wearerCautions.toKnowBeforePainting') }}</h2>
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
