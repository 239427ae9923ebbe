<script setup lang="ts">
import { NButton, NInput } from 'naive-ui'
import { ref } from 'vue'
import { api, type Caution } from '../api/client'
import { LETTERS } from '../api/limits'
import { useAttempt } from '../lib/attempt'
import { isOfWearer, passing, unpassing } from '../lib/passedStops'
import { useLook } from '../stores/look'
import { usePlan } from '../stores/plan'
import { usePreferences } from '../stores/preferences'
import { say } from '../texts'

/** A stop is passed with a reason in the painter's own words, and taken back with a click. */
const props = defineProps<{ caution: Caution }>()

// As the service has it (PassedStop.LeastLetters).
const LEAST = 4
const lookDoc = useLook()
const planning = usePlan()
const preferences = usePreferences()
const attempt = useAttempt()
/** The reason that is being written; null while nobody passes it. */
const words = ref<string | null>(null)

/** What the wearer brings is passed on the wearer's card, the rest with the look. */
async function put(change: typeof passing | typeof unpassing) {
  const reason = words.value?.trim() ?? ''
  if (!isOfWearer(props.caution)) {
    lookDoc.describe({ passed: change(lookDoc.look.passed ?? [], props.caution, reason) })
    words.value = null
    return
  }
  const done = await attempt(async () => {
    const { revision, card } = await api.wearerCard(preferences.face)
    await api.saveWearerCard(preferences.face, revision, {
      ...card,
      passed: change(card.passed ?? [], props.caution, reason),
    })
    await planning.replan()
  })
  if (done) words.value = null
}
</script>

<template>
  <span v-if="caution.passed !== null">
    <b>{{ say('cautionLine.passed', { words: caution.passed }) }}</b>
    <button class="deed" @click="put(unpassing)">{{ say('cautionLine.takeBack') }}</button>
  </span>
  <button v-else-if="words === null" class="deed" @click="words = ''">{{ say('cautionLine.passIt') }}</button>
  <form v-else class="pass" @submit.prevent="put(passing)">
    <n-input
      v-model:value="words"
      size="small"
      :maxlength="LETTERS.PassedStop.words"
      :placeholder="say('cautionLine.why')"
      :input-props="{ 'aria-label': say('cautionLine.why') }"
    />
    <n-button size="small" attr-type="submit" :disabled="words.trim().length < LEAST">{{
      say('cautionLine.pass')
    }}</n-button>
    <n-button size="small" quaternary @click="words = null">{{ say('cautionLine.leave') }}</n-button>
  </form>
</template>

<style scoped>
.pass {
  display: grid;
  grid-template-columns: auto auto 1fr;
  gap: 6px;
  margin: 4px 0 8px;
}

.pass > :first-child {
  grid-column: 1 / -1;
}
</style>
