<script setup lang="ts">
import { computed, ref } from 'vue'
import { useDrawing } from '../stores/drawing'
import { useLook } from '../stores/look'
import { usePlan } from '../stores/plan'
import { say } from '../texts'
import { onSkin, type OverSkin } from '../three/onSkin'
import { useHeld } from '../three/useHeld'

/** The painter's own points of the selected part, dragged on the skin. */
const props = defineProps<OverSkin>()

const lookDoc = useLook()
const planning = usePlan()
const drawing = useDrawing()
const place = onSkin(props)
const { held, grab, drop } = useHeld<number>()
const under = ref<{ x: number; y: number } | null>(null)

const points = computed(() => {
  const flat = lookDoc.part?.drawn ? (planning.planPart?.ownPoints ?? []) : []
  const shown = []
  for (let k = 0; 2 * k < flat.length; k++) {
    const at = place(held.value === k && under.value ? under.value : { x: flat[2 * k]!, y: flat[2 * k + 1]! })
    if (at) shown.push({ k, ...at })
  }
  return shown
})

async function drag(event: PointerEvent) {
  const at = held.value === null ? null : props.scene?.pick(event)
  if (!at || !lookDoc.part) return
  under.value = at
  await drawing.move(lookDoc.part.id, held.value!, at, !event.altKey)
}

function letGo() {
  under.value = null
  drop()
}
</script>

<template>
  <g
    v-for="p in points"
    :key="p.k"
    class="point"
    :data-point="p.k + 1"
    :transform="`translate(${p.x} ${p.y})`"
    @pointerdown="grab($event, p.k)"
    @pointermove="drag"
    @pointerup="letGo"
    @pointercancel="letGo"
  >
    <circle class="reach" r="14" />
    <circle class="knob" r="5" />
    <text x="8" y="-7">{{ p.k + 1 }}</text>
    <title>{{ say('partPoints.point', { n: p.k + 1 }) }}</title>
  </g>
</template>

<style scoped>
.point {
  pointer-events: auto;
  cursor: grab;
  touch-action: none;
}

.reach {
  fill: transparent;
}

.knob {
  fill: var(--mark);
  stroke: var(--on-picture);
  stroke-width: 1.5;
}

text {
  fill: var(--on-picture);
  font-size: 12px;
  font-weight: 600;
  paint-order: stroke;
  stroke: var(--halo);
  stroke-width: 3px;
}
</style>
