<script setup lang="ts">
import { say } from '../texts'
import { NButton, NDropdown, useMessage } from 'naive-ui'
import { computed } from 'vue'
import type { Face, MeasureGroup } from '../api/client'
import { useCatalogue } from '../stores/catalogue'
import MeasureField from './MeasureField.vue'

/** All measures of a face, those left out as they follow from the others. */
const measuresMm = defineModel<Face['measuresMm']>({ required: true })
defineProps<{
  estimate: Record<string, number>
  errors: Record<string, string[]>
  notes: Record<string, string>
}>()

const GROUPS: { id: MeasureGroup; label: string; about: string }[] = [
  { id: 'heights', label: say('faceMeasures.heights'), about: '' },
  { id: 'widths', label: say('faceMeasures.widths'), about: '' },
  { id: 'round', label: say('faceMeasures.roundTheHead'), about: '' },
  { id: 'neckAndChest', label: say('faceMeasures.neckAndChest'), about: '' },
  {
    id: 'leftAndRight',
    label: say('faceMeasures.leftAndRight'),
    about: say('faceMeasures.asTheWearerHasThemLeave'),
  },
]
const message = useMessage()
const catalogue = useCatalogue()
const given = computed(() => Object.keys(measuresMm.value).length)
const presetChoices = computed(() => catalogue.presets.map((p) => ({ key: p.id, label: p.label })))

function startFrom(id: string) {
  const preset = catalogue.presets.find((p) => p.id === id)
  if (!preset) return
  measuresMm.value = { ...preset.measuresMm }
  message.info(say('faceMeasures.measuresOfA', { person: preset.label.toLowerCase() }), {
    duration: 6000,
  })
}

function measure(id: string, mm: number | null) {
  const changed = { ...measuresMm.value }
  if (mm === null) delete changed[id]
  else changed[id] = mm
  measuresMm.value = changed
}
</script>

<template>
  <div class="measures">
    <div class="measures-head">
      <p class="faint">
        {{ say('faceMeasures.ofGivenWhatYouLeaveOut', { given, measures: catalogue.measures.length }) }}
      </p>
      <n-dropdown trigger="click" :options="presetChoices" @select="startFrom">
        <n-button size="small">{{ say('faceMeasures.startFromAMeanPerson') }}</n-button>
      </n-dropdown>
    </div>
    <section v-for="g in GROUPS" :key="g.id">
      <h2>{{ g.label }}</h2>
      <p v-if="g.about" class="faint">{{ g.about }}</p>
      <div class="grid">
        <measure-field
          v-for="m in catalogue.measures.filter((one) => one.group === g.id)"
          :key="m.id"
          :measure="m"
          :mm="measuresMm[m.id]"
          :estimate-mm="estimate[m.id]"
          :problems="errors[`measuresMm.${m.id}`]"
          :note="notes[m.id]"
          @change="(mm) => measure(m.id, mm)"
        />
      </div>
    </section>
  </div>
</template>

<style scoped>
.measures {
  display: grid;
  gap: 18px;
  align-content: start;
}

.measures-head {
  display: flex;
  gap: 14px;
  align-items: center;
  justify-content: space-between;
}

.grid {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(390px, 1fr));
  gap: 2px 26px;
}

@media (width <= 640px) {
  .grid {
    grid-template-columns: minmax(0, 1fr);
  }

  .measures-head {
    display: grid;
  }
}
</style>
