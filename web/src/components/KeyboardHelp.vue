<script setup lang="ts">
import { NModal } from 'naive-ui'
import { onBeforeUnmount, onMounted, ref } from 'vue'
import { isTyping } from '../lib/keys'

const shown = ref(false)

const KEYS: [string, string][] = [
  ['1', 'Bust from the front'],
  ['2 · 3', 'Left and right three-quarter'],
  ['4 · 5', 'Left and right side'],
  ['← →', 'Go from step to step; with the bust clicked and no part selected, turn it'],
  ['[ · ]', 'Turn the bust'],
  ['← → ↑ ↓', 'With the bust clicked: move the selected part by 1 mm, with Shift by 5 mm'],
  ['M', 'Map lens: outlines, dots, tape'],
  ['C', 'Coats lens: what lies where, and how it looks in which light'],
  ['R', 'Order lens: minutes, waits and poses, why a step stands where it does, what fits the slot'],
  ['O', 'Form lens: what to darken and lighten so that the form reads'],
  ['T', 'Tape between two places, in the Map lens'],
  ['A', 'Add a part: search the library by word or zone'],
  ['Delete', 'Remove the selected part'],
  ['Ctrl Z · Ctrl Y', 'Undo, redo'],
  ['Ctrl S', 'Save now'],
  ['F', 'Show the finished face'],
  ['Esc', 'Let go of the selection'],
  ['?', 'This help'],
]

function onKey(event: KeyboardEvent) {
  if (event.key === '?' && !isTyping(event)) shown.value = !shown.value
}

onMounted(() => window.addEventListener('keydown', onKey))
onBeforeUnmount(() => window.removeEventListener('keydown', onKey))
</script>

<template>
  <n-modal v-model:show="shown" preset="card" title="Keys" style="width: 440px" aria-label="Keyboard help">
    <dl class="keys">
      <template v-for="[key, what] in KEYS" :key="key">
        <dt>{{ key }}</dt>
        <dd>{{ what }}</dd>
      </template>
    </dl>
  </n-modal>
</template>

<style scoped>
.keys {
  display: grid;
  grid-template-columns: max-content 1fr;
  gap: 8px 18px;
  margin: 0;
}

dt {
  font-weight: 700;
}

dd {
  margin: 0;
}
</style>
