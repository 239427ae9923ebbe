<script setup lang="ts">
import { NButton, NCheckbox, NInputNumber, NRadioButton, NRadioGroup, NSelect, useMessage } from 'naive-ui'
import { computed, ref } from 'vue'
import { api } from '../../api/client'
import { download } from '../../lib/download'
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
  { label: 'nobody', value: '' },
  ...catalogue.faces
    .filter((f) => f.id !== preferences.face)
    .map((f) => ({ label: f.face.name, value: f.id })),
])

function length(mm: number) {
  return preferences.unit === 'in' ? `${(mm / MM_PER_INCH).toFixed(2)} in` : `${Math.round(mm)} mm`
}

function signed(mm: number, more: string, less: string) {
  return Math.abs(mm) < 0.5 ? '' : `${Math.abs(mm).toFixed(1)} mm ${mm > 0 ? more : less}`
}

async function fetchFile(name: string, make: () => Promise<Blob>, ending: string) {
  busy.value = name
  try {
    download(await make(), `${lookDoc.id}-on-${preferences.face}-${name}.${ending}`)
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
      <h2>{{ planning.planPart ? `Map: ${planning.planPart.label}` : 'Onto the skin' }}</h2>
      <p v-if="mapping.dots" class="faint">
        {{ count }} dots in all, {{ mapping.dots.dotsASide }} on the fuller side. Set them, then draw smoothly
        through.
      </p>
    </header>

    <section class="group">
      <div class="line">
        <span class="faint">A line may be off by</span>
        <named-slider
          v-model:value="mapping.toleranceMm"
          :min="1"
          :max="5"
          :step="0.5"
          label="Tolerance of the dots"
          style="width: 96px"
        />
        <span class="figure">{{ mapping.toleranceMm }} mm</span>
      </div>
      <p v-if="mapping.problem" class="stop" role="alert">{{ mapping.problem }}</p>
      <details v-for="(f, n) in figures" :key="n" :open="figures.length <= 2">
        <summary>
          {{ f.label }}, {{ f.side === 'middle' ? 'across the middle' : `wearer's ${f.side}` }}
          <span class="faint">{{ f.dots.length }} dots, redrawn within {{ f.errorMm.toFixed(1) }} mm</span>
        </summary>
        <ol>
          <li v-for="d in f.dots" :key="d.number" :value="d.number">
            <b>{{ length(d.first.mm) }}</b> from the {{ d.first.words }},
            <b>{{ length(d.second.mm) }}</b> from the {{ d.second.words }}, {{ d.where }}
          </li>
        </ol>
      </details>
      <p v-if="mapping.dots && figures.length === 0" class="faint">
        Nothing here needs dots; place it by eye.
      </p>
    </section>

    <section class="group">
      <h3>Print</h3>
      <div class="line">
        <span class="faint">Card round the figure</span>
        <n-input-number
          v-model:value="allowanceMm"
          size="small"
          :min="0"
          :max="30"
          :show-button="false"
          :input-props="{ 'aria-label': 'Card left round the figure, mm' }"
          style="width: 92px"
        >
          <template #suffix>mm</template>
        </n-input-number>
      </div>
      <div class="line">
        <n-checkbox v-model:checked="turned">turned copy for the other side</n-checkbox>
        <n-radio-group v-model:value="paper" size="small">
          <n-radio-button value="A4" label="A4" />
          <n-radio-button value="Letter" label="Letter" />
        </n-radio-group>
      </div>
      <div class="buttons">
        <n-button size="small" type="primary" :loading="busy === 'templates'" @click="templates('pdf')"
          >Templates, PDF</n-button
        >
        <n-button size="small" @click="templates('svg')">SVG for a cutter</n-button>
        <n-button
          size="small"
          :loading="busy === 'pencil-map'"
          @click="fetchFile('pencil-map', () => api.pencilMap(planning.request, mapping.toleranceMm), 'png')"
          >Pencil map</n-button
        >
      </div>
      <p class="faint">
        {{ selection.selected ? 'Only the selected part.' : 'All parts with outlines.' }} True size; measure
        the printed bar.
      </p>
    </section>

    <section v-if="!selection.selected && differing.length" class="group">
      <h3>Left against right</h3>
      <ul class="sizes">
        <li v-for="d in differing" :key="d.id">
          <span>{{ d.label }}</span>
          <span class="faint">
            {{
              [
                d.leftCm2 + d.rightCm2 > 0 ? `${d.leftCm2.toFixed(1)} : ${d.rightCm2.toFixed(1)} cm²` : '',
                signed(d.higherMm, 'higher', 'lower'),
                signed(d.fartherOutMm, 'farther out', 'farther in'),
              ]
                .filter(Boolean)
                .join(' · ') || 'alike'
            }}
          </span>
        </li>
      </ul>
    </section>

    <section class="group">
      <h3>Show</h3>
      <n-checkbox v-model:checked="mapping.landmarks">landmarks</n-checkbox>
      <n-checkbox v-model:checked="mapping.stretch">where the chart is stretched</n-checkbox>
      <p v-if="mapping.stretch" class="faint">
        Violet: the skin is longer than drawn. Amber: shorter. Full colour at a quarter.
      </p>
      <div class="line">
        <span class="faint">Beside it, on</span>
        <n-select
          v-model:value="mapping.compared"
          size="small"
          :options="others"
          aria-label="Compare with"
          style="width: 170px"
        />
      </div>
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
