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
const roles = computed(() => props.kind.roles.filter((r) => props.part.paints?.[r.id]))
const own = (role: string) => stages.value.some((s) => s.coats.includes(`${props.part.id}/${role}`))

const put = (name: string, stage: number | null) =>
  lookDoc.describe({ stages: putInto(stages.value, name, stage) })
</script>

<template>
  <section v-if="stages.length > 1" class="group">
    <field-row :label="say('partStage.stage')">
      <n-select
        size="small"
        :value="stageOf(stages, part.id)"
        :options="options"
        :aria-label="say('partStage.stage')"
        class="choice"
        @update:value="(k: number) => put(part.id, k)"
      />
    </field-row>
    <template v-if="roles.length > 1">
      <field-row v-for="r in roles" :key="r.id" :label="r.label">
        <n-select
          size="small"
          clearable
          :value="own(r.id) ? stageOf(stages, part.id, r.id) : null"
          :placeholder="say('partStage.asThePart')"
          :options="options"
          :aria-label="say('partStage.stageOf', { coat: r.label })"
          class="choice"
          @update:value="(k: number | null) => put(`${part.id}/${r.id}`, k)"
        />
      </field-row>
    </template>
  </section>
</template>

<style scoped>
.choice {
  width: 170px;
}
</style>
