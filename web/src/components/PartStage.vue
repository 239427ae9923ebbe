<script setup lang="ts">
import { NSelect } from 'naive-ui'
import { computed } from 'vue'
import type { Kind, Part } from '../api/client'
import { useLook } from '../stores/look'
import { putInto, stageOf } from '../lib/stages'
import { say } from '../texts'
import FieldRow from './FieldRow.vue'

/** In which stage a part is painted, and single coats of it in others. */
const props = defineProps<{ part: Part; kind: Kind }>()

const lookDoc = useLook()
const stages = computed(() => lookDoc.look.stages ?? [])
const options = computed(() => stages.value.map((s, k) => ({ value: k, label: s.name })))
const own = (name: string) => stages.value.some((s) => s.coats.includes(name))

/** The part, and each of its coats where it has several: those are where the part is unless they say otherwise. */
const rows = computed(() => {
  const { id } = props.part
  const roles = props.kind.roles.filter((r) => props.part.paints?.[r.id])
  const coats = roles.map((r) => ({
    name: `${id}/${r.id}`,
    label: r.label,
    says: say('partStage.stageOf', { coat: r.label }),
    stage: own(`${id}/${r.id}`) ? stageOf(stages.value, id, r.id) : null,
  }))
  const whole = {
    name: id,
    label: say('partStage.stage'),
    says: say('partStage.stage'),
    stage: stageOf(stages.value, id),
  }
  return coats.length > 1 ? [whole, ...coats] : [whole]
})

const put = (name: string, stage: number | null) =>
  lookDoc.describe({ stages: putInto(stages.value, name, stage) })
</script>

<template>
  <section v-if="stages.length > 1" class="group">
    <field-row v-for="r in rows" :key="r.name" :label="r.label">
      <n-select
        size="small"
        :clearable="r.name !== part.id"
        :value="r.stage"
        :placeholder="say('partStage.asThePart')"
        :options="options"
        :aria-label="r.says"
        class="choice"
        @update:value="(k: number | null) => put(r.name, k)"
      />
    </field-row>
  </section>
</template>

<style scoped>
.choice {
  width: 170px;
}
</style>
