<script setup lang="ts">
/** A colour to look at. */
const { widthPx = 20, heightPx = widthPx } = defineProps<{
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
    :style="{ background: colour, width: `${widthPx}px`, height: `${heightPx}px` }"
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
