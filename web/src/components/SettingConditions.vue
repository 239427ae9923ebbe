<script setup lang="ts">
import { NCheckbox } from 'naive-ui'
import type { Condition, Setting } from '../api/client'
import { LIMITS } from '../api/limits'
import { say } from '../texts'
import NumberField from './NumberField.vue'

/** Weather, food, and a costume that matters: what may be used there is decided by it. */
const setting = defineModel<Setting>({ required: true })

const CONDITIONS: { id: Condition; label: string }[] = [
  { id: 'outdoors', label: say('settingConditions.outdoors') },
  { id: 'wind', label: say('settingConditions.wind') },
  { id: 'rain', label: say('settingConditions.rain') },
  { id: 'heat', label: say('settingConditions.heat') },
  { id: 'costumeMatters', label: say('settingConditions.costumeMatters') },
  { id: 'foodAndDrink', label: say('settingConditions.foodAndDrink') },
  { id: 'noMirror', label: say('settingConditions.noMirror') },
]

function put(id: Condition, on: boolean) {
  const others = (setting.value.conditions ?? []).filter((c) => c !== id)
  setting.value = { ...setting.value, conditions: on ? [...others, id] : others }
}
</script>

<template>
  <h3>{{ say('settingConditions.conditions') }}</h3>
  <div class="conditions">
    <n-checkbox
      v-for="c in CONDITIONS"
      :key="c.id"
      :checked="setting.conditions?.includes(c.id) ?? false"
      @update:checked="(on: boolean) => put(c.id, on)"
      >{{ c.label }}</n-checkbox
    >
    <number-field
      :model-value="setting.wearHours ?? undefined"
      :label="say('settingConditions.wornFor')"
      :says="say('settingConditions.hours')"
      unit="h"
      v-bind="LIMITS.Setting.wearHours"
      @update:model-value="(h: number | undefined) => (setting = { ...setting, wearHours: h ?? null })"
    />
  </div>
</template>

<style scoped>
.conditions {
  display: grid;
  grid-template-columns: repeat(3, 1fr);
  align-items: center;
  gap: 8px 12px;
}
</style>
