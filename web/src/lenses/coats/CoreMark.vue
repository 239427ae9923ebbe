<script setup lang="ts">
import { computed } from 'vue'
import { useCoats } from '../../stores/coats'
import { onSkin, type OverSkin } from '../../three/onSkin'

/** Where the core of films is taken. */
const props = defineProps<OverSkin>()

const coats = useCoats()
const place = onSkin(props)
const at = computed(() => place(coats.at))
</script>

<template>
  <circle v-if="at" class="held" :cx="at.x" :cy="at.y" r="6" />
</template>

<style scoped>
.held {
  fill: none;
  stroke: var(--mark);
  stroke-width: 2.5;
}
</style>
