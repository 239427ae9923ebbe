<script setup lang="ts">
import { computed } from 'vue'
import { useRouter } from 'vue-router'
import type { Caution } from '../api/client'
import { MENDING_NAMES } from '../lib/mendingNames'
import { asked } from '../lib/mendings'
import { useLook } from '../stores/look'
import { useMapping } from '../stores/mapping'
import { usePreferences } from '../stores/preferences'
import { useSelection } from '../stores/selection'
import { useView } from '../stores/view'
import { say } from '../texts'
import PassStop from './PassStop.vue'

const props = defineProps<{ caution: Caution }>()

const lookDoc = useLook()
const selection = useSelection()
const mapping = useMapping()
const preferences = usePreferences()
const view = useView()
const router = useRouter()

/** Where else than on the skin it is put right. */
const PLACES: Partial<Record<Caution['place'], string>> = {
  face: say('cautionLine.atFace'),
  card: say('cautionLine.atCard'),
  kit: say('cautionLine.atKit'),
  setting: say('cautionLine.atSetting'),
}
const leads = computed(() => Boolean(props.caution.at ?? props.caution.parts[0]))
const place = computed(() => PLACES[props.caution.place])

/** Selects the part and turns the bust to the place. */
function jump() {
  const { at, parts } = props.caution
  const part = lookDoc.look.parts.find((p) => parts.some((named) => named.id === p.id))
  if (part) selection.selected = part.id
  if (at) mapping.spot = { x: at.xMm ?? 0, y: at.yMm ?? 0 }
}

/** Leads to what it comes from. */
async function go() {
  if (props.caution.place === 'setting') view.placing = true
  else if (props.caution.place === 'kit') await router.push('/kit')
  else
    await router.push({
      path: `/faces/${preferences.face}`,
      hash: props.caution.place === 'card' ? '#card' : '',
    })
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
  <div class="caution" :class="caution.passed === null ? caution.severity : 'note'">
    {{ caution.sentence }}
    <button v-if="leads" class="deed" @click="jump">{{ say('cautionLine.showWhere') }}</button>
    <button v-if="place" class="deed" @click="go">{{ place }}</button>
    <button v-if="caution.remedies.length" class="deed" @click="mend">
      {{ say('cautionLine.mend', { name: MENDING_NAMES[caution.remedies[0]!.kind] }) }}
    </button>
    <pass-stop v-if="caution.severity === 'stop'" :caution="caution" />
  </div>
</template>

<style scoped>
.caution {
  margin: 0 0 8px;
}

.caution.note {
  color: var(--faint);
}

.caution.warning {
  color: var(--warning);
}

.caution.stop {
  color: var(--stop);
}
</style>
