<script setup lang="ts">
import { NButton, NSwitch } from 'naive-ui'
import { computed, ref } from 'vue'
import { api, type RecipeAnswer } from '../api/client'
import { useLatest } from '../lib/latest'
import { meanOf } from '../lib/photo'
import { recipeWords } from '../lib/recipe'
import { labOf } from '../lib/skinDial'
import type { Spot } from '../lib/trace'
import { useCatalogue } from '../stores/catalogue'
import { useLook } from '../stores/look'
import { usePreferences } from '../stores/preferences'
import { useSession } from '../stores/session'
import { say } from '../texts'
import RecipeSwatches from './RecipeSwatches.vue'

/** A colour off the picture in hand: the mix of the kit that comes nearest, for a coat of the selected part. */
const preferences = usePreferences()
const catalogue = useCatalogue()
const lookDoc = useLook()
const session = useSession()
const asking = useLatest()
const byWhite = ref(false)
const white = ref<[number, number, number] | null>(null)
const spot = ref<Spot | null>(null)
const recipe = ref<RecipeAnswer | null>(null)
const problem = ref('')

const coats = computed(() =>
  lookDoc.part
    ? (catalogue.kindOf(lookDoc.part.kind)?.roles ?? []).map((r) => ({ id: r.id, label: r.label }))
    : [],
)
const name = computed(() =>
  lookDoc.part ? (lookDoc.part.name ?? catalogue.kindOf(lookDoc.part.kind)?.label ?? '') : '',
)

async function at(where: Spot, pixels: HTMLCanvasElement) {
  const rgb = meanOf(pixels, where.x, where.y)
  spot.value = where
  problem.value = ''
  if (byWhite.value && !white.value) {
    white.value = rgb
    return
  }
  try {
    const found = await asking.ask(async () => {
      const { colour } = await api.photoColour(rgb, byWhite.value ? white.value : null)
      return api.recipe(preferences.kit, preferences.face, labOf(colour), false, false, null)
    })
    if (found) recipe.value = found
  } catch (error) {
    recipe.value = null
    problem.value = (error as Error).message
    white.value = null
  }
}

function measure(on: boolean) {
  byWhite.value = on
  white.value = null
  recipe.value = null
}

/** A coat of the selected part is painted with the mix. */
function paint(role: string) {
  const part = lookDoc.part
  if (!part || !recipe.value) return
  const mix = recipe.value.best.shares.map((s) => ({ paint: s.paint, parts: s.parts }))
  lookDoc.edit(part.id, { paints: { ...part.paints, [role]: mix } })
}

defineExpose({ at, spot })
</script>

<template>
  <div class="colour">
    <div class="row">
      <span>{{ byWhite && !white ? say('references.pointAtWhite') : say('references.pointAtAColour') }}</span>
      <label :title="say('references.asAWhite')"
        >{{ say('references.byAWhite') }}
        <n-switch
          size="small"
          :value="byWhite"
          :aria-label="say('references.byAWhite')"
          @update:value="measure"
      /></label>
    </div>
    <p v-if="problem" class="stop" role="alert">{{ problem }}</p>
    <template v-if="recipe">
      <recipe-swatches :recipe="recipe" />
      <p>
        <b>{{ recipeWords(recipe.best) }}</b>{{ ' ' }}
        <span class="faint">{{ say('references.off', { deltaE: recipe.best.deltaE }) }}</span>
      </p>
      <div v-if="session.canChange" class="row">
        <span v-if="!lookDoc.part" class="faint">{{ say('references.selectAPart') }}</span>
        <n-button v-for="c in coats" :key="c.id" size="small" @click="paint(c.id)">{{
          say('references.paintWithIt', { coat: `${name}, ${c.label.toLowerCase()}` })
        }}</n-button>
      </div>
    </template>
  </div>
</template>

<style scoped>
.colour {
  display: grid;
  gap: 8px;
}

.row {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 6px 14px;
}

label {
  display: flex;
  align-items: center;
  gap: 8px;
}

p {
  margin: 0;
}
</style>
