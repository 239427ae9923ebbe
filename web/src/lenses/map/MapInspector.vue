<script setup lang="ts">
import ChoiceField from '../../components/ChoiceField.vue'
import FieldRow from '../../components/FieldRow.vue'
import { say } from '../../texts'
import { NButton, NCheckbox, NInputNumber, NSelect, useMessage } from 'naive-ui'
import { computed, ref } from 'vue'
import { api } from '../../api/client'
import { download, fileName } from '../../lib/download'
import { MM_PER_INCH } from '../../lib/format'
import { useCatalogue } from '../../stores/catalogue'
import { useMapping } from '../../stores/mapping'
import { usePreferences } from '../../stores/preferences'
import { useLook } from '../../stores/look'
import { usePlan } from '../../stores/plan'
import { useSelection } from '../../stores/selection'
import NamedSlider from '../../components/NamedSlider.vue'

const mapping = useMapping()
const lookDoc = useLook()
const planning = usePlan()
const selection = useSelection()
const catalogue = useCatalogue()
const preferences = usePreferences()
const message = useMessage()
const busy = ref('')
const paper = ref<'A4' | 'Letter'>('A4')
const turned = ref(true)
const allowanceMm = ref(6)

const figures = computed(() => {
  const all = mapping.dots?.figures ?? []
  return selection.selected ? all.filter((f) => f.partId === selection.selected) : all
})
const count = computed(() => mapping.dots?.figures.reduce((sum, f) => sum + f.dots.length, 0) ?? 0)
const differing = computed(() =>
  (planning.plan?.parts ?? []).flatMap((p) =>
    p.leftRight ? [{ id: p.id, label: p.label, ...p.leftRight }] : [],
  ),
)
const others = computed(() => [
  { label: say('mapInspector.nobody'), value: '' },
  ...catalogue.faces
    .filter((f) => f.id !== preferences.face)
    .map((f) => ({ label: f.face.name, value: f.id })),
])

function length(mm: number) {
  return preferences.unit === 'in'
    ? say('mapInspector.in', { mM_PER_INCH: (mm / MM_PER_INCH).toFixed(2) })
    : `${Math.round(mm)} mm`
}

function signed(mm: number, more: string, less: string) {
  return Math.abs(mm) < 0.5 ? '' : `${Math.abs(mm).toFixed(1)} mm ${mm > 0 ? more : less}`
}

async function fetchFile(name: string, make: () => Promise<Blob>, ending: string) {
  busy.value = name
  try {
    download(await make(), fileName(`${lookDoc.look.name} on ${preferences.face} ${name}`, ending))
  } catch (error) {
    message.error((error as Error).message, { duration: 9000, closable: true })
  } finally {
    busy.value = ''
  }
}

function templates(format: 'pdf' | 'svg') {
  const parts = selection.selected ? [selection.selected] : []
  return fetchFile(
    'templates',
    () => api.templates(planning.request, paper.value, format, parts, allowanceMm.value, turned.value),
    format,
  )
}
</script>

<template>
  <div class="inspector">
    <header>
      <h2>
        {{
          planning.planPart
            ? say('mapInspector.mapOf', { part: planning.planPart.label })
            : say('mapInspector.ontoTheSkin')
        }}
      </h2>
      <p v-if="mapping.dots" class="faint">
        {{ say('mapInspector.dotsInAllOnTheFuller', { count, dotsASide: mapping.dots.dotsASide }) }}
      </p>
    </header>

    <section class="group">
      <field-row :label="say('mapInspector.aLineMayBeOffBy')">
        <named-slider
          v-model:value="mapping.toleranceMm"
          :min="1"
          :max="5"
          :step="0.5"
          :label="say('mapInspector.toleranceOfTheDots')"
          style="width: 96px"
        />
        <span class="figure">{{ mapping.toleranceMm }} mm</span>
      </field-row>
      <p v-if="mapping.problem" class="stop" role="alert">{{ mapping.problem }}</p>
      <details v-for="(f, n) in figures" :key="n" :open="figures.length <= 2">
        <summary>
          {{ f.label }},
          {{
            f.side === 'middle'
              ? say('mapInspector.acrossTheMiddle')
              : say('mapInspector.wearerS', { side: f.side })
          }}
          <span class="faint">{{
            say('mapInspector.dotsRedrawnWithinMm', { dots: f.dots.length, errorMm: f.errorMm.toFixed(1) })
          }}</span>
        </summary>
        <ol>
          <li v-for="d in f.dots" :key="d.number" :value="d.number">
            <b>{{ length(d.first.mm) }}</b> {{ say('mapInspector.fromThe', { words: d.first.words }) }}
            <b>{{ length(d.second.mm) }}</b>
            {{ say('mapInspector.fromThe2', { words: d.second.words, where: d.where }) }}
          </li>
        </ol>
      </details>
      <p v-if="mapping.dots && figures.length === 0" class="faint">
        {{ say('mapInspector.nothingHereNeedsDotsPlaceIt') }}
      </p>
    </section>

    <section class="group">
      <h3>{{ say('mapInspector.print') }}</h3>
      <field-row :label="say('mapInspector.cardRoundTheFigure')">
        <n-input-number
          v-model:value="allowanceMm"
          size="small"
          :min="0"
          :max="30"
          :show-button="false"
          :input-props="{ 'aria-label': say('mapInspector.cardLeftRoundTheFigureMm') }"
          style="width: 92px"
        >
          <template #suffix>mm</template>
        </n-input-number>
      </field-row>
      <div class="line">
        <n-checkbox v-model:checked="turned">{{ say('mapInspector.turnedCopyForTheOtherSide') }}</n-checkbox>
        <choice-field
          v-model:value="paper"
          :label="say('mapInspector.paper')"
          :options="[
            { id: 'A4', label: say('mapInspector.a4') },
            { id: 'Letter', label: say('mapInspector.letter') },
          ]"
        />
      </div>
      <div class="buttons">
        <n-button size="small" type="primary" :loading="busy === 'templates'" @click="templates('pdf')">{{
          say('mapInspector.templatesPdf')
        }}</n-button>
        <n-button size="small" @click="templates('svg')">{{ say('mapInspector.svgForACutter') }}</n-button>
        <n-button
          size="small"
          :loading="busy === 'pencil-map'"
          @click="fetchFile('pencil-map', () => api.pencilMap(planning.request, mapping.toleranceMm), 'png')"
          >{{ say('mapInspector.pencilMap') }}</n-button
        >
      </div>
      <p class="faint">
        {{
          say('mapInspector.trueSizeMeasureThePrintedBar', {
            outlines: selection.selected
              ? say('mapInspector.onlyTheSelectedPart')
              : say('mapInspector.allPartsWithOutlines'),
          })
        }}
      </p>
    </section>

    <section v-if="!selection.selected && differing.length" class="group">
      <h3>{{ say('mapInspector.leftAgainstRight') }}</h3>
      <ul class="sizes">
        <li v-for="d in differing" :key="d.id">
          <span>{{ d.label }}</span>
          <span class="faint">
            {{
              [
                d.leftCm2 + d.rightCm2 > 0 ? `${d.leftCm2.toFixed(1)} : ${d.rightCm2.toFixed(1)} cm²` : '',
                signed(d.higherMm, say('mapInspector.higher'), say('mapInspector.lower')),
                signed(d.fartherOutMm, say('mapInspector.fartherOut'), say('mapInspector.fartherIn')),
              ]
                .filter(Boolean)
                .join(' · ') || say('mapInspector.alike')
            }}
          </span>
        </li>
      </ul>
    </section>

    <section class="group">
      <h3>{{ say('mapInspector.show') }}</h3>
      <n-checkbox v-model:checked="mapping.landmarks">{{ say('mapInspector.landmarks') }}</n-checkbox>
      <n-checkbox v-model:checked="mapping.stretch">{{
        say('mapInspector.whereTheChartIsStretched')
      }}</n-checkbox>
      <p v-if="mapping.stretch" class="faint">
        {{ say('mapInspector.violetTheSkinIsLongerThan') }}
      </p>
      <field-row :label="say('mapInspector.besideItOn')">
        <n-select
          v-model:value="mapping.compared"
          size="small"
          :options="others"
          :aria-label="say('mapInspector.compareWith')"
          style="width: 170px"
        />
      </field-row>
    </section>
  </div>
</template>

<style scoped>
.buttons {
  display: flex;
  flex-wrap: wrap;
  gap: 7px;
}

summary {
  cursor: pointer;
  min-height: 32px;
}

summary .faint {
  display: block;
  padding-left: 15px;
}

ol {
  margin: 4px 0 8px;
  padding-left: 30px;
  display: grid;
  gap: 3px;
}
</style>
