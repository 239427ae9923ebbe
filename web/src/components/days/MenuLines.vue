<script setup lang="ts">
import { NButton, NCheckbox, NInputNumber, NSelect } from 'naive-ui'
import { ref } from 'vue'
import type { BoothDay, DayForecast } from '../../api/types'
import { LIMITS } from '../../api/limits'
import { say } from '../../texts'

/** What people want at the booth, and what of it is on the menu. */
const menu = defineModel<BoothDay['menu']>({ required: true })
defineProps<{ looks: readonly { id: string; name: string }[]; lines: DayForecast['lines'] | null }>()

const newLook = ref<string | null>(null)

function add() {
  if (!newLook.value) return
  menu.value = [
    ...menu.value,
    { look: newLook.value, wanted: 10, offered: true, ownMinutes: null, price: null },
  ]
  newLook.value = null
}

const change = (k: number, by: Partial<BoothDay['menu'][number]>) =>
  (menu.value = menu.value.map((l, n) => (n === k ? { ...l, ...by } : l)))
</script>

<template>
  <div class="lines menu">
    <span class="head">{{ say('days.onMenu') }}</span>
    <span class="head">{{ say('days.wanted') }}</span>
    <span class="head">{{ say('days.minutes') }}</span>
    <span class="head">{{ say('days.price') }}</span>
    <span />
    <template v-for="(line, k) in menu" :key="k">
      <n-checkbox :checked="line.offered ?? true" @update:checked="(offered) => change(k, { offered })">{{
        looks.find((l) => l.id === line.look)?.name ?? line.look
      }}</n-checkbox>
      <n-input-number
        size="small"
        :value="line.wanted"
        v-bind="LIMITS.MenuLine.wanted"
        :show-button="false"
        :input-props="{ 'aria-label': say('days.wanted') }"
        @update:value="(wanted) => change(k, { wanted: wanted ?? 0 })"
      />
      <n-input-number
        size="small"
        :value="line.ownMinutes ?? null"
        v-bind="LIMITS.MenuLine.ownMinutes"
        :show-button="false"
        :placeholder="lines?.[k]?.minutes ? lines[k]!.minutes!.toFixed(1) : ''"
        :input-props="{ 'aria-label': say('days.minutes') }"
        @update:value="(ownMinutes) => change(k, { ownMinutes })"
        ><template #suffix>min</template></n-input-number
      >
      <n-input-number
        size="small"
        :value="line.price ?? null"
        v-bind="LIMITS.MenuLine.price"
        :show-button="false"
        :input-props="{ 'aria-label': say('days.price') }"
        @update:value="(price) => change(k, { price })"
      />
      <button class="x" :aria-label="say('days.takeOut')" @click="menu = menu.filter((_, n) => n !== k)">
        ×
      </button>
      <p v-if="lines?.[k]?.problem" class="stop">{{ lines[k]!.problem }}</p>
    </template>
  </div>
  <form class="add" @submit.prevent="add">
    <n-select
      v-model:value="newLook"
      filterable
      size="small"
      :options="looks.map((l) => ({ value: l.id, label: l.name }))"
      :placeholder="say('days.anotherLook')"
      :input-props="{ 'aria-label': say('days.anotherLook') }"
    />
    <n-button size="small" attr-type="submit" :disabled="!newLook">{{ say('days.add') }}</n-button>
  </form>
</template>

<style scoped src="./days.css"></style>
