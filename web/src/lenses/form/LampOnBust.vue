<script setup lang="ts">
import { say } from '../../texts'
import { computed, ref } from 'vue'
import type { SkinScene } from '../../three/SkinScene'
import { useForm } from '../../stores/form'
import { useSelection } from '../../stores/selection'

/** The lamp that the painting pretends, to be dragged round the head on the bust itself. */
const props = defineProps<{ scene: SkinScene | null; tick: number }>()
const form = useForm()
const selection = useSelection()
const held = ref(false)

const lamp = computed(() => {
  void props.tick
  const wish = form.wish
  return wish && props.scene
    ? props.scene.lampToCanvas(wish.pretended.azimuthDeg, wish.pretended.elevationDeg)
    : null
})

function move(event: PointerEvent) {
  if (!held.value || !props.scene || !form.wish) return
  const box = (event.currentTarget as HTMLElement).parentElement!.getBoundingClientRect()
  const place = props.scene.canvasToLamp(event.clientX - box.left, event.clientY - box.top)
  form.change({ pretended: { ...form.wish.pretended, ...place } }, 'pretended')
}

function press(event: PointerEvent) {
  held.value = true
  ;(event.currentTarget as HTMLElement).setPointerCapture(event.pointerId)
  selection.holdLamp(true)
}

function release() {
  if (!held.value) return
  held.value = false
  selection.holdLamp(false)
}
</script>

<template>
  <button
    v-if="lamp"
    class="lamp"
    :class="{ behind: !lamp.near }"
    :style="{ left: `${lamp.x}px`, top: `${lamp.y}px` }"
    tabindex="-1"
    :aria-label="say('lampOnBust.lampDragItRoundTheHead')"
    :title="
      lamp.near ? say('lampOnBust.dragTheLampRoundTheHead') : say('lampOnBust.theLampStandsBehindDragIt')
    "
    @pointerdown="press"
    @pointermove="move"
    @pointerup="release"
    @pointercancel="release"
  />
</template>

<style scoped>
.lamp {
  position: absolute;
  width: 30px;
  height: 30px;
  margin: -15px 0 0 -15px;
  border-radius: 50%;
  border: 2px solid var(--on-picture);
  background: radial-gradient(var(--on-picture) 25%, var(--lamp) 60%);
  box-shadow: 0 0 18px 5px var(--lamp-glow);
  cursor: grab;
  touch-action: none;
  padding: 0;
}

.lamp.behind {
  background: var(--lamp-off);
  box-shadow: none;
  opacity: 0.75;
}
</style>
