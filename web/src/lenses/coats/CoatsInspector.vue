<script setup lang="ts">
import { NButton, NCheckbox, NSelect } from 'naive-ui'
import { computed, ref, watch } from 'vue'
import { api, type FewestPaints, type LostPair } from '../../api/client'
import { useCatalogue } from '../../stores/catalogue'
import { useCoats } from '../../stores/coats'
import { usePlan } from '../../stores/plan'

const coats = useCoats()
const planning = usePlan()
const catalogue = useCatalogue()
const lost = ref<LostPair[] | null>(null)
const fewest = ref<FewestPaints | null>(null)
const fewestProblem = ref('')
const searching = ref(false)
const deltaE = ref(4)

const lamps = computed(() => [
  { label: 'daylight', value: '' },
  { label: `${catalogue.setting?.name ?? 'the setting'}`, value: 'setting' },
  ...catalogue.lamps.map((l) => ({ label: l.name, value: l.id })),
])
const laid = computed(() =>
  (planning.plan?.steps ?? []).flatMap((s) =>
    s.coats.map((c) => ({ label: `${c.number}. ${c.part}: ${c.coat.toLowerCase()}`, value: c.number })),
  ),
)
const NEARNESS = [
  { label: 'hardly seen', value: 2 },
  { label: 'small', value: 4 },
  { label: 'plain', value: 8 },
]

watch(
  [() => planning.plan, () => planning.lamp],
  async () => {
    try {
      lost.value = await api.lost(planning.request, planning.lamp || 'daylight')
    } catch {
      lost.value = null
    }
  },
  { immediate: true },
)
watch([() => planning.plan, deltaE], () => (fewest.value = null))

async function search() {
  searching.value = true
  fewestProblem.value = ''
  try {
    fewest.value = await api.fewest(planning.request, deltaE.value)
  } catch (error) {
    fewestProblem.value = (error as Error).message
  } finally {
    searching.value = false
  }
}
</script>

<template>
  <div class="inspector">
    <header>
      <h2>Coats</h2>
      <p class="faint">Click a place to see what lies there, from the skin up.</p>
    </header>

    <div class="line">
      <span class="faint">Seen in</span>
      <n-select
        v-model:value="planning.lamp"
        size="small"
        :options="lamps"
        aria-label="Light"
        style="width: 190px"
      />
    </div>

    <n-checkbox v-model:checked="coats.showHiding">how well the base hides the skin</n-checkbox>
    <p v-if="coats.showHiding" class="faint">
      Green: the skin is hidden (under 2 ΔE00). Amber: it shines through a little. Red: too thin, another coat
      or a cast.
    </p>

    <section v-if="coats.core" class="group">
      <h3>Core at {{ coats.zone }}</h3>
      <ol class="core" aria-label="Layers from the top down">
        <li v-for="(layer, k) in [...coats.core].reverse()" :key="k">
          <span class="swatch" :style="{ background: layer.colour }" title="by day" />
          <span class="swatch" :style="{ background: layer.underLight }" title="under this light" />
          <span>
            {{ layer.part ? `${layer.part}: ${layer.coat.toLowerCase()}` : 'Bare skin' }}
            <span v-if="layer.paint" class="faint"
              >{{ layer.paint }}, {{ layer.filmUm }} µm dry, {{ layer.laid }}</span
            >
          </span>
        </li>
      </ol>
      <p class="faint">Left by day, right in this light; each as seen when it was the last.</p>
      <div class="everywhere" role="list" aria-label="The finished place under every lamp">
        <span
          v-for="(colour, k) in coats.core[coats.core.length - 1]!.everywhere"
          :key="k"
          role="listitem"
          class="swatch"
          :style="{ background: colour }"
          :title="catalogue.lamps[k]?.name"
          :aria-label="catalogue.lamps[k]?.name"
        />
      </div>
      <p class="faint">Finished, under every lamp of the list from daylight on.</p>
    </section>

    <section class="group">
      <h3>Before and after</h3>
      <n-select
        v-model:value="coats.compared"
        size="small"
        clearable
        placeholder="Choose a coat"
        :options="laid"
        aria-label="Coat to compare before and after"
      />
      <p v-if="coats.compared !== null" class="faint">Drag the line over the bust.</p>
    </section>

    <section class="group">
      <h3>Lost colours</h3>
      <p v-if="lost && lost.length === 0" class="good">Every neighbour stays apart in this light.</p>
      <ul class="pairs">
        <li v-for="(pair, k) in lost ?? []" :key="k">
          <span class="swatch" :style="{ background: pair.colourA }" />
          <span class="swatch" :style="{ background: pair.colourB }" />
          <span>
            {{ pair.partA }}: {{ pair.coatA.toLowerCase() }} and {{ pair.partB }}:
            {{ pair.coatB.toLowerCase() }}
            <span class="faint">
              differ by {{ pair.deltaEDay }} ΔE00 in daylight, by {{ pair.deltaELight }} here.
              {{
                pair.better
                  ? `${pair.better} would stay apart (${pair.deltaEBetter}).`
                  : 'No paint of the kit near it stays apart.'
              }}
            </span>
          </span>
        </li>
      </ul>
    </section>

    <section class="group">
      <h3>Fewest paints</h3>
      <div class="line">
        <n-select
          v-model:value="deltaE"
          size="small"
          :options="NEARNESS"
          aria-label="Difference allowed"
          style="width: 124px"
        />
        <span class="faint">difference, {{ deltaE }} ΔE00</span>
        <n-button size="small" :loading="searching" @click="search">Search</n-button>
      </div>
      <p v-if="fewestProblem" class="stop" role="alert">{{ fewestProblem }}</p>
      <template v-if="fewest">
        <p>
          <b>{{ fewest.paints.length }} paints</b> make the whole look{{
            fewest.proven ? '; no fewer can' : ''
          }}: {{ fewest.paints.join(', ') }}.
        </p>
        <ul class="pairs">
          <li v-for="c in fewest.colours.filter((one) => one.now.deltaE > 0.05)" :key="c.use">
            <span class="swatch" :style="{ background: c.was }" />
            <span class="swatch" :style="{ background: c.now.colour }" />
            <span>
              {{ c.use }}
              <span class="faint">
                {{ c.now.shares.map((s) => `${s.parts} ${s.name}`).join(' : ') }}, off by
                {{ c.now.deltaE }} ΔE00
              </span>
            </span>
          </li>
        </ul>
      </template>
    </section>
  </div>
</template>

<style scoped>
.core,
.pairs {
  list-style: none;
  margin: 0;
  padding: 0;
  display: grid;
  gap: 6px;
}

.core li,
.pairs li {
  display: grid;
  grid-template-columns: 20px 20px 1fr;
  gap: 6px;
  align-items: start;
}

.core .faint,
.pairs .faint {
  display: block;
}

.everywhere {
  display: flex;
  gap: 4px;
}

.swatch {
  width: 20px;
  height: 20px;
  border-radius: 4px;
  border: 1px solid rgba(128, 128, 128, 0.6);
}
</style>
