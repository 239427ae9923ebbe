<script setup lang="ts">
import { NButton, NInput } from 'naive-ui'
import { ref } from 'vue'
import type { Case } from '../api/client'
import { LETTERS } from '../api/limits'
import { today } from '../lib/format'
import { useSession } from '../stores/session'
import { say } from '../texts'
import DayField from './DayField.vue'

/** What was cleaned when; the newest on top. */
const log = defineModel<Case['cleaned']>({ required: true })

const session = useSession()
const what = ref('')
const on = ref<string | null>(today())

function note() {
  const words = what.value.trim()
  if (!words) return
  log.value = [...(log.value ?? []), { on: on.value ?? today(), what: words }]
  what.value = ''
}

const takeOut = (k: number) => (log.value = (log.value ?? []).filter((_, n) => n !== k))
</script>

<template>
  <section :aria-label="say('hygiene.log')">
    <h3>{{ say('hygiene.log') }}</h3>
    <form v-if="session.canChange" @submit.prevent="note">
      <day-field v-model="on" :says="say('hygiene.log')" :max="today()" />
      <n-input
        v-model:value="what"
        size="small"
        :maxlength="LETTERS.Cleaning.what"
        :placeholder="say('hygiene.clean')"
        :input-props="{ 'aria-label': say('hygiene.clean') }"
      />
      <n-button size="small" attr-type="submit" :disabled="!what.trim()">{{ say('hygiene.note') }}</n-button>
    </form>
    <p v-if="!log?.length" class="faint">{{ say('hygiene.nothingYet') }}</p>
    <ul v-else>
      <li v-for="(entry, k) in [...log].reverse()" :key="k">
        <span class="faint">{{ entry.on }}</span> {{ entry.what }}
        <button
          v-if="session.canChange"
          :aria-label="say('hygiene.takeOut', { on: entry.on })"
          @click="takeOut(log!.length - 1 - k)"
        >
          ×
        </button>
      </li>
    </ul>
  </section>
</template>

<style scoped>
h3 {
  margin: 16px 0 4px;
}

form {
  display: grid;
  grid-template-columns: auto minmax(120px, 1fr) auto;
  gap: 8px;
  max-width: 560px;
}

ul {
  list-style: none;
  margin: 6px 0;
  padding: 0;
}

li button {
  border: 0;
  background: none;
  font-size: 16px;
  cursor: pointer;
}
</style>
