<script setup lang="ts">
import type { PaintDescription } from '../api/client'
import { labOf } from '../lib/skinDial'
import { say } from '../texts'
import LabFields from './LabFields.vue'
import PhotoPicker from './PhotoPicker.vue'

/** The card of a paint: one film over black and over white. */
const paint = defineModel<PaintDescription>({ required: true })

const GROUNDS = [
  { id: 'overBlack', label: say('paintCard.overBlack'), what: say('paintCard.filmOverBlack') },
  { id: 'overWhite', label: say('paintCard.overWhite'), what: say('paintCard.filmOverWhite') },
] as const
</script>

<template>
  <section class="card">
    <h3>{{ say('paintCard.card') }}</h3>
    <p class="faint">{{ say('paintCard.oneEvenFilm') }}</p>
    <div v-for="ground in GROUNDS" :key="ground.id" class="pair">
      <span>{{ ground.label }}</span>
      <lab-fields
        :model-value="labOf(paint[ground.id])"
        :name="ground.label"
        @update:model-value="(c) => (paint[ground.id] = c)"
      />
      <photo-picker
        :what="ground.what"
        :label="say('paintCard.fromAPhoto')"
        @picked="(c) => (paint[ground.id] = c)"
      />
    </div>
  </section>
</template>

<style scoped>
.card {
  display: grid;
  gap: 7px;
  padding: 10px 12px;
  background: var(--ground);
  border-radius: 9px;
}

.pair {
  display: grid;
  grid-template-columns: 76px 1fr auto;
  gap: 10px;
  align-items: end;
}

@media (width <= 560px) {
  .pair {
    grid-template-columns: 1fr;
  }
}
</style>
