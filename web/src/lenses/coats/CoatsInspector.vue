<script setup lang="ts">
import FieldRow from '../../components/FieldRow.vue'
import { say } from '../../texts'
import ColourSwatch from '../../components/ColourSwatch.vue'
import FewestPaints from './FewestPaints.vue'
import { NCheckbox, NSelect } from 'naive-ui'
import { computed, ref, watch } from 'vue'
import { api, type LostPair } from '../../api/client'
import { useCatalogue } from '../../stores/catalogue'
import { useCoats } from '../../stores/coats'
import { usePlan } from '../../stores/plan'

const coats = useCoats()
const planning = usePlan()
const catalogue = useCatalogue()
const lost = ref<LostPair[] | null>(null)

const lamps = computed(() => [
  { label: say('coatsInspector.daylight'), value: '' },
  { label: `${catalogue.setting?.name ?? say('coatsInspector.theSetting')}`, value: 'setting' },
  ...catalogue.lamps.map((l) => ({ label: l.name, value: l.id })),
])
const laid = computed(() =>
  (planning.plan?.steps ?? []).flatMap((s) =>
    s.coats.map((c) => ({ label: `${c.number}. ${c.part}: ${c.coat.toLowerCase()}`, value: c.number })),
  ),
)

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
</script>

<template>
  <div class="inspector">
    <header>
      <h2>{{ say('coatsInspector.coats') }}</h2>
      <p class="faint">{{ say('coatsInspector.clickAPlaceToSeeWhat') }}</p>
    </header>

    <field-row :label="say('coatsInspector.seenIn')">
      <n-select
        v-model:value="planning.lamp"
        size="small"
        :options="lamps"
        :aria-label="say('coatsInspector.light')"
        style="width: 190px"
      />
    </field-row>

    <n-checkbox v-model:checked="coats.showHiding">{{
      say('coatsInspector.howWellTheBaseHidesThe')
    }}</n-checkbox>
    <p v-if="coats.showHiding" class="faint">
      {{ say('coatsInspector.greenTheSkinIsHiddenUnder') }}
    </p>

    <section v-if="coats.core" class="group">
      <h3>{{ say('coatsInspector.coreAt', { zone: coats.zone }) }}</h3>
      <ol class="pairs" :aria-label="say('coatsInspector.layersFromTheTopDown')">
        <li v-for="(layer, k) in [...coats.core].reverse()" :key="k">
          <colour-swatch :colour="layer.colour" :title="say('coatsInspector.byDay')" />
          <colour-swatch :colour="layer.underLight" :title="say('coatsInspector.underThisLight')" />
          <span>
            {{ layer.part ? `${layer.part}: ${layer.coat.toLowerCase()}` : say('coatsInspector.bareSkin') }}
            <span v-if="layer.paint" class="faint">{{
              say('coatsInspector.mDry', { paint: layer.paint, filmUm: layer.filmUm, laid: layer.laid })
            }}</span>
          </span>
        </li>
      </ol>
      <p class="faint">{{ say('coatsInspector.leftByDayRightInThis') }}</p>
      <div class="everywhere" role="list" :aria-label="say('coatsInspector.theFinishedPlaceUnderEveryLamp')">
        <colour-swatch
          v-for="(colour, k) in coats.core[coats.core.length - 1]!.everywhere"
          :key="k"
          :colour="colour"
          role="listitem"
          :title="catalogue.lamps[k]?.name"
          :aria-label="catalogue.lamps[k]?.name"
        />
      </div>
      <p class="faint">{{ say('coatsInspector.finishedUnderEveryLampOfThe') }}</p>
    </section>

    <section class="group">
      <h3>{{ say('coatsInspector.beforeAndAfter') }}</h3>
      <n-select
        v-model:value="coats.compared"
        size="small"
        clearable
        :placeholder="say('coatsInspector.chooseACoat')"
        :options="laid"
        :aria-label="say('coatsInspector.coatToCompareBeforeAndAfter')"
      />
      <p v-if="coats.compared !== null" class="faint">{{ say('coatsInspector.dragTheLineOverTheBust') }}</p>
    </section>

    <section class="group">
      <h3>{{ say('coatsInspector.lostColours') }}</h3>
      <p v-if="lost && lost.length === 0" class="good">
        {{ say('coatsInspector.everyNeighbourStaysApartInThis') }}
      </p>
      <ul class="pairs">
        <li v-for="(pair, k) in lost ?? []" :key="k">
          <colour-swatch :colour="pair.colourA" />
          <colour-swatch :colour="pair.colourB" />
          <span>
            {{
              say('coatsInspector.and', {
                partA: pair.partA,
                toLowerCase: pair.coatA.toLowerCase(),
                partB: pair.partB,
                toLowerCase2: pair.coatB.toLowerCase(),
              })
            }}
            <span class="faint">
              {{
                say('coatsInspector.differBye00InDaylightBy', {
                  deltaEDay: pair.deltaEDay,
                  deltaELight: pair.deltaELight,
                  apart: pair.better
                    ? say('coatsInspector.wouldStayApart', {
                        better: pair.better,
                        deltaEBetter: pair.deltaEBetter,
                      })
                    : say('coatsInspector.noPaintOfTheKitNear'),
                })
              }}
            </span>
          </span>
        </li>
      </ul>
    </section>

    <fewest-paints />
  </div>
</template>

<style scoped src="./pairs.css" />

<style scoped>
.everywhere {
  display: flex;
  gap: 4px;
}
</style>
