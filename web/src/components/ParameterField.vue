<script setup lang="ts">
import { say } from '../texts'
import { NInputNumber, NSelect } from 'naive-ui'
import { computed } from 'vue'
import type { Parameter } from '../api/client'
import { MM_PER_INCH } from '../lib/format'
import { usePreferences } from '../stores/preferences'
import NamedSlider from './NamedSlider.vue'

const props = defineProps<{
  parameter: Parameter
  value: number | undefined
  word: string | undefined
  zones: string[] | undefined
  allZones: string[]
  own: boolean
}>()
const emit = defineEmits<{
  number: [value: number]
  word: [value: string]
  zones: [value: string[]]
  reset: []
}>()

const preferences = usePreferences()
const inches = computed(() => props.parameter.type === 'lengthMm' && preferences.unit === 'in')
const scale = computed(() => (inches.value ? MM_PER_INCH : 1))
const unit = computed(
  () =>
    ({ lengthMm: inches.value ? 'in' : 'mm', angleDeg: '°', ratio: '', count: '', choice: '', zones: '' })[
      props.parameter.type
    ],
)
const step = computed(() => (inches.value ? 0.05 : props.parameter.step))
const shown = computed(() =>
  props.value === undefined
    ? null
    : Number((props.value / scale.value).toFixed(inches.value || props.parameter.type === 'ratio' ? 2 : 1)),
)
const least = computed(() => Number((props.parameter.least / scale.value).toFixed(2)))
const most = computed(() => Number((props.parameter.most / scale.value).toFixed(2)))

function set(value: number | null) {
  if (value === null || !Number.isFinite(value)) return
  const kept = Math.min(props.parameter.most, Math.max(props.parameter.least, value * scale.value))
  emit('number', Number(kept.toFixed(3)))
}
</script>

<template>
  <div class="field" :data-parameter="parameter.id">
    <template v-if="parameter.type === 'choice'">
      <span class="label" :title="parameter.hint">{{ parameter.label }}</span>
      <n-select
        :value="word ?? null"
        size="small"
        :options="parameter.choices.map((c) => ({ label: c, value: c }))"
        :aria-label="parameter.label"
        style="width: 168px"
        @update:value="(v: string) => emit('word', v)"
      />
    </template>
    <template v-else-if="parameter.type === 'zones'">
      <span class="label wide" :title="parameter.hint">{{ parameter.label }}</span>
      <n-select
        class="wide"
        multiple
        size="small"
        :value="zones ?? parameter.choices"
        :options="allZones.map((z) => ({ label: z, value: z }))"
        :aria-label="parameter.label"
        max-tag-count="responsive"
        @update:value="(v: string[]) => emit('zones', v)"
      />
    </template>
    <template v-else>
      <span class="label" :title="parameter.hint">
        {{ parameter.label }}
        <button
          v-if="own"
          class="reset"
          :title="say('parameterField.backToTheSizeForThis')"
          @click="emit('reset')"
        >
          {{ say('parameterField.usual') }}
        </button>
      </span>
      <n-input-number
        :value="shown"
        size="small"
        :min="least"
        :max="most"
        :step="step"
        :show-button="false"
        :input-props="{ 'aria-label': `${parameter.label}${unit ? `, ${unit}` : ''}` }"
        style="width: 92px"
        @update:value="set"
      >
        <template #suffix>{{ unit }}</template>
      </n-input-number>
      <named-slider
        class="wide"
        :value="shown ?? least"
        :min="least"
        :max="most"
        :step="step"
        :label="parameter.label"
        @update:value="(v: number) => set(v)"
      />
    </template>
  </div>
</template>

<style scoped>
.field {
  display: grid;
  grid-template-columns: 1fr max-content;
  align-items: center;
  gap: 2px 10px;
}

.label {
  color: var(--faint);
}

.wide {
  grid-column: 1 / -1;
}

.reset {
  border: 0;
  background: var(--accent-soft);
  color: var(--accent);
  border-radius: 5px;
  font-size: 12px;
  min-height: 20px;
  padding: 0 7px;
  cursor: pointer;
}
</style>
