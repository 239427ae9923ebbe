<script setup lang="ts">
import { onBeforeUnmount } from 'vue'
import { pedal, type PedalKey } from '../lib/chairPedal'
import { say } from '../texts'

/** A pedal that is not there: sends the keys of one to the chair in another window of this browser. */
const sent = pedal()
const PADS: { key: PedalKey; label: string }[] = [
  { key: 'PageUp', label: say('pedal.back') },
  { key: 'PageDown', label: say('pedal.on') },
  { key: 'b', label: say('pedal.drop') },
]

onBeforeUnmount(() => sent.close())
</script>

<template>
  <div class="pedal">
    <p class="faint">{{ say('pedal.what') }}</p>
    <div class="pads">
      <button
        v-for="pad in PADS"
        :key="pad.key"
        @pointerdown="sent.press(pad.key, true)"
        @pointerup="sent.press(pad.key, false)"
        @pointerleave="sent.press(pad.key, false)"
        @keydown.space.prevent="sent.press(pad.key, true)"
        @keyup.space.prevent="sent.press(pad.key, false)"
      >
        {{ pad.label }}
      </button>
    </div>
  </div>
</template>

<style scoped>
.pedal {
  display: grid;
  gap: 12px;
  padding: 24px;
}

.pads {
  display: grid;
  grid-template-columns: repeat(3, 1fr);
  gap: 16px;
}

button {
  min-height: 40vh;
  border: 2px solid var(--line);
  border-radius: 18px;
  background: var(--ground);
  color: var(--ink);
  font: inherit;
  font-size: 26px;
  touch-action: none;
}

button:active {
  border-color: var(--accent);
  background: var(--accent-soft);
}
</style>
