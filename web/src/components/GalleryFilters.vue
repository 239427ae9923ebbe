<script setup lang="ts">
import { NButton, NCheckbox, NInput, NInputNumber, NSelect } from 'naive-ui'
import { computed } from 'vue'
import type { GalleryEntry } from '../api/client'
import { LIMITS } from '../api/limits'
import { EVERYTHING, productionsOf, tagsOf, type Sort, type Wanted } from '../lib/gallery'
import { same } from '../lib/merge'
import { say } from '../texts'

/** Which looks of the gallery are shown, and in what order. */
const wanted = defineModel<Wanted>({ required: true })
const props = defineProps<{ looks: GalleryEntry[] }>()

const ALL = ''
const set = (next: Partial<Wanted>) => (wanted.value = { ...wanted.value, ...next })
const tags = computed(() => tagsOf(props.looks))
const productions = computed(() => [
  { value: ALL, label: say('gallery.allProductions') },
  ...productionsOf(props.looks).map((p) => ({ value: p, label: p })),
])
const REACHES = [
  { value: ALL, label: say('gallery.anyReach') },
  { value: 'chest', label: say('gallery.toTheChest') },
  { value: 'noFarther', label: say('gallery.noFarther') },
]
const SORTS: { value: Sort; label: string }[] = [
  { value: 'name', label: say('gallery.byName') },
  { value: 'newest', label: say('gallery.newestFirst') },
  { value: 'minutes', label: say('gallery.shortestFirst') },
]

function toggle(tag: string) {
  const { tags } = wanted.value
  set({ tags: tags.includes(tag) ? tags.filter((t) => t !== tag) : [...tags, tag] })
}
</script>

<template>
  <div class="filters" role="search" :aria-label="say('gallery.find')">
    <n-input
      :value="wanted.search"
      clearable
      :placeholder="say('looksView.findALook')"
      :input-props="{ 'aria-label': say('looksView.findALookByItsName') }"
      style="width: 180px"
      @update:value="(v: string) => set({ search: v })"
    />
    <n-select
      v-if="productions.length > 1"
      :value="wanted.production ?? ALL"
      :options="productions"
      :aria-label="say('gallery.production')"
      style="width: 180px"
      @update:value="(v: string) => set({ production: v || null })"
    />
    <n-input-number
      :value="wanted.mostMinutes"
      clearable
      v-bind="LIMITS.Brief.minutes"
      :show-button="false"
      :placeholder="say('gallery.anyMinutes')"
      :input-props="{ 'aria-label': say('gallery.mostMinutes') }"
      style="width: 140px"
      @update:value="(v: number | null) => set({ mostMinutes: v })"
    >
      <template v-if="wanted.mostMinutes !== null" #prefix>{{ say('gallery.upTo') }}</template>
      <template v-if="wanted.mostMinutes !== null" #suffix>min</template>
    </n-input-number>
    <n-select
      :value="wanted.reach ?? ALL"
      :options="REACHES"
      :aria-label="say('gallery.reach')"
      style="width: 170px"
      @update:value="(v: string) => set({ reach: (v || null) as Wanted['reach'] })"
    />
    <n-checkbox :checked="wanted.atHand" @update:checked="(v: boolean) => set({ atHand: v })">{{
      say('gallery.paintsAtHand')
    }}</n-checkbox>
    <span class="gap" />
    <n-select
      :value="wanted.sort"
      :options="SORTS"
      :aria-label="say('gallery.order')"
      style="width: 150px"
      @update:value="(v: Sort) => set({ sort: v })"
    />
    <div v-if="tags.length" class="chips">
      <button v-for="tag in tags" :key="tag" :aria-pressed="wanted.tags.includes(tag)" @click="toggle(tag)">
        {{ tag }}
      </button>
      <n-button v-if="!same(wanted, EVERYTHING)" size="small" quaternary @click="wanted = EVERYTHING">{{
        say('gallery.showAll')
      }}</n-button>
    </div>
  </div>
</template>

<style scoped>
.filters {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 8px 12px;
  margin-bottom: 18px;
}

.gap {
  flex: 1;
}

.chips {
  flex-basis: 100%;
}
</style>
