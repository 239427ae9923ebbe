<script setup lang="ts">
import ChoiceField from '../../components/ChoiceField.vue'
import FieldRow from '../../components/FieldRow.vue'
import NumberBox from '../../components/NumberBox.vue'
import { say } from '../../texts'
import { LIMITS } from '../../api/limits'
import { NButton, NInputNumber, NSelect } from 'naive-ui'
import { computed, ref } from 'vue'
import type { FormWish } from '../../api/client'
import { useCatalogue } from '../../stores/catalogue'
import { useForm } from '../../stores/form'
import { useLook } from '../../stores/look'
import { useMapping } from '../../stores/mapping'
import ReliefProfile from './ReliefProfile.vue'

/** What should seem to stand out of the skin or sink into it: parts, zones, and the profile along a tape. */
defineProps<{ wish: FormWish }>()

const form = useForm()
const lookDoc = useLook()
const catalogue = useCatalogue()
const mapping = useMapping()

const zoneToAdd = ref<string | null>(null)
const zoneOptions = computed(() => catalogue.zones.map((z) => ({ label: z, value: z })))
const partsWithHeight = computed(() =>
  lookDoc.look.parts.flatMap((p) => {
    const kind = catalogue.kindOf(p.kind)
    return kind?.reliefMm == null ? [] : [{ part: p, label: p.name ?? kind.label, usual: kind.reliefMm }]
  }),
)
</script>

<template>
  <section class="group">
    <h3>{{ say('reliefFields.relief') }}</h3>
    <field-row :label="say('reliefFields.onTheSkin')">
      <choice-field
        v-model:value="form.showRelief"
        :label="say('reliefFields.onTheSkin')"
        :options="[
          { id: '', label: say('reliefFields.no') },
          { id: 'shading', label: say('reliefFields.shading') },
          { id: 'heights', label: say('reliefFields.heights') },
        ]"
      />
    </field-row>
    <p v-if="form.showRelief === 'heights'" class="faint">
      {{ say('reliefFields.hollowsBlueWhatStandsOutAmber') }}
    </p>
    <field-row v-for="p in partsWithHeight" :key="p.part.id" :label="p.label">
      <n-input-number
        size="small"
        :value="p.part.reliefMm ?? null"
        :placeholder="say('reliefFields.usual', { usual: p.usual })"
        v-bind="LIMITS.Part.reliefMm"
        :step="0.5"
        :show-button="false"
        clearable
        :input-props="{ 'aria-label': say('reliefFields.heightOverTheSkinMm', { label: p.label }) }"
        style="width: 130px"
        @update:value="(v: number | null) => lookDoc.edit(p.part.id, { reliefMm: v }, 'relief')"
      >
        <template #suffix>mm</template>
      </n-input-number>
    </field-row>
    <field-row v-for="z in wish.zones ?? []" :key="z.zone + z.side" :label="z.zone">
      <number-box
        size="small"
        :value="z.mm"
        v-bind="LIMITS.ZoneRelief.mm"
        :step="0.5"
        :says="say('reliefFields.heightMm', { zone: z.zone })"
        style="width: 104px"
        @update:value="(v: number | null) => v !== null && form.setZone(z.zone, z.side, { mm: v })"
      >
        <template #suffix>mm</template>
      </number-box>
      <n-button
        size="tiny"
        :aria-label="say('reliefFields.leaveAsItIs', { zone: z.zone })"
        @click="form.setZone(z.zone, z.side, null)"
        >×</n-button
      >
    </field-row>
    <n-select
      v-model:value="zoneToAdd"
      size="small"
      filterable
      :placeholder="say('reliefFields.raiseOrSinkAZone')"
      :options="zoneOptions"
      :aria-label="say('reliefFields.raiseOrSinkAZone')"
      @update:value="
        (z: string | null) => {
          if (z) form.setZone(z, 'middle', {})
          zoneToAdd = null
        }
      "
    />
    <field-row :label="say('reliefFields.profile')">
      <n-button
        size="small"
        :type="mapping.taping ? 'primary' : 'default'"
        @click="mapping.taping ? mapping.putTapeAway() : (mapping.taping = true)"
        >{{ mapping.taping ? say('reliefFields.clickTwoPlaces') : say('reliefFields.layATape') }}</n-button
      >
    </field-row>
    <relief-profile v-if="form.profile" :profile="form.profile" />
  </section>
</template>
