<script setup lang="ts">
import { say } from '../texts'
import { computed } from 'vue'
import type { Caution } from '../api/client'
import { MENDING_NAMES } from '../lib/mendingNames'
import { asked } from '../lib/mendings'
import { useMapping } from '../stores/mapping'
import { useLook } from '../stores/look'
import { useSelection } from '../stores/selection'

const props = defineProps<{ caution: Caution }>()

const lookDoc = useLook()
const selection = useSelection()
const mapping = useMapping()
const leads = computed(() => Boolean(props.caution.at ?? props.caution.parts[0]))

/** Selects the part and turns the bust to the place. */
function jump() {
  const { at, parts } = props.caution
  const part = lookDoc.look.parts.find((p) => parts.some((named) => named.id === p.id))
  if (part) selection.selected = part.id
  if (at) mapping.spot = { x: at.xMm ?? 0, y: at.yMm ?? 0 }
}

/** A preparing or mending step that would help, for every coat it is told of. */
function mend() {
  lookDoc.describe({
    mendings: props.caution.remedies.reduce(
      (all, r) => asked(all, r.kind, r.coat),
      lookDoc.look.mendings ?? [],
    ),
  })
}
</script>

<template>
  <p class="caution" :class="caution.severity">
    {{ caution.sentence }}
    <button v-if="leads" @click="jump">{{ say('cautionLine.showWhere') }}</button>
    <button v-if="caution.remedies.length" @click="mend">
      {{ say('cautionLine.mend', { name: MENDING_NAMES[caution.remedies[0]!.kind] }) }}
    </button>
  </p>
</template>

<style scoped>
.caution.note {
  color: var(--faint);
}

.caution.warning {
  color: var(--warning);
}

.caution.stop {
  color: var(--stop);
}

button {
  border: 0;
  background: none;
  padding: 4px 2px;
  min-height: 32px;
  color: var(--accent);
  text-decoration: underline;
  cursor: pointer;
  white-space: nowrap;
}
</style>
