<script setup lang="ts">
import { NButton } from 'naive-ui'
import { ref } from 'vue'

/** A button that asks for a file. The same file can be chosen again: after a mistake in it was mended, it usually is. */
defineProps<{
  /** What the button says. */
  label: string
  /** What a screen reader says of the file asked for. */
  says: string
  /** Kinds of files offered, as in the browser's own `accept`. */
  accept: string
  size?: 'small' | 'medium'
  loading?: boolean
}>()
const emit = defineEmits<{ chosen: [file: File] }>()

const input = ref<HTMLInputElement | null>(null)

function chosen() {
  const file = input.value?.files?.[0]
  if (file) emit('chosen', file)
  input.value!.value = ''
}
</script>

<template>
  <n-button :size="size" :loading="loading" @click="input?.click()">{{ label }}</n-button>
  <input ref="input" type="file" :accept="accept" hidden :aria-label="says" @change="chosen" />
</template>
