<script setup lang="ts">
import { computed } from 'vue'
import { LENSES } from '../lenses/registry'
import { titled, VIEWS } from '../lib/shortcuts'
import { useCoats } from '../stores/coats'
import { useMapping } from '../stores/mapping'
import { useView, type Layout } from '../stores/view'
import { useWorkspace } from '../stores/workspace'

const LAYOUTS: { id: Layout; label: string; title: string }[] = [
  { id: 'both', label: 'Bust + chart', title: 'Bust and skin chart side by side' },
  { id: 'bust', label: 'Bust', title: 'The bust alone' },
  { id: 'chart', label: 'Chart', title: 'The skin chart alone' },
]

const mapping = useMapping()
const coats = useCoats()
const view = useView()
const workspace = useWorkspace()

// What is finer than the eye resolves from there runs together.
const distances = computed(() => {
  const own = workspace.plan?.setting.viewingDistanceM
  const metres = [...new Set([...(own ? [own] : []), 3, 10, 25])].sort((a, b) => a - b)
  return metres.map((m) => ({ metres: m, label: m === own ? `from the audience, ${m} m` : `from ${m} m` }))
})
</script>

<template>
  <div class="stage-bar">
    <div class="segments" role="group" aria-label="Lens">
      <button
        v-for="l in LENSES"
        :key="l.id"
        :aria-pressed="mapping.lens === l.id"
        :title="`${l.does} (${l.key.toUpperCase()})`"
        @click="mapping.lens = l.id"
      >
        {{ l.label }}<kbd aria-hidden="true">{{ l.key.toUpperCase() }}</kbd>
      </button>
    </div>
    <div v-if="mapping.lens === 'map'" class="segments">
      <button
        :aria-pressed="mapping.taping"
        :title="titled('tape')"
        @click="mapping.taping ? mapping.putTapeAway() : (mapping.taping = true)"
      >
        Tape
      </button>
    </div>
    <span class="gap" />
    <div class="segments" role="group" aria-label="View">
      <button
        v-for="v in VIEWS"
        :key="v.view"
        :aria-pressed="view.view === v.view"
        :title="`${v.label} (${v.key})`"
        @click="view.show(v.view)"
      >
        {{ v.label }}
      </button>
    </div>
    <div class="segments layouts" role="group" aria-label="Layout">
      <button
        v-for="l in LAYOUTS"
        :key="l.id"
        :aria-pressed="view.layout === l.id"
        :title="l.title"
        @click="view.layout = l.id"
      >
        {{ l.label }}
      </button>
    </div>
    <label v-if="!coats.before" class="from">
      <span>seen</span>
      <select v-model.number="view.seenFromM" aria-label="Seen from" title="From where the bust is seen">
        <option :value="0">from here</option>
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

kbd {
  margin-left: 5px;
  font: inherit;
  font-size: 0.78em;
  color: var(--faint);
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

@media (max-width: 1240px) {
  kbd,
  .from > span {
    display: none;
  }

  .from select {
    max-width: 108px;
  }
}

/* The chart has no room beside the bust there. */
@media (max-width: 860px) {
  .stage-bar {
    padding: 5px 8px;
  }

  .layouts {
    display: none;
  }
}
</style>
