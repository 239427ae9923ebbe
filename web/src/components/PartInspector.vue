<script setup lang="ts">
import { say } from '../texts'
import { LIMITS } from '../api/limits'
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

    <ul v-if="planned" class="sizes" :aria-label="say('partInspector.sizes')">
      <li v-for="line in planned.sizes" :key="line.label">
        <span class="faint">{{ line.label }}</span>
        <span
          ><span class="figure">{{ size(line, preferences.unit) }}</span>
          <span v-if="line.against" class="good against">{{ line.against }}</span></span
        >
      </li>
      <li>
        <span class="faint">{{ say('partInspector.brushOnSkin') }}</span>
        <span class="figure">{{ clock(planned.seconds) }} min</span>
      </li>
    </ul>
    <caution-line v-for="caution in cautions" :key="caution.sentence" :caution="caution" />

    <section v-if="part.kind === 'motif'" class="group">
      <div class="line">
        <span class="faint">{{
          part.motif ? part.motif.name : say('partInspector.aLanternUntilYouBringYour')
        }}</span>
        <n-button size="small" :loading="reading" @click="file?.click()">{{
          say('partInspector.bringADrawingSvg')
        }}</n-button>
        <input
          ref="file"
          type="file"
          accept=".svg,image/svg+xml"
          hidden
          :aria-label="say('partInspector.svgDrawing')"
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
        <span class="faint">{{ say('partInspector.sideOfTheWearer') }}</span>
        <n-radio-group
          :value="part.sides"
          size="small"
          @update:value="(v: Sides) => lookDoc.edit(part.id, { sides: v })"
        >
          <n-radio-button value="right" :label="say('partInspector.right')" />
          <n-radio-button value="both" :label="say('partInspector.both')" />
          <n-radio-button value="left" :label="say('partInspector.left')" />
        </n-radio-group>
      </div>
      <div v-if="planned?.movable" class="line">
        <span class="faint">{{ say('partInspector.moved') }}</span>
        <span>
          {{
            say('partInspector.outUp', {
              unit: size(
                { label: '', value: part.moved?.outMm ?? 0, unit: 'mm', against: '' },
                preferences.unit,
              ),
              unit2: size(
                { label: '', value: part.moved?.upMm ?? 0, unit: 'mm', against: '' },
                preferences.unit,
              ),
            })
          }}
        </span>
        <n-button
          size="tiny"
          :disabled="!part.moved"
          :title="say('partInspector.backToWhereItHangs')"
          @click="lookDoc.edit(part.id, { moved: undefined })"
          >{{ say('partInspector.back') }}</n-button
        >
      </div>
      <div class="line">
        <span class="faint">{{ say('partInspector.unevenness') }}</span>
        <named-slider
          :value="part.unevenness"
          v-bind="LIMITS.Part.unevenness"
          :step="0.05"
          :label="say('partInspector.unevenness')"
          style="width: 150px"
          @update:value="(v: number) => lookDoc.edit(part.id, { unevenness: v }, 'unevenness')"
        />
      </div>
      <div class="line">
        <span class="faint">{{ say('partInspector.whenTimeIsShort') }}</span>
        <n-radio-group
          :value="part.priority"
          size="small"
          @update:value="(v: Priority) => lookDoc.edit(part.id, { priority: v })"
        >
          <n-radio-button value="must" :label="say('partInspector.must')" />
          <n-radio-button value="nice" :label="say('partInspector.nice')" />
          <n-radio-button value="extra" :label="say('partInspector.extra')" />
        </n-radio-group>
      </div>
      <div class="line">
        <span class="faint">{{ say('partInspector.thisTime') }}</span>
        <n-radio-group
          :value="part.version ?? 'full'"
          size="small"
          @update:value="(v: 'full' | 'quick' | 'out') => lookDoc.edit(part.id, { version: v })"
        >
          <n-radio-button value="full" :label="say('partInspector.all')" />
          <n-radio-button value="quick" :label="say('partInspector.quick')" />
          <n-radio-button value="out" :label="say('partInspector.leftOut')" />
        </n-radio-group>
      </div>
      <label class="line">
        <span class="faint">{{ say('partInspector.reservedFromTheBase') }}</span>
        <n-switch
          :value="part.reserved"
          :aria-label="say('partInspector.reservedFromTheBase')"
          @update:value="(v: boolean) => lookDoc.edit(part.id, { reserved: v })"
        />
      </label>
    </section>

    <footer>
      <n-button size="small" @click="lookDoc.duplicate(part.id)">{{
        say('partInspector.duplicate')
      }}</n-button>
      <n-button
        v-if="kind.sided"
        size="small"
        :disabled="part.sides === 'both'"
        @click="lookDoc.mirror(part.id)"
        >{{ say('partInspector.mirror') }}</n-button
      >
      <n-button size="small" @click="lookDoc.edit(part.id, { seed: (part.seed % 999999) + 1 })">{{
        say('partInspector.anotherHand')
      }}</n-button>
      <n-button size="small" type="error" ghost @click="lookDoc.remove(part.id)">{{
        say('partInspector.remove')
      }}</n-button>
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
