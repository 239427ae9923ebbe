<script setup lang="ts">
import { NButton } from 'naive-ui'
import { ref, watch } from 'vue'
import { api, type StillPaints } from '../api/client'
import { useAttempt } from '../lib/attempt'
import { say } from '../texts'

/** How many faces of each look what is in the pots is enough for. */
const props = defineProps<{ kit: string; face: string; setting: string }>()

// As the service has it (StillPaints.MostFaces).
const MANY = 999
const attempt = useAttempt()
const found = ref<readonly StillPaints[] | null>(null)
const reckoning = ref(false)

watch([() => props.kit, () => props.face, () => props.setting], () => (found.value = null))

async function ask() {
  reckoning.value = true
  await attempt(async () => (found.value = await api.stillPaints(props.kit, props.face, props.setting)))
  reckoning.value = false
}

const faces = (one: StillPaints) =>
  one.faces === null
    ? say('stillPaints.notLooked', { paints: one.notLookedAt.join(', ') })
    : one.faces >= MANY
      ? say('stillPaints.many', { faces: MANY })
      : String(one.faces)
</script>

<template>
  <section :aria-label="say('stillPaints.title')">
    <header>
      <h2>{{ say('stillPaints.title') }}</h2>
      <n-button size="small" :loading="reckoning" @click="ask">{{
        found ? say('stillPaints.again') : say('stillPaints.ask')
      }}</n-button>
      <span class="faint">{{ say('stillPaints.enough') }}</span>
    </header>
    <p v-if="found && !found.length" class="faint">{{ say('stillPaints.none') }}</p>
    <table v-else-if="found">
      <thead>
        <tr>
          <th>{{ say('stillPaints.look') }}</th>
          <th class="n">{{ say('stillPaints.faces') }}</th>
          <th>{{ say('stillPaints.firstGone') }}</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="one in found" :key="one.look">
          <td>
            <router-link :to="`/looks/${one.look}`">{{ one.name }}</router-link>
          </td>
          <td class="n" :class="{ stop: one.faces === 0 }">{{ faces(one) }}</td>
          <td class="faint">{{ one.firstGone }}</td>
        </tr>
      </tbody>
    </table>
  </section>
</template>

<style scoped>
header {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 12px;
  margin-top: 22px;
}

h2 {
  margin: 0;
}

table {
  border-spacing: 0;
  margin-top: 8px;
}

th {
  text-align: left;
  font-weight: 600;
}

th,
td {
  padding: 5px 22px 5px 0;
  border-bottom: 1px solid var(--line);
}

.n {
  text-align: right;
}
</style>
