<script setup lang="ts">
import { NButton, NRadioButton, NRadioGroup, NSwitch } from 'naive-ui'
import { computed, ref } from 'vue'
import { api, type Part, type Priority, type Sides } from '../api/client'
import { clock, size } from '../lib/format'
import { useCatalogue } from '../stores/catalogue'
import { usePreferences } from '../stores/preferences'
import { useLook } from '../stores/look'
import { usePlan } from '../stores/plan'
import CautionLine from './CautionLine.vue'
import ParameterField from './ParameterField.vue'
import PartPaint from './PartPaint.vue'
import NamedSlider from './NamedSlider.vue'

const props = defineProps<{ part: Part }>()

const lookDoc = useLook()
const planning = usePlan()
const catalogue = useCatalogue()
const preferences = usePreferences()
const kind = computed(() => catalogue.kindOf(props.part.kind))
const planned = computed(() => planning.planPart)
const cautions = computed(
  () => planning.plan?.cautions.filter((c) => c.parts.some((p) => p.id === props.part.id)) ?? [],
)

function setNumber(id: string, value: number) {
  lookDoc.edit(props.part.id, { numbers: { ...props.part.numbers, [id]: value } }, id)
}

const file = ref<HTMLInputElement | null>(null)
const reading = ref(false)
const refused = ref('')

async function bring() {
  const chosen = file.value?.files?.[0]
  if (!chosen) return
  reading.value = true
  refused.value = ''
  try {
    const motif = await api.motif(chosen.name.replace(/\.svg$/i, ''), await chosen.text())
    lookDoc.edit(props.part.id, { motif })
  } catch (error) {
    refused.value = (error as Error).message
  } finally {
    reading.value = false
    if (file.value) file.value.value = ''
  }
}

function reset(id: string) {
  const numbers = { ...props.part.numbers }
  delete numbers[id]
  lookDoc.edit(props.part.id, { numbers })
}
</script>

<template>
  <div v-if="kind" class="inspector">
    <header>
      <h2>{{ kind.label }}</h2>
      <p class="faint">
        {{ planned?.zones.slice(0, 4).join(', ') }}
      </p>
    </header>

    <ul v-if="planned" class="sizes" aria-label="Sizes">
      <li v-for="line in planned.sizes" :key="line.label">
        <span class="faint">{{ line.label }}</span>
        <span
          ><span class="figure">{{ size(line, preferences.unit) }}</span>
          <span v-if="line.against" class="good against">{{ line.against }}</span></span
        >
      </li>
      <li>
        <span class="faint">Brush on skin</span>
        <span class="figure">{{ clock(planned.seconds) }} min</span>
      </li>
    </ul>
    <caution-line v-for="caution in cautions" :key="caution.sentence" :caution="caution" />

    <section v-if="part.kind === 'motif'" class="group">
      <div class="line">
        <span class="faint">{{ part.motif ? part.motif.name : 'A lantern, until you bring your own' }}</span>
        <n-button size="small" :loading="reading" @click="file?.click()">Bring a drawing (SVG)</n-button>
        <input
          ref="file"
          type="file"
          accept=".svg,image/svg+xml"
          hidden
          aria-label="SVG drawing"
          @change="bring"
        />
      </div>
      <p v-if="refused" class="stop" role="alert">{{ refused }}</p>
    </section>

    <section class="group">
      <parameter-field
        v-for="parameter in kind.parameters"
        :key="parameter.id"
        :parameter="parameter"
        :value="part.numbers?.[parameter.id] ?? planned?.values[parameter.id]"
        :word="part.words?.[parameter.id] ?? planned?.words[parameter.id]"
        :zones="part.zones?.[parameter.id]"
        :all-zones="catalogue.zones"
        :own="part.numbers?.[parameter.id] !== undefined"
        @number="(v) => setNumber(parameter.id, v)"
        @word="(v) => lookDoc.edit(part.id, { words: { ...part.words, [parameter.id]: v } })"
        @zones="(v) => lookDoc.edit(part.id, { zones: { ...part.zones, [parameter.id]: v } })"
        @reset="reset(parameter.id)"
      />
    </section>

    <part-paint :part="part" :kind="kind" />

    <section class="group">
      <div v-if="kind.sided" class="line">
        <span class="faint">Side of the wearer</span>
        <n-radio-group
          :value="part.sides"
          size="small"
          @update:value="(v: Sides) => lookDoc.edit(part.id, { sides: v })"
        >
          <n-radio-button value="right" label="right" />
          <n-radio-button value="both" label="both" />
          <n-radio-button value="left" label="left" />
        </n-radio-group>
      </div>
      <div v-if="planned?.movable" class="line">
        <span class="faint">Moved</span>
        <span>
          {{ size({ label: '', value: part.moved?.outMm ?? 0, unit: 'mm', against: '' }, preferences.unit) }}
          out,
          {{ size({ label: '', value: part.moved?.upMm ?? 0, unit: 'mm', against: '' }, preferences.unit) }}
          up
        </span>
        <n-button
          size="tiny"
          :disabled="!part.moved"
          title="Back to where it hangs"
          @click="lookDoc.edit(part.id, { moved: undefined })"
          >Back</n-button
        >
      </div>
      <div class="line">
        <span class="faint">Unevenness</span>
        <named-slider
          :value="part.unevenness"
          :min="0"
          :max="1"
          :step="0.05"
          label="Unevenness"
          style="width: 150px"
          @update:value="(v: number) => lookDoc.edit(part.id, { unevenness: v }, 'unevenness')"
        />
      </div>
      <div class="line">
        <span class="faint">When time is short</span>
        <n-radio-group
          :value="part.priority"
          size="small"
          @update:value="(v: Priority) => lookDoc.edit(part.id, { priority: v })"
        >
          <n-radio-button value="must" label="must" />
          <n-radio-button value="nice" label="nice" />
          <n-radio-button value="extra" label="extra" />
        </n-radio-group>
      </div>
      <div class="line">
        <span class="faint">This time</span>
        <n-radio-group
          :value="part.version ?? 'full'"
          size="small"
          @update:value="(v: 'full' | 'quick' | 'out') => lookDoc.edit(part.id, { version: v })"
        >
          <n-radio-button value="full" label="all" />
          <n-radio-button value="quick" label="quick" />
          <n-radio-button value="out" label="left out" />
        </n-radio-group>
      </div>
      <label class="line">
        <span class="faint">Reserved from the base</span>
        <n-switch
          :value="part.reserved"
          aria-label="Reserved from the base"
          @update:value="(v: boolean) => lookDoc.edit(part.id, { reserved: v })"
        />
      </label>
    </section>

    <footer>
      <n-button size="small" @click="lookDoc.duplicate(part.id)">Duplicate</n-button>
      <n-button
        v-if="kind.sided"
        size="small"
        :disabled="part.sides === 'both'"
        @click="lookDoc.mirror(part.id)"
        >Mirror</n-button
      >
      <n-button size="small" @click="lookDoc.edit(part.id, { seed: (part.seed % 999999) + 1 })"
        >Another hand</n-button
      >
      <n-button size="small" type="error" ghost @click="lookDoc.remove(part.id)">Remove</n-button>
    </footer>
  </div>
</template>

<style scoped>
.against {
  margin-left: 6px;
}

footer {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  border-top: 1px solid var(--line);
  padding-top: 11px;
}
</style>
