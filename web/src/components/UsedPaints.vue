<script setup lang="ts">
import { NInput } from 'naive-ui'
import type { Painting } from '../api/client'
import { LETTERS } from '../api/limits'
import { say } from '../texts'

/** The pots that touched the skin, each with its lot; a lot finds every face that it was on. */
const paints = defineModel<Painting['paints']>({ required: true })
const emit = defineEmits<{ find: [lot: string] }>()

const change = (k: number, lot: string) =>
  (paints.value = (paints.value ?? []).map((p, n) => (n === k ? { ...p, lot } : p)))
const takeOut = (k: number) => (paints.value = (paints.value ?? []).filter((_, n) => n !== k))
</script>

<template>
  <section :aria-label="say('book.paints')">
    <h2>{{ say('book.paints') }}</h2>
    <p v-if="!paints?.length" class="faint">{{ say('book.noPaints') }}</p>
    <ul v-else>
      <li v-for="(p, k) in paints" :key="p.paint">
        <button class="find" :disabled="!p.lot" @click="emit('find', p.lot)">{{ p.name }}</button>
        <n-input
          :value="p.lot"
          size="small"
          :maxlength="LETTERS.UsedPaint.lot"
          :placeholder="say('book.lot')"
          :input-props="{ 'aria-label': say('book.lotOf', { paint: p.name }) }"
          @update:value="(lot: string) => change(k, lot)"
        />
        <button :aria-label="say('caseView.takeOut', { look: p.name })" @click="takeOut(k)">×</button>
      </li>
    </ul>
  </section>
</template>

<style scoped>
h2 {
  margin: 4px 0;
  font-size: 16px;
}

ul {
  list-style: none;
  margin: 0;
  padding: 0;
}

li {
  display: grid;
  grid-template-columns: minmax(120px, 1fr) 140px 28px;
  align-items: center;
  gap: 8px;
  padding: 3px 0;
  max-width: 460px;
}

button {
  min-height: 28px;
  border: 0;
  background: none;
  font: inherit;
  cursor: pointer;
}

.find {
  text-align: left;
  color: var(--accent);
}

.find:disabled {
  color: inherit;
  cursor: default;
}
</style>
