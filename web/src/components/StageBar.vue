<script setup lang="ts">
import { say } from '../texts'
import { computed } from 'vue'
import { LENSES, lensOf } from '../lenses/registry'
import { VIEWS } from '../lib/shortcuts'
import { useCoats } from '../stores/coats'
import { useLens } from '../stores/lens'
import { useView, type Layout } from '../stores/view'
import { usePlan } from '../stores/plan'
import { usePreferences } from '../stores/preferences'
import SegmentGroup from './SegmentGroup.vue'

const LAYOUTS: { id: Layout; label: string; title: string }[] = [
  { id: 'both', label: say('stageBar.bustChart'), title: say('stageBar.bustAndSkinChartSideBy') },
  { id: 'bust', label: say('stageBar.bust'), title: say('stageBar.theBustAlone') },
  { id: 'chart', label: say('stageBar.chart'), title: say('stageBar.theSkinChartAlone') },
  { id: 'pictures', label: say('stageBar.pictures'), title: say('stageBar.bustAndPinnedPictures') },
]

const lenses = LENSES.map(({ id, label, key, does }) => {
  const shown = key.toUpperCase()
  return { id, label, key: shown, title: `${does} (${shown})` }
})
const views = VIEWS.map(({ view: id, label, key }) => ({ id, label, title: `${label} (${key})` }))

const lens = useLens()
const tools = computed(() => lensOf(lens.id).tools)
const coats = useCoats()
const view = useView()
const planning = usePlan()
const preferences = usePreferences()

// What is finer than the eye resolves from there runs together.
const distances = computed(() => {
  const own = planning.plan?.setting.viewingDistanceM
  const metres = [...new Set([...(own ? [own] : []), 3, 10, 25])].sort((a, b) => a - b)
  return metres.map((m) => ({
    metres: m,
    label: m === own ? say('stageBar.fromTheAudienceM', { m }) : say('stageBar.fromM', { m }),
  }))
})

/** How the finished face holds its eyes and wears its hair. */
const worn = computed(() => {
  const { eyes, hair } = preferences
  return [
    {
      label: eyes === 'open' ? say('stageBar.eyesOpen') : say('stageBar.eyesClosed'),
      title: say('stageBar.eyesOfTheFinishedFace'),
      other: eyes === 'closed',
      turn: () => (preferences.eyes = eyes === 'open' ? 'closed' : 'open'),
    },
    {
      label: hair === 'tied' ? say('stageBar.hairTiedBack') : say('stageBar.hairLoose'),
      title: say('stageBar.hairOfTheFinishedFace'),
      other: hair === 'loose',
      turn: () => (preferences.hair = hair === 'tied' ? 'loose' : 'tied'),
    },
  ]
})

/** From here without the grain of the film, as colours are judged. */
const SMOOTH = 'smooth'
const seen = computed(() =>
  view.seenFromM === 0 && preferences.film === 'smooth' ? SMOOTH : String(view.seenFromM),
)

function see(choice: string) {
  view.seenFromM = choice === SMOOTH ? 0 : Number(choice)
  if (view.seenFromM === 0) preferences.film = choice === SMOOTH ? 'smooth' : 'grained'
}
</script>

<template>
  <div class="stage-bar">
    <segment-group v-model:value="lens.id" :label="say('stageBar.lens')" :options="lenses" />
    <component :is="tools" v-if="tools" />
    <span class="gap" />
    <button
      v-for="w in worn"
      :key="w.title"
      class="worn"
      :aria-pressed="w.other"
      :title="w.title"
      @click="w.turn"
    >
      {{ w.label }}
    </button>
    <segment-group
      :value="view.view"
      :label="say('stageBar.view')"
      :options="views"
      @update:value="view.show"
    />
    <segment-group
      v-model:value="view.layout"
      class="layouts"
      :label="say('stageBar.layout')"
      :options="LAYOUTS"
    />
    <label v-if="!coats.before" class="from">
      <span>{{ say('stageBar.seen') }}</span>
      <select
        :value="seen"
        :aria-label="say('stageBar.seenFrom')"
        :title="say('stageBar.fromWhereTheBustIsSeen')"
        @change="see(($event.target as HTMLSelectElement).value)"
      >
        <option value="0">{{ say('stageBar.fromHere') }}</option>
        <option :value="SMOOTH">{{ say('stageBar.fromHereSmooth') }}</option>
        <option v-for="f in distances" :key="f.metres" :value="f.metres">{{ f.label }}</option>
      </select>
    </label>
  </div>
</template>

<style scoped>
.stage-bar {
  display: flex;
  align-items: center;
  gap: 6px 8px;
  padding: 5px 14px;
  background: var(--ground);
  border-bottom: 1px solid var(--line);
  overflow-x: auto;
  scrollbar-width: thin;
}

.stage-bar > * {
  flex: none;
}

.stage-bar .gap {
  flex: 1;
}

.worn {
  min-height: 34px;
  padding: 0 9px;
  border: 1px solid var(--line);
  border-radius: 9px;
  background: var(--panel);
  cursor: pointer;
}

.from {
  display: flex;
  align-items: center;
  gap: 5px;
  color: var(--faint);
}

.from select {
  min-height: 34px;
  max-width: 150px;
  padding: 0 4px;
  border: 1px solid var(--line);
  border-radius: 9px;
  color: inherit;
  background: var(--panel);
  font: inherit;
  cursor: pointer;
}

@media (width <= 1320px) {
  .from > span {
    display: none;
  }

  .from select {
    max-width: 108px;
  }
}

/* The chart has no room beside the bust there. */
@media (width <= 860px) {
  .stage-bar {
    padding: 5px 8px;
  }

  .layouts {
    display: none;
  }
}
</style>
