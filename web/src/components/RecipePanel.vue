<script setup lang="ts">
import FieldRow from './FieldRow.vue'
import { say } from '../texts'
import { NSelect, NSwitch } from 'naive-ui'
import { computed, ref, toRef, watch } from 'vue'
import { api, type Cast, type PaintOnSkin, type RecipeAnswer, type Wash } from '../api/client'
import { useLatest } from '../lib/latest'
import { recipeWords } from '../lib/recipe'
import { useCatalogue } from '../stores/catalogue'
import { usePreferences } from '../stores/preferences'
import LabFields from './LabFields.vue'
import NamedSlider from './NamedSlider.vue'
import PhotoPicker from './PhotoPicker.vue'
import RecipeSwatches from './RecipeSwatches.vue'

const SEARCH_AFTER_MS = 200

/** The nearest mix to a wanted colour, its shadow and wash, and how thin a paint casts this skin to a lightness. */
const props = defineProps<{ paints: PaintOnSkin[] }>()

const catalogue = useCatalogue()
const preferences = usePreferences()
const wanted = ref({ l: 45, a: -30, b: 22 })
const eyes = ref(false)
const lips = ref(false)
const without = ref<string | null>(null)
const recipe = ref<RecipeAnswer | null>(null)
const recipeProblem = ref('')
const wash = ref<Wash | null>(null)
const castPaint = ref<string | null>(null)
const castL = ref(50)
const cast = ref<Cast | null>(null)
const castProblem = ref('')
const searching = useLatest()

const paints = toRef(props, 'paints')
const paintOptions = computed(() => paints.value.map((p) => ({ label: p.name, value: p.id })))

watch(
  [wanted, eyes, lips, without, () => preferences.kit, () => preferences.face, () => catalogue.kits],
  () => {
    searching.later(SEARCH_AFTER_MS, async () => {
      const asked = [
        preferences.kit,
        preferences.face,
        wanted.value,
        eyes.value,
        lips.value,
        without.value,
      ] as const
      try {
        const found = await searching.ask(() => Promise.all([api.recipe(...asked), api.wash(...asked)]))
        if (found) [recipe.value, wash.value] = found
        recipeProblem.value = ''
      } catch (error) {
        recipe.value = wash.value = null
        recipeProblem.value = (error as Error).message
      }
    })
  },
  { deep: true, immediate: true },
)

watch(
  paints,
  (now) => {
    if (!now.some((p) => p.id === castPaint.value)) castPaint.value = now[0]?.id ?? null
  },
  { immediate: true },
)

watch(
  [castPaint, castL, paints],
  async () => {
    if (!castPaint.value) return
    try {
      cast.value = await api.cast(preferences.kit, preferences.face, castPaint.value, castL.value)
      castProblem.value = ''
    } catch (error) {
      cast.value = null
      castProblem.value = (error as Error).message
    }
  },
  { immediate: true },
)
</script>

<template>
  <section class="recipe" :aria-label="say('recipePanel.recipe')">
    <h2>{{ say('recipePanel.mixAColour') }}</h2>
    <p class="faint">{{ say('recipePanel.cielabAsReadOffASample') }}</p>
    <lab-fields v-model="wanted" :name="say('recipePanel.wantedColour')" />
    <div>
      <photo-picker
        :what="say('recipePanel.theSample')"
        :label="say('recipePanel.fromAPhoto')"
        @picked="(c) => (wanted = c)"
      />
    </div>
    <field-row :label="say('recipePanel.labelledForTheEyeArea')">
      <n-switch v-model:value="eyes" :aria-label="say('recipePanel.labelledForTheEyeArea')" />
    </field-row>
    <field-row :label="say('recipePanel.labelledForLips')">
      <n-switch v-model:value="lips" :aria-label="say('recipePanel.labelledForLips')" />
    </field-row>
    <field-row :label="say('recipePanel.without')">
      <n-select
        v-model:value="without"
        size="small"
        :options="paintOptions"
        clearable
        :placeholder="say('recipePanel.aPaintThatIsEmpty')"
        :aria-label="say('recipePanel.withoutThisPaint')"
        style="width: 65%"
      />
    </field-row>
    <p v-if="recipeProblem" class="stop" role="alert">{{ recipeProblem }}</p>
    <template v-if="recipe">
      <recipe-swatches :recipe="recipe" />
      <p>
        <b>{{ recipeWords(recipe.best) }}</b><br />
        <span class="faint">{{
          say('recipePanel.e00FromTheWantedColourTwo', { deltaE: recipe.best.deltaE })
        }}</span>
      </p>
      <p v-if="recipe.best.shares.length > 1">
        <span class="paint-dot" :style="{ background: recipe.single.colour }" />
        {{ say('recipePanel.unmixed', { name: recipe.single.shares[0]?.name }) }}
        <span class="faint">{{ recipe.single.deltaE }} ΔE00</span>
      </p>
    </template>
    <template v-if="recipe && wash">
      <p>
        <span class="paint-dot" :style="{ background: recipe.deeper.colour }" />
        {{ say('recipePanel.forItsShadows', { deeper: recipeWords(recipe.deeper) }) }}
      </p>
      <p>
        <span class="paint-dot" :style="{ background: wash.seen }" />
        {{
          say('recipePanel.asAWashOnThisSkin', {
            wash: recipeWords(wash),
            share: Math.round(100 * wash.share),
            filmUm: wash.filmUm,
          })
        }}
        <span class="faint">{{ wash.deltaE }} ΔE00</span>
      </p>
    </template>
    <h2>{{ say('recipePanel.castInsteadOfCover') }}</h2>
    <p class="faint">{{ say('recipePanel.aThinFilmThatOnlyShifts') }}</p>
    <n-select
      v-model:value="castPaint"
      size="small"
      :options="paintOptions"
      :aria-label="say('recipePanel.paintOfTheCast')"
    />
    <field-row :label="say('recipePanel.toL')">
      <named-slider
        v-model:value="castL"
        :min="5"
        :max="95"
        :step="1"
        :label="say('recipePanel.lightnessOfTheCast')"
        style="width: 150px"
      />
      <span class="figure">{{ castL }}</span>
    </field-row>
    <p v-if="castProblem" class="stop" role="alert">{{ castProblem }}</p>
    <p v-else-if="cast?.filmUm != null">
      <span class="paint-dot" :style="{ background: cast.seen ?? '' }" />
      <b>{{ say('recipePanel.mDry', { filmUm: cast.filmUm }) }}</b>{{
        say('recipePanel.ofAUsualCoatBareSkin', {
          share: Math.round(100 * (cast.share ?? 0)),
          skinL: cast.skinL,
        })
      }}
    </p>
    <p v-else-if="cast" class="warning">
      {{ say('recipePanel.thisPaintTakesThisSkinFrom', { skinL: cast.skinL, opaqueL: cast.opaqueL }) }}
    </p>
    <p class="faint">
      {{ say('recipePanel.mixOnACleanPaletteCosmetic') }}
    </p>
  </section>
</template>

<style scoped>
.recipe {
  display: grid;
  gap: 10px;
  background: var(--ground);
  border-radius: 12px;
  padding: 16px;
}
</style>
