<script setup lang="ts">
import { NButton } from 'naive-ui'
import { ref, watch } from 'vue'
import { api, type ToolPlan } from '../../api/client'
import { clock } from '../../lib/format'
import { useLatest } from '../../lib/latest'
import { say } from '../../texts'
import { useLook } from '../../stores/look'
import { usePlan } from '../../stores/plan'

/** With how few tools of the kit the look can be painted. */
const lookDoc = useLook()
const planning = usePlan()
const plans = ref<ToolPlan[] | null>(null)
const problem = ref('')
const asking = useLatest()

// Another look, face or kit is another question.
watch(
  () => planning.plan,
  () => (plans.value = null),
)

async function ask() {
  problem.value = ''
  try {
    const found = await asking.ask((signal) => api.toolPlans(planning.request, signal))
    if (!found) return
    plans.value = found
    if (found.length === 0) problem.value = say('fewTools.none')
  } catch (error) {
    problem.value = (error as Error).message
  }
}

function use(plan: ToolPlan) {
  lookDoc.describe({
    parts: lookDoc.look.parts.map((part) => {
      const roles = new Set([...Object.keys(part.laid ?? {}), ...Object.keys(plan.laid[part.id] ?? {})])
      const laid = Object.fromEntries(
        [...roles]
          .map((role) => {
            const lay = { ...part.laid?.[role] }
            delete lay.tool
            const tool = plan.laid[part.id]?.[role]
            return [role, tool ? { ...lay, tool } : lay] as const
          })
          .filter(([, lay]) => Object.keys(lay).length > 0),
      )
      return { ...part, laid: Object.keys(laid).length > 0 ? laid : null }
    }),
  })
}
</script>

<template>
  <section class="group">
    <h3>{{ say('fewTools.title') }}</h3>
    <p class="faint">{{ say('fewTools.says') }}</p>
    <n-button v-if="!plans" size="small" :loading="asking.busy.value" @click="ask">{{
      say('fewTools.ask')
    }}</n-button>
    <p v-if="problem" class="stop" role="alert">{{ problem }}</p>
    <ul v-if="plans?.length">
      <li v-for="p in plans" :key="p.tools.length">
        <span
          ><b>{{
            p.tools.length === 1 ? say('fewTools.one') : say('fewTools.many', { count: p.tools.length })
          }}</b>
          {{ p.tools.join(', ') }}</span
        >
        <span class="figure">{{ clock(p.totalSeconds) }} min</span>
        <n-button size="small" @click="use(p)">{{ say('fewTools.use') }}</n-button>
      </li>
    </ul>
  </section>
</template>

<style scoped>
ul {
  list-style: none;
  margin: 0;
  padding: 0;
  display: grid;
  gap: 8px;
}

li {
  display: grid;
  grid-template-columns: 1fr auto auto;
  gap: 8px;
  align-items: center;
}
</style>
