<script setup lang="ts">
import { NButton, NSelect } from 'naive-ui'
import { computed, ref } from 'vue'
import { LIMITS } from '../api/limits'
import { api, type Part, type Rim } from '../api/client'
import { useLook } from '../stores/look'
import { usePreferences } from '../stores/preferences'
import { say } from '../texts'
import FieldRow from './FieldRow.vue'
import UnitRow from './UnitRow.vue'

/** How the edge of a filled part runs, and an outline, light and shade for it. */
const props = defineProps<{ part: Part }>()

const SMOOTH = 'smooth'
const EDGE = 'figureEdge'

const lookDoc = useLook()
const preferences = usePreferences()
const problem = ref('')
const rim = computed(() => props.part.rim)
const forms = [
  { value: SMOOTH, label: say('partRim.asDrawn') },
  { value: 'jagged', label: say('partRim.jagged') },
  { value: 'scalloped', label: say('partRim.scalloped') },
  { value: 'feathered', label: say('partRim.feathered') },
]

const change = (next: Rim | null, key = '') => lookDoc.edit(props.part.id, { rim: next }, key)

function form(value: string) {
  const { depthMm, eachMm } = rim.value ?? { depthMm: 3, eachMm: 8 }
  change(value === SMOOTH ? null : { form: value as Rim['form'], depthMm, eachMm })
}

async function addEdge() {
  try {
    const offer = await api.newPart(
      preferences.face,
      EDGE,
      preferences.kit,
      preferences.setting,
      lookDoc.colours,
    )
    lookDoc.add({ ...offer.part, hung: { on: props.part.id } })
    problem.value = ''
  } catch (error) {
    problem.value = (error as Error).message
  }
}
</script>

<template>
  <section class="group">
    <field-row :label="say('partRim.edge')">
      <n-select
        size="small"
        style="width: 190px"
        :value="rim?.form ?? SMOOTH"
        :options="forms"
        :aria-label="say('partRim.edge')"
        @update:value="form"
      />
    </field-row>
    <template v-if="rim">
      <unit-row
        :label="say('partRim.depth')"
        unit="mm"
        :value="rim.depthMm"
        v-bind="LIMITS.Rim.depthMm"
        :step="0.5"
        @update:value="(v: number) => change({ ...rim!, depthMm: v }, 'rimDepth')"
      />
      <unit-row
        :label="say('partRim.each')"
        unit="mm"
        :value="rim.eachMm"
        v-bind="LIMITS.Rim.eachMm"
        @update:value="(v: number) => change({ ...rim!, eachMm: v }, 'rimEach')"
      />
    </template>
    <n-button size="small" @click="addEdge">{{ say('partRim.addAnEdge') }}</n-button>
    <p v-if="problem" class="stop" role="alert">{{ problem }}</p>
  </section>
</template>
