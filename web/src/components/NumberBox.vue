<script setup lang="ts">
import { NInputNumber } from 'naive-ui'
import { ref, watchPostEffect } from 'vue'
import { say } from '../texts'

/** A number whose buttons for less and more have names too, for those who hear the screen; all else as the library has it. */
const props = defineProps<{ value?: number | null; says: string }>()
const emit = defineEmits<{ 'update:value': [value: number | null] }>()
const box = ref<{ $el: HTMLElement } | null>(null)

// The library draws the two without words, the one for less first.
watchPostEffect(() => {
  const names = [say('numberBox.less', { of: props.says }), say('numberBox.more', { of: props.says })]
  box.value?.$el.querySelectorAll('button').forEach((b, k) => b.setAttribute('aria-label', names[k]!))
})
</script>

<template>
  <n-input-number
    ref="box"
    :value="value"
    :input-props="{ 'aria-label': says }"
    @update:value="(v: number | null) => emit('update:value', v)"
  >
    <template v-for="(_, name) in $slots" #[name]><slot :name="name" /></template>
  </n-input-number>
</template>
