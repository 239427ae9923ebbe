<script setup lang="ts">
import ChoiceField from './ChoiceField.vue'
import FieldRow from './FieldRow.vue'
import { say } from '../texts'
import { LETTERS, LIMITS } from '../api/limits'
import { NButton, NInput, NSwitch } from 'naive-ui'
import { computed, ref } from 'vue'
import { api, type Part, type Priority, type Sides } from '../api/client'
import { clock, size } from '../lib/format'
import { useCatalogue } from '../stores/catalogue'
import { usePreferences } from '../stores/preferences'
import { OWN_LINE } from '../stores/drawing'
import { useLook } from '../stores/look'
import { usePlan } from '../stores/plan'
import CautionLine from './CautionLine.vue'
import FileButton from './FileButton.vue'
import ParameterField from './ParameterField.vue'
import OwnPoints from './OwnPoints.vue'
import PartHanging from './PartHanging.vue'
import PartPaint from './PartPaint.vue'
import PartRim from './PartRim.vue'
import PartStack from './PartStack.vue'
import PartStage from './PartStage.vue'
import NamedSlider from './NamedSlider.vue'

const props = defineProps<{ part: Part }>()

const lookDoc = useLook()
const planning = usePlan()
const catalogue = useCatalogue()
const preferences = usePreferences()
const kind = computed(() => catalogue.kindOf(props.part.kind))
/** Whether what it lays is the painter's own drawing. */
const ownDrawing = computed(
  () => props.part.kind === 'motif' || props.part.words.pattern === 'your own drawing',
)
const planned = computed(() => planning.planPart)
const filled = computed(() =>
  planned.value?.marks.some((m) => m.shape === 'region' && m.role === kind.value?.roles[0]?.id),
)
/** A side can be chosen where there are two. */
const sided = computed(
  () =>
    !props.part.hung?.once &&
    (props.part.hung?.on
      ? true
      : props.part.hung?.at
        ? catalogue.places.find((p) => p.id === props.part.hung?.at)?.isPair
        : kind.value?.sided),
)
const cautions = computed(
  () => planning.plan?.cautions.filter((c) => c.parts.some((p) => p.id === props.part.id)) ?? [],
)

function setNumber(id: string, value: number) {
  lookDoc.edit(props.part.id, { numbers: { ...props.part.numbers, [id]: value } }, id)
}

const reading = ref(false)
const refused = ref('')

async function bring(file: File) {
  reading.value = true
  refused.value = ''
  try {
    const motif = await api.motif(file.name.replace(/\.svg$/i, ''), await file.text())
    lookDoc.edit(props.part.id, { motif })
  } catch (error) {
    refused.value = (error as Error).message
  } finally {
    reading.value = false
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
      <h2>{{ part.name ?? kind.label }}</h2>
      <p class="faint">{{ part.name ? `${kind.label}: ` : '' }}{{ planned?.zones.slice(0, 4).join(', ') }}</p>
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

    <section v-if="ownDrawing" class="group">
      <field-row :label="part.motif ? part.motif.name : say('partInspector.aLanternUntilYouBringYour')">
        <file-button
          size="small"
          :loading="reading"
          :label="say('partInspector.bringADrawingSvg')"
          :says="say('partInspector.svgDrawing')"
          accept=".svg,image/svg+xml"
          @chosen="bring"
        />
      </field-row>
      <p v-if="refused" class="stop" role="alert">{{ refused }}</p>
    </section>

    <own-points v-if="part.kind === OWN_LINE" :part="part" />

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

    <part-hanging v-if="planned?.movable" :part="part" :kind="kind" />
    <part-rim v-if="filled" :part="part" />
    <part-paint :part="part" :kind="kind" />
    <part-stack :part="part" />
    <part-stage :part="part" :kind="kind" />

    <section class="group">
      <field-row :label="say('partInspector.ownName')">
        <n-input
          size="small"
          :value="part.name ?? ''"
          :placeholder="kind.label"
          :maxlength="LETTERS.Part.name"
          :input-props="{ 'aria-label': say('partInspector.ownName') }"
          style="width: 170px"
          @update:value="(v: string) => lookDoc.edit(part.id, { name: v || null }, 'name')"
        />
      </field-row>
      <field-row v-if="sided" :label="say('partInspector.sideOfTheWearer')">
        <choice-field
          :value="part.sides"
          :label="say('partInspector.sideOfTheWearer')"
          :options="[
            { id: 'right', label: say('partInspector.right') },
            { id: 'both', label: say('partInspector.both') },
            { id: 'left', label: say('partInspector.left') },
          ]"
          @update:value="(v: Sides) => lookDoc.edit(part.id, { sides: v })"
        />
      </field-row>
      <field-row v-if="planned?.movable" :label="say('partInspector.moved')">
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
      </field-row>
      <field-row :label="say('partInspector.unevenness')">
        <named-slider
          :value="part.unevenness"
          v-bind="LIMITS.Part.unevenness"
          :step="0.05"
          :label="say('partInspector.unevenness')"
          style="width: 150px"
          @update:value="(v: number) => lookDoc.edit(part.id, { unevenness: v }, 'unevenness')"
        />
      </field-row>
      <field-row :label="say('partInspector.whenTimeIsShort')">
        <choice-field
          :value="part.priority"
          :label="say('partInspector.whenTimeIsShort')"
          :options="[
            { id: 'must', label: say('partInspector.must') },
            { id: 'nice', label: say('partInspector.nice') },
            { id: 'extra', label: say('partInspector.extra') },
          ]"
          @update:value="(v: Priority) => lookDoc.edit(part.id, { priority: v })"
        />
      </field-row>
      <field-row :label="say('partInspector.thisTime')">
        <choice-field
          :value="part.version ?? 'full'"
          :label="say('partInspector.thisTime')"
          :options="[
            { id: 'full', label: say('partInspector.all') },
            { id: 'quick', label: say('partInspector.quick') },
            { id: 'out', label: say('partInspector.leftOut') },
          ]"
          @update:value="(v: 'full' | 'quick' | 'out') => lookDoc.edit(part.id, { version: v })"
        />
      </field-row>
      <field-row tag="label" :label="say('partInspector.reservedFromTheBase')">
        <n-switch
          :value="part.reserved"
          :aria-label="say('partInspector.reservedFromTheBase')"
          @update:value="(v: boolean) => lookDoc.edit(part.id, { reserved: v })"
        />
      </field-row>
    </section>

    <footer>
      <n-button size="small" @click="lookDoc.duplicate(part.id)">{{
        say('partInspector.duplicate')
      }}</n-button>
      <n-button
        v-if="sided"
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
