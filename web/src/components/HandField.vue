<script setup lang="ts">
import { NSelect } from 'naive-ui'
import { computed } from 'vue'
import type { Lay, PlanCoat, Technique, Water } from '../api/client'
import { painting, watersOf, techniquesOf, withTechnique, withTool } from '../lib/hand'
import { say } from '../texts'
import { useCatalogue } from '../stores/catalogue'

/** With what a coat goes on, how, and how wet: each as usual until it is chosen. */
const props = defineProps<{
  label: string
  lay: Lay | undefined
  /** Of the tool that it usually goes on with. */
  usualTool: string
  /** The coat as it is planned now. */
  planned: PlanCoat | undefined
}>()
const emit = defineEmits<{ change: [lay: Lay, key: string] }>()

const USUAL = ''

const catalogue = useCatalogue()
const tools = computed(() => painting(catalogue.kit?.tools ?? catalogue.hands.tools))
const usual = computed(() => catalogue.hands.tools.find((t) => t.id === props.usualTool))
const tool = computed(
  () => tools.value.find((t) => t.id === (props.planned?.tool ?? props.lay?.tool)) ?? usual.value,
)
const water = computed(() => catalogue.hands.waters.find((w) => w.water === props.planned?.water))

/** Said on a field while nothing is chosen: what the usual is just now. */
const technique = computed(
  () => catalogue.hands.techniques.find((t) => t.technique === props.planned?.technique)?.label,
)
const usually = (word: string | undefined) =>
  word ? say('handField.usualIs', { word: word.toLowerCase() }) : say('handField.usual')

const toolOptions = computed(() => [
  { label: say('handField.usualTool', { tool: usual.value?.name ?? '' }), value: USUAL },
  ...tools.value.map((t) => ({ label: t.name, value: t.id })),
])
const techniqueOptions = computed(() => [
  { label: props.lay?.technique ? say('handField.usual') : usually(technique.value), value: USUAL },
  ...(tool.value ? techniquesOf(catalogue.hands, tool.value.form) : []).map((t) => ({
    label: t.label,
    value: t.technique as string,
  })),
])
const waterOptions = computed(() => {
  const fits = props.planned ? watersOf(catalogue.hands, props.planned.technique) : []
  return [
    { label: props.lay?.water ? say('handField.usual') : usually(water.value?.label), value: USUAL },
    ...catalogue.hands.waters.map((w) => ({
      label: w.label,
      value: w.water as string,
      disabled: fits.length > 0 && !fits.includes(w.water),
    })),
  ]
})

function setTool(id: string) {
  const chosen = tools.value.find((t) => t.id === id) ?? null
  emit('change', withTool(catalogue.hands, props.lay ?? {}, chosen), 'tool')
}
</script>

<template>
  <div class="hand" role="group" :aria-label="say('handField.hand', { label })">
    <n-select
      class="tool"
      size="small"
      :value="lay?.tool ?? USUAL"
      :options="toolOptions"
      :aria-label="say('handField.tool', { label })"
      @update:value="setTool"
    />
    <n-select
      size="small"
      :value="lay?.technique ?? USUAL"
      :options="techniqueOptions"
      :aria-label="say('handField.technique', { label })"
      @update:value="
        (v: string) =>
          emit(
            'change',
            withTechnique(catalogue.hands, lay ?? {}, (v || null) as Technique | null),
            'technique',
          )
      "
    />
    <n-select
      size="small"
      :value="lay?.water ?? USUAL"
      :options="waterOptions"
      :aria-label="say('handField.water', { label })"
      @update:value="
        (v: string) => emit('change', { ...lay, water: (v || undefined) as Water | undefined }, 'water')
      "
    />
    <p v-if="water && (lay?.water || planned?.risks.length)" class="faint now">{{ water.says }}</p>
  </div>
</template>

<style scoped>
.hand {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 5px;
}

.tool,
.now {
  grid-column: 1 / -1;
  margin: 0;
}
</style>
