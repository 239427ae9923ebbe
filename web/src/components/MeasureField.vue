<script setup lang="ts">
import { say } from '../texts'
import { NInputNumber } from 'naive-ui'
import { computed } from 'vue'
import { picture } from '../api/addresses'
import type { Measure } from '../api/client'
import { MM_PER_INCH } from '../lib/format'
import { usePreferences } from '../stores/preferences'

const props = defineProps<{
  measure: Measure
  mm: number | undefined
  /** What follows from the other measures. */
  estimateMm: number | undefined
  problems: string[] | undefined
  /** Why this measure wants checking, though it is taken as it is. */
  note: string | undefined
}>()
const emit = defineEmits<{ change: [mm: number | null] }>()

const preferences = usePreferences()
const inches = computed(() => preferences.unit === 'in')

function shown(mm: number | undefined) {
  return mm === undefined
    ? null
    : Number((inches.value ? mm / MM_PER_INCH : mm).toFixed(inches.value ? 2 : 1))
}

function set(value: number | null) {
  emit('change', value === null ? null : Number((inches.value ? value * MM_PER_INCH : value).toFixed(2)))
}

const usual = computed(() =>
  props.measure.group === 'leftAndRight'
    ? ''
    : say('measureField.usualForAdultsTo', {
        typicalLowMm: shown(props.measure.typicalLowMm),
        typicalHighMm: shown(props.measure.typicalHighMm),
        unit: preferences.unit,
      }),
)
</script>

<template>
  <div class="measure" :data-measure="measure.id">
    <img
      :src="picture.measure(measure.id)"
      :alt="say('measureField.whereIsTaken', { toLowerCase: measure.label.toLowerCase() })"
      width="72"
      height="72"
      loading="lazy"
    />
    <div class="words">
      <strong :title="measure.standardTerm">{{ measure.label }}</strong>
      <span class="faint"
        >{{ measure.howTaken }}
        {{ measure.instrument === 'tape' ? say('measureField.tape') : say('measureField.caliper') }}</span
      >
      <span v-if="usual" class="faint">{{ usual }}</span>
      <span v-if="problems" class="stop" role="alert">{{ problems.join(' ') }}</span>
      <span v-else-if="note" class="warning" role="status">{{ note }}</span>
    </div>
    <div class="value">
      <n-input-number
        :value="shown(mm)"
        :step="inches ? 0.05 : 1"
        :placeholder="`${shown(estimateMm) ?? ''}`"
        clearable
        :show-button="false"
        :input-props="{ 'aria-label': `${measure.label}, ${preferences.unit}` }"
        @update:value="set"
      >
        <template #suffix>{{ preferences.unit }}</template>
      </n-input-number>
      <span v-if="mm === undefined" class="faint">{{ say('measureField.estimated') }}</span>
    </div>
  </div>
</template>

<style scoped>
.measure {
  display: grid;
  grid-template-columns: 72px minmax(0, 1fr) 104px;
  gap: 12px;
  align-items: start;
  border-top: 1px solid var(--line);
  padding: 8px 0;
}

.measure img {
  border-radius: 8px;
  background: var(--surround);
}

.value {
  display: grid;
  justify-items: end;
}

.words {
  display: grid;
  gap: 1px;
}

@media (width <= 640px) {
  .measure {
    grid-template-columns: 52px minmax(0, 1fr) 98px;
  }

  .measure img {
    width: 52px;
    height: 52px;
  }
}
</style>
