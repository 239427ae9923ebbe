<script setup lang="ts">
import { computed } from 'vue'
import type { PlanPart } from '../api/client'
import type { ChairStepState } from '../lib/chair'
import { openParts } from '../lib/chairDrop'
import { clock } from '../lib/format'
import { say } from '../texts'

/** What may be left out so that it still ends in time, with what that saves; and what was left out. */
const props = defineProps<{
  steps: readonly ChairStepState[]
  /** Seconds past the slot as it stands; negative for room to spare. */
  over: number
  labels: readonly PlanPart[]
}>()
const emit = defineEmits<{ drop: [parts: string[]]; takeBack: [parts: string[]] }>()

const labelOf = (id: string) => props.labels.find((p) => p.id === id)?.label ?? id
const open = computed(() => openParts(props.steps))
const dropped = computed(() => [
  ...new Set(props.steps.filter((s) => s.status === 'dropped').flatMap((s) => s.step.parts ?? [])),
])
</script>

<template>
  <section v-if="over > 0 || dropped.length" class="drop" :aria-label="say('chair.dropTitle')">
    <template v-if="over > 0">
      <p class="warning">{{ say('chair.over', { time: clock(over) }) }}</p>
      <button v-for="part in open" :key="part.id" @click="emit('drop', [part.id])">
        {{ say('chair.drop', { part: labelOf(part.id), time: clock(part.seconds) }) }}
      </button>
    </template>
    <button v-for="id in dropped" :key="id" class="back" @click="emit('takeBack', [id])">
      {{ say('chair.takeBack', { part: labelOf(id) }) }}
    </button>
  </section>
</template>

<style scoped>
.drop {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
}

.warning {
  flex-basis: 100%;
  margin: 0;
  color: var(--warning);
}

button {
  min-height: 48px;
  padding: 6px 14px;
  border: 1px solid var(--line);
  border-radius: 9px;
  background: var(--ground);
  color: inherit;
  font: inherit;
  cursor: pointer;
}

.back {
  border-style: dashed;
}
</style>
