<script setup lang="ts">
import { say } from '../texts'
import DialogBox from './DialogBox.vue'
import { useEventListener } from '@vueuse/core'
import { ref } from 'vue'
import { LENSES } from '../lenses/registry'
import { isTyping } from '../lib/keys'
import { SHORTCUTS } from '../lib/shortcuts'

const shown = ref(false)

const KEYS = [
  ...LENSES.map((l) => ({ shown: l.key.toUpperCase(), does: l.does })),
  ...SHORTCUTS.map((s) => ({ shown: s.shown as string, does: s.does as string })),
]

function onKey(event: KeyboardEvent) {
  if (event.key === '?' && !isTyping(event)) shown.value = !shown.value
}

useEventListener('keydown', onKey)
</script>

<template>
  <dialog-box v-model:show="shown" :title="say('keyboardHelp.keys')" :width-px="860">
    <dl class="keys">
      <div v-for="k in KEYS" :key="k.shown">
        <dt>{{ k.shown }}</dt>
        <dd>{{ k.does }}</dd>
      </div>
    </dl>
    <p class="faint made">
      <a href="/notices.txt" target="_blank">{{ say('keyboardHelp.whatDaturaIsMadeWithAnd') }}</a>
    </p>
  </dialog-box>
</template>

<style scoped>
.keys {
  columns: 340px 2;
  column-gap: 32px;
  margin: 0;
}

.keys > div {
  display: grid;
  grid-template-columns: 92px 1fr;
  gap: 14px;
  padding-bottom: 7px;
  break-inside: avoid;
}

a {
  color: inherit;
}

.made {
  margin: 18px 0 0;
}

dt {
  font-weight: 700;
}

dd {
  margin: 0;
}
</style>
