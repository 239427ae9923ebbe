<script setup lang="ts">
import { NSlider } from 'naive-ui'
import { onMounted, ref, watch } from 'vue'

defineOptions({ inheritAttrs: false })
const props = defineProps<{ label: string }>()

const root = ref<HTMLElement | null>(null)

// The library puts attributes on the slider's frame; the name belongs on the handle, which is what a screen reader meets.
function name() {
  root.value?.querySelector('[role=slider]')?.setAttribute('aria-label', props.label)
}

onMounted(name)
watch(() => props.label, name)
</script>

<template>
  <div ref="root" :style="$attrs.style as string" :class="$attrs.class">
    <n-slider v-bind="{ ...$attrs, style: undefined, class: undefined }" :tooltip="false" />
  </div>
</template>
