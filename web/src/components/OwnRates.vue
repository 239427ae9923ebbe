<script setup lang="ts">
import { say } from '../texts'
import { NButton, NInputNumber } from 'naive-ui'
import { ref } from 'vue'
import { api, type RateEntry, type Setting } from '../api/client'

/** The painter's own rates, where they differ from the usual. */
const own = defineModel<Setting['rates']>({ required: true })

const rates = ref<RateEntry[]>([])
const showRates = ref(false)
const problem = ref('')

async function openRates() {
  showRates.value = !showRates.value
  try {
    if (rates.value.length === 0) rates.value = await api.rates()
    problem.value = ''
  } catch (error) {
    problem.value = (error as Error).message
  }
}

function setRate(id: string, value: number | null) {
  const changed = { ...(own.value ?? {}) }
  if (value === null) delete changed[id]
  else changed[id] = value
  own.value = Object.keys(changed).length ? changed : null
}
</script>

<template>
  <div>
    <n-button size="small" @click="openRates">{{
      showRates ? say('ownRates.hideTheRates') : say('ownRates.myOwnRates')
    }}</n-button>
    <span v-if="own" class="faint"> {{ say('ownRates.set', { own: Object.keys(own).length }) }}</span>
  </div>
  <div v-if="showRates" class="rates">
    <p class="faint">{{ say('ownRates.whatIsLeftEmptyGoesBy') }}</p>
    <div v-for="r in rates" :key="r.id" class="rate">
      <span>{{ r.label }}</span>
      <n-input-number
        size="small"
        clearable
        :value="own?.[r.id] ?? null"
        :min="r.least"
        :max="r.most"
        :placeholder="String(r.usual)"
        :show-button="false"
        :input-props="{ 'aria-label': `${r.label}, ${r.unit}` }"
        @update:value="(v: number | null) => setRate(r.id, v)"
      >
        <template #suffix>{{ r.unit }}</template>
      </n-input-number>
    </div>
  </div>
  <p v-if="problem" class="stop" role="alert">{{ problem }}</p>
</template>

<style scoped>
.rates {
  display: grid;
  gap: 4px;
  max-height: 260px;
  overflow-y: auto;
}

.rate {
  display: grid;
  grid-template-columns: 1fr 150px;
  gap: 9px;
  align-items: center;
}
</style>
