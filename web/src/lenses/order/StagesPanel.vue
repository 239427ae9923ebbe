<script setup lang="ts">
import { NButton, NInput } from 'naive-ui'
import { computed } from 'vue'
import { ENTRIES, LETTERS } from '../../api/limits'
import { clock } from '../../lib/format'
import { added, without } from '../../lib/stages'
import { useLook } from '../../stores/look'
import { usePlan } from '../../stores/plan'
import { say } from '../../texts'

/** The stages of the look: after each one may stop. */
const lookDoc = useLook()
const planning = usePlan()
const stages = computed(() => lookDoc.look.stages ?? [])
const planned = (k: number) => planning.plan?.stages.find((s) => s.number === k + 1)

function add() {
  const n = Math.max(2, stages.value.length + 1)
  lookDoc.describe({
    stages: added(stages.value, say('stagesPanel.basic'), say('stagesPanel.stageN', { n })),
  })
}

function rename(k: number, name: string) {
  if (name.trim())
    lookDoc.describe({ stages: stages.value.map((s, n) => (n === k ? { ...s, name } : s)) }, `stages/${k}`)
}

/** The face as it is after a stage. */
function show(k: number) {
  const step = planned(k)?.lastStep ?? null
  planning.shownSteps = planning.shownSteps === step ? null : step
}
</script>

<template>
  <section class="group">
    <h3>{{ say('stagesPanel.stages') }}</h3>
    <p v-if="stages.length < 2" class="faint">{{ say('stagesPanel.afterEachOneMayStop') }}</p>
    <ol v-else>
      <li v-for="(s, k) in stages" :key="k">
        <n-input
          size="small"
          :value="s.name"
          :maxlength="LETTERS.LookStage.name"
          :input-props="{ 'aria-label': say('stagesPanel.nameOfStage', { n: k + 1 }) }"
          @update:value="(name: string) => rename(k, name)"
        />
        <n-button
          size="small"
          quaternary
          :aria-label="say('stagesPanel.takeOut', { name: s.name })"
          @click="lookDoc.describe({ stages: without(stages, k) })"
          >×</n-button
        >
        <p v-if="planned(k)" class="faint">
          <b class="figure">{{ clock(planned(k)!.seconds) }} min</b>
          {{
            say(k < stages.length - 1 ? 'stagesPanel.mayStopAt' : 'stagesPanel.endsAt', {
              end: clock(planned(k)!.endSeconds),
              low: clock(planned(k)!.lowSeconds),
              high: clock(planned(k)!.highSeconds),
            })
          }}
          <n-button
            size="tiny"
            :type="planning.shownSteps === planned(k)!.lastStep ? 'primary' : 'default'"
            @click="show(k)"
            >{{ say('stagesPanel.show') }}</n-button
          >
        </p>
        <p v-else class="faint">{{ say('stagesPanel.nothingInItYet') }}</p>
      </li>
    </ol>
    <n-button v-if="stages.length < ENTRIES.Look.stages" size="small" @click="add">{{
      say('stagesPanel.addAStage')
    }}</n-button>
  </section>
</template>

<style scoped>
ol {
  list-style: none;
  margin: 0;
  padding: 0;
  display: grid;
  gap: 8px;
}

li {
  display: grid;
  grid-template-columns: 1fr auto;
  gap: 2px 6px;
}

li p {
  grid-column: 1 / -1;
}
</style>
