<script setup lang="ts">
import { NButton } from 'naive-ui'
import { ref, watch } from 'vue'
import { api, type Case, type FewestThings } from '../api/client'
import { useAttempt } from '../lib/attempt'
import { say } from '../texts'

/** With how few tools and paints the looks of a case can be painted, and what that costs in minutes and colour. */
const props = defineProps<{ packed: Case }>()

const attempt = useAttempt()
const found = ref<FewestThings | null>(null)
const reckoning = ref(false)

// Other faces, another answer.
watch(
  () => JSON.stringify([props.packed.lines, props.packed.kit, props.packed.setting]),
  () => (found.value = null),
)

async function ask() {
  reckoning.value = true
  await attempt(async () => (found.value = await api.fewestThings(props.packed)))
  reckoning.value = false
}
</script>

<template>
  <section :aria-label="say('fewest.title')">
    <h3>{{ say('fewest.title') }}</h3>
    <n-button size="small" :loading="reckoning" :disabled="!packed.lines?.length" @click="ask">{{
      say('fewest.ask')
    }}</n-button>
    <p v-if="found && !found.tools.length && !found.paints.length" class="faint">{{ say('fewest.none') }}</p>
    <div v-else-if="found" class="two">
      <table v-if="found.tools.length" :aria-label="say('fewest.tools')">
        <tbody>
          <tr v-for="set in found.tools" :key="set.tools.length">
            <th scope="row">
              {{ say('fewest.count', { count: set.tools.length }) }} {{ say('fewest.tools') }}
            </th>
            <td>
              {{ set.tools.join(', ') }}
              <span v-if="!set.exact" class="faint">({{ say('fewest.grown') }})</span>
            </td>
            <td class="n">{{ say('fewest.lost', { minutes: set.lostMinutes.toFixed(1) }) }}</td>
          </tr>
        </tbody>
      </table>
      <table v-if="found.paints.length" :aria-label="say('fewest.paints')">
        <tbody>
          <tr v-for="set in found.paints" :key="set.paints.length">
            <th scope="row">
              {{ say('fewest.count', { count: set.paints.length }) }} {{ say('fewest.paints') }}
            </th>
            <td>{{ set.paints.join(', ') }}</td>
            <td class="n">{{ say('fewest.off', { deltaE: set.mostDeltaE.toFixed(1) }) }}</td>
          </tr>
        </tbody>
      </table>
    </div>
  </section>
</template>

<style scoped>
h3 {
  margin: 16px 0 6px;
}

.two {
  display: grid;
  gap: 12px;
  margin-top: 8px;
}

table {
  width: 100%;
  border-spacing: 0;
}

th {
  text-align: left;
  font-weight: 600;
  white-space: nowrap;
}

th,
td {
  padding: 4px 14px 4px 0;
  border-bottom: 1px solid var(--line);
  vertical-align: top;
}

.n {
  text-align: right;
  white-space: nowrap;
}
</style>
