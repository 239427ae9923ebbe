<script setup lang="ts">
import { NButton, NInputNumber, NRadioButton, NRadioGroup, NSelect } from 'naive-ui'
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
    return kind?.reliefMm == null ? [] : [{ part: p, label: kind.label, usual: kind.reliefMm }]
  }),
)
</script>

<template>
  <section class="group">
    <h3>Relief</h3>
    <div class="line">
      <span class="faint">On the skin</span>
      <n-radio-group v-model:value="form.showRelief" size="small">
        <n-radio-button value="" label="no" />
        <n-radio-button value="shading" label="shading" />
        <n-radio-button value="heights" label="heights" />
      </n-radio-group>
    </div>
    <p v-if="form.showRelief === 'heights'" class="faint">Hollows blue, what stands out amber.</p>
    <div v-for="p in partsWithHeight" :key="p.part.id" class="line">
      <span class="faint">{{ p.label }}</span>
      <n-input-number
        size="small"
        :value="p.part.reliefMm ?? null"
        :placeholder="`${p.usual} usual`"
        :min="-20"
        :max="20"
        :step="0.5"
        :show-button="false"
        clearable
        :input-props="{ 'aria-label': `${p.label}: height over the skin, mm` }"
        style="width: 130px"
        @update:value="(v: number | null) => lookDoc.edit(p.part.id, { reliefMm: v }, 'relief')"
      >
        <template #suffix>mm</template>
      </n-input-number>
    </div>
    <div v-for="z in wish.zones ?? []" :key="z.zone + z.side" class="line">
      <span class="faint">{{ z.zone }}</span>
      <n-input-number
        size="small"
        :value="z.mm"
        :min="-20"
        :max="20"
        :step="0.5"
        :input-props="{ 'aria-label': `${z.zone}: height, mm` }"
        style="width: 104px"
        @update:value="(v: number | null) => v !== null && form.setZone(z.zone, z.side, { mm: v })"
      >
        <template #suffix>mm</template>
      </n-input-number>
      <n-button
        size="tiny"
        :aria-label="`Leave ${z.zone} as it is`"
        @click="form.setZone(z.zone, z.side, null)"
        >×</n-button
      >
    </div>
    <n-select
      v-model:value="zoneToAdd"
      size="small"
      filterable
      placeholder="Raise or sink a zone"
      :options="zoneOptions"
      aria-label="Raise or sink a zone"
      @update:value="
        (z: string | null) => {
          if (z) form.setZone(z, 'middle', {})
          zoneToAdd = null
        }
      "
    />
    <div class="line">
      <span class="faint">Profile</span>
      <n-button
        size="small"
        :type="mapping.taping ? 'primary' : 'default'"
        @click="mapping.taping ? mapping.putTapeAway() : (mapping.taping = true)"
        >{{ mapping.taping ? 'Click two places' : 'Lay a tape' }}</n-button
      >
    </div>
    <relief-profile v-if="form.profile" :profile="form.profile" />
  </section>
</template>
