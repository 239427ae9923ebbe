<script setup lang="ts">
import { NButton, NInputNumber, NSelect } from 'naive-ui'
import { computed, ref, watch } from 'vue'
import type { Plan } from '../../api/client'
import { LIMITS } from '../../api/limits'
import { asked, takenOut, type MendingKind } from '../../lib/mendings'
import { MENDING_NAMES } from '../../lib/mendingNames'
import { useLook } from '../../stores/look'
import { say } from '../../texts'

type Step = Plan['steps'][number]

/** What is done in a step beside laying its coats: preparing before, mending after. Proposed ones can be taken out, others added. */
const props = defineProps<{ step: Step }>()

const lookDoc = useLook()
const wanted = computed(() => lookDoc.look.mendings ?? [])
const chosen = ref<string>()
watch(
  () => props.step.key,
  () => (chosen.value = undefined),
)
const coat = computed(
  () => props.step.coats.find((c) => c.key === chosen.value) ?? props.step.coats[0] ?? null,
)
const coats = computed(() => props.step.coats.map((c) => ({ value: c.key, label: `${c.part}: ${c.coat}` })))
const kinds = computed(() =>
  (coat.value?.canMend ?? [])
    .filter((kind) => !props.step.mendings.some((m) => m.kind === kind && m.coat === coat.value?.key))
    .map((kind) => ({ value: kind, label: MENDING_NAMES[kind] })),
)

/** Of which part where the step has several, when, and whether the plan proposed it. */
const about = (m: Step['mendings'][number]) =>
  [
    props.step.coats.length > 1 && props.step.coats.find((c) => c.key === m.coat)?.part,
    say(m.before ? 'stepMendings.before' : 'stepMendings.after'),
    m.proposed && say('stepMendings.proposed'),
  ]
    .filter(Boolean)
    .join(' ')

function add(kind: MendingKind) {
  if (coat.value) lookDoc.describe({ mendings: asked(wanted.value, kind, coat.value.key) })
}
</script>

<template>
  <section :aria-label="say('stepMendings.preparingAndMending')">
    <ul v-if="step.mendings.length">
      <li v-for="m in step.mendings" :key="m.kind + m.coat">
        <span>
          <b>{{ m.name }}</b>
          <span class="faint">&nbsp;{{ about(m) }}</span>
        </span>
        <n-input-number
          size="small"
          class="seconds"
          :value="Math.round(m.seconds)"
          v-bind="LIMITS.Mending.seconds"
          :precision="0"
          :show-button="false"
          :input-props="{ 'aria-label': say('stepMendings.secondsOf', { name: m.name }) }"
          @update:value="
            (s: number | null) =>
              lookDoc.describe({ mendings: asked(wanted, m.kind, m.coat, s) }, `mending/${m.kind}/${m.coat}`)
          "
          ><template #suffix>s</template></n-input-number
        >
        <n-button
          size="small"
          quaternary
          :aria-label="say('stepMendings.takeOut', { name: m.name })"
          @click="lookDoc.describe({ mendings: takenOut(wanted, m.kind, m.coat) })"
          >×</n-button
        >
        <p class="faint">{{ m.how }}</p>
      </li>
    </ul>
    <div v-if="step.stage !== 'map'" class="line">
      <n-select
        v-if="coats.length > 1"
        size="small"
        :value="coat?.key"
        :options="coats"
        :aria-label="say('stepMendings.coat')"
        @update:value="(key: string) => (chosen = key)"
      />
      <n-select
        size="small"
        :value="null"
        :options="kinds"
        :placeholder="say('stepMendings.prepareOrMend')"
        :aria-label="say('stepMendings.prepareOrMend')"
        @update:value="add"
      />
    </div>
  </section>
</template>

<style scoped>
ul {
  list-style: none;
  margin: 0 0 6px;
  padding: 0;
  display: grid;
  gap: 6px;
}

li {
  display: grid;
  grid-template-columns: 1fr auto auto;
  align-items: center;
  gap: 0 6px;
  border-left: 3px solid var(--accent);
  padding-left: 8px;
}

li p {
  grid-column: 1 / -1;
  margin: 0;
}

.seconds {
  width: 74px;
}
</style>
