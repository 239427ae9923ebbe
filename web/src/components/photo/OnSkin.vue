<script setup lang="ts">
import { onMounted, ref, watch } from 'vue'
import type { PhotoOnSkin } from '../../api/client'
import { laidOnSkin } from '../../lib/laidOnSkin'
import { pixelsOf, type Shot } from '../../lib/shots'
import { say } from '../../texts'

/** A photo laid flat on the skin chart. */
const props = defineProps<{ shot: Shot; grid: PhotoOnSkin }>()
const PER_MM = 2
const canvas = ref<HTMLCanvasElement | null>(null)

function draw() {
  const laid = laidOnSkin(pixelsOf(props.shot.canvas), props.grid, PER_MM)
  canvas.value!.width = laid.width
  canvas.value!.height = laid.height
  canvas
    .value!.getContext('2d')!
    .putImageData(new ImageData(new Uint8ClampedArray(laid.data), laid.width, laid.height), 0, 0)
}

onMounted(draw)
watch(() => [props.shot, props.grid], draw)
</script>

<template>
  <canvas ref="canvas" role="img" :aria-label="say('over.laidOnSkin')" />
</template>

<style scoped>
canvas {
  display: block;
  width: 100%;
  max-height: 66vh;
  object-fit: contain;
  background: var(--surround);
  border-radius: 6px;
}
</style>
