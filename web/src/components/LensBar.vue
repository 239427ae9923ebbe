<script setup lang="ts">
import { useMapping, type Lens } from '../stores/mapping'

const LENSES: { id: Lens; label: string; hint: string }[] = [
  { id: 'look', label: 'Paint', hint: 'The painted face' },
  { id: 'map', label: 'Map', hint: 'Outlines, dots and tape (M)' },
  { id: 'form', label: 'Form', hint: 'What to darken and lighten so that the form reads (O)' },
  { id: 'order', label: 'Order', hint: 'Minutes, waits, poses, and what fits the slot (R)' },
  { id: 'coats', label: 'Coats', hint: 'What lies where, and in which light it is seen (C)' },
]

const mapping = useMapping()
</script>

<template>
  <div class="lenses segments" role="group" aria-label="Lens">
    <button
      v-for="l in LENSES"
      :key="l.id"
      :aria-pressed="mapping.lens === l.id"
      :title="l.hint"
      @click="mapping.lens = l.id"
    >
      {{ l.label }}
    </button>
    <button
      v-if="mapping.lens === 'map'"
      :aria-pressed="mapping.taping"
      title="Lay the tape between two places (T)"
      @click="mapping.taping ? mapping.putTapeAway() : (mapping.taping = true)"
    >
      Tape
    </button>
  </div>
</template>

<style scoped>
.lenses {
  right: 10px;
}

/* Beside the views there is no room on a narrow bust. */
@container (max-width: 540px) {
  .lenses {
    top: 50px;
  }
}
</style>
