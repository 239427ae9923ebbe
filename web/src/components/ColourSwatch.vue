<script setup lang="ts">
/** A colour to look at, square when it is given no height. */
const { widthPx = 20, heightPx = undefined } = defineProps<{
  colour: string
  widthPx?: number
  heightPx?: number
  round?: boolean
}>()
</script>

<template>
  <span
    class="swatch"
    :class="{ round }"
    :style="{ background: colour, width: `${widthPx}px`, height: `${heightPx ?? widthPx}px` }"
  />
</template>

<style scoped>
.swatch {
  display: inline-block;
  flex: none;
  border-radius: 4px;
  border: 1px solid var(--swatch-line);
}

.round {
  border-radius: 50%;
}
</style>
