<script setup lang="ts">
import type { RecipeAnswer } from '../api/client'
import { say } from '../texts'

/** The colour wanted, the mix that comes nearest, and how it looks on this skin. */
defineProps<{ recipe: RecipeAnswer }>()
</script>

<template>
  <div class="answer">
    <span class="big" :style="{ background: recipe.wanted }"
      ><span>{{ say('recipePanel.wanted') }}</span></span
    >
    <span class="big" :style="{ background: recipe.best.colour }"
      ><span>{{ say('recipePanel.mix') }}</span></span
    >
    <span class="big" :style="{ background: recipe.best.onSkin }"
      ><span>{{ say('recipePanel.onThisSkin') }}</span></span
    >
  </div>
</template>

<style scoped>
.answer {
  display: grid;
  grid-template-columns: repeat(3, 1fr);
  border-radius: 9px;
  overflow: hidden;
}

.big {
  height: 66px;
  display: flex;
  align-items: end;
}

.big span {
  background: var(--chip);
  color: var(--on-picture);
  font-size: 12px;
  padding: 1px 6px;
}
</style>
