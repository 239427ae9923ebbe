<script setup lang="ts">
import { NButton } from 'naive-ui'
import { computed, ref, watch } from 'vue'
import { api, type Part, type Touch } from '../api/client'
import { useLatest } from '../lib/latest'
import { laidOver, leftToSchool } from '../lib/stack'
import { say } from '../texts'
import { useLook } from '../stores/look'
import { usePlan } from '../stores/plan'

/** What the part's coats lie on and under, and turning that over. */
const props = defineProps<{ part: Part }>()

const lookDoc = useLook()
const planning = usePlan()
const asking = useLatest()
const open = ref(false)
const touches = ref<Touch[]>([])
const problem = ref('')

watch(
  [open, () => props.part.id, () => planning.plan],
  async () => {
    if (!open.value) return
    try {
      const found = await asking.ask((signal) => api.touching(planning.request, props.part.id, signal))
      if (found) touches.value = found
      problem.value = ''
    } catch (error) {
      problem.value = (error as Error).message
    }
  },
  { immediate: true },
)

const coats = computed(() => {
  const names = new Map(touches.value.map((t) => [t.coat, t.label]))
  return [...names].map(([coat, label]) => ({
    coat,
    label,
    others: touches.value.filter((t) => t.coat === coat),
  }))
})

function change(over: ReturnType<typeof laidOver>) {
  lookDoc.describe({ order: { ...lookDoc.look.order, over: over.length > 0 ? over : null } })
}

const over = computed(() => lookDoc.look.order?.over ?? [])
const turn = (t: Touch) =>
  change(t.over ? laidOver(over.value, t.other, t.coat) : laidOver(over.value, t.coat, t.other))
</script>

<template>
  <details class="stack" :open="open" @toggle="open = ($event.target as HTMLDetailsElement).open">
    <summary>{{ say('partStack.whatLiesOnWhat') }}</summary>
    <p v-if="problem" class="stop" role="alert">{{ problem }}</p>
    <p v-else-if="coats.length === 0" class="faint">{{ say('partStack.touchesNothing') }}</p>
    <section v-for="c in coats" :key="c.coat">
      <h4>{{ c.label }}</h4>
      <ul>
        <li v-for="t in c.others" :key="t.other">
          <span :title="t.why"
            ><b>{{ t.over ? say('partStack.over') : say('partStack.under') }}</b> {{ t.otherLabel }}
            <span v-if="!t.decided" class="faint">{{ t.why }}</span></span
          >
          <n-button
            v-if="t.decided"
            size="tiny"
            quaternary
            @click="change(leftToSchool(over, t.coat, t.other))"
            >{{ say('partStack.asUsual') }}</n-button
          >
          <n-button size="tiny" @click="turn(t)">{{
            t.over ? say('partStack.layUnder') : say('partStack.layOver')
          }}</n-button>
        </li>
      </ul>
    </section>
  </details>
</template>

<style scoped>
h4 {
  margin: 6px 0 3px;
}

ul {
  list-style: none;
  margin: 0;
  padding: 0;
  display: grid;
  gap: 4px;
}

li {
  display: grid;
  grid-template-columns: 1fr auto auto;
  gap: 6px;
  align-items: start;
}

li .faint {
  display: block;
}
</style>
