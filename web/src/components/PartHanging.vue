<script setup lang="ts">
import { NSelect, NSwitch } from 'naive-ui'
import { computed } from 'vue'
import { LIMITS } from '../api/limits'
import type { Hanging, HostPlace, Kind, Part } from '../api/client'
import { sentence } from '../lib/format'
import { hangsOn, withoutNothing } from '../lib/hanging'
import { useCatalogue } from '../stores/catalogue'
import { useLook } from '../stores/look'
import { say } from '../texts'
import FieldRow from './FieldRow.vue'
import NamedSlider from './NamedSlider.vue'
import UnitRow from './UnitRow.vue'

/** Where a part hangs: as its kind does, at a named place, or on another part; and how it is turned there. */
const props = defineProps<{ part: Part; kind: Kind }>()

const lookDoc = useLook()
const catalogue = useCatalogue()
const hung = computed<Hanging>(() => props.part.hung ?? {})

const WHERE: { value: HostPlace; label: string }[] = [
  { value: 'middle', label: say('partHanging.middle') },
  { value: 'outline', label: say('partHanging.outline') },
  { value: 'tip', label: say('partHanging.tip') },
  { value: 'lowerEdge', label: say('partHanging.lowerEdge') },
  { value: 'under', label: say('partHanging.under') },
]

const OWN = 'own'
const places = computed(() => [
  ...(!props.kind.standsAlone ? [] : [{ value: OWN, label: say('partHanging.ownPlace') }]),
  ...(hosts.value.length
    ? [{ type: 'group', key: 'parts', label: say('partHanging.anotherPart'), children: hosts.value }]
    : []),
  ...(!props.kind.standsAlone
    ? []
    : [
        {
          type: 'group',
          key: 'places',
          label: say('partHanging.aPlace'),
          children: catalogue.places.map((p) => ({ value: `at:${p.id}`, label: sentence(p.label) })),
        },
      ]),
])
const hosts = computed(() =>
  lookDoc.look.parts
    .filter((p) => p.id !== props.part.id && !hangsOn(lookDoc.look.parts, p.id, props.part.id))
    .map((p) => ({ value: `on:${p.id}`, label: p.name ?? catalogue.kindOf(p.kind)?.label ?? p.id })),
)
const chosen = computed(() =>
  hung.value.on ? `on:${hung.value.on}` : hung.value.at ? `at:${hung.value.at}` : OWN,
)

const change = (next: Hanging, key = '') =>
  lookDoc.edit(props.part.id, { hung: withoutNothing({ ...hung.value, ...next }) }, key)

function choose(value: string) {
  const id = value.slice(3)
  if (value === OWN) change({ at: null, on: null })
  else if (value.startsWith('at:')) change({ at: id, on: null })
  else change({ on: id, at: null, where: hung.value.where ?? 'outline' })
}

const followed = computed(() => !!hung.value.on && !props.kind.followsItsHost)
const hasShare = computed(() => ['outline', 'under'].includes(hung.value.where ?? 'middle'))
</script>

<template>
  <section class="group">
    <field-row :label="say('partHanging.hangs')">
      <n-select
        size="small"
        filterable
        class="choice"
        :value="chosen"
        :options="places"
        :aria-label="say('partHanging.hangs')"
        @update:value="choose"
      />
    </field-row>
    <template v-if="followed">
      <field-row :label="say('partHanging.where')">
        <n-select
          size="small"
          class="choice"
          :value="hung.where ?? 'middle'"
          :options="WHERE"
          :aria-label="say('partHanging.where')"
          @update:value="(v: HostPlace) => change({ where: v })"
        />
      </field-row>
      <field-row v-if="hasShare" :label="say('partHanging.howFarRound')">
        <named-slider
          class="choice"
          :value="100 * (hung.share ?? 0)"
          :min="0"
          :max="100"
          :step="1"
          :label="say('partHanging.howFarRoundPercent')"
          @update:value="(v: number) => change({ share: v / 100 }, 'share')"
        />
      </field-row>
      <unit-row
        v-if="hung.where && hung.where !== 'middle'"
        :label="say('partHanging.off')"
        unit="mm"
        :value="hung.offMm ?? 0"
        v-bind="LIMITS.Hanging.offMm"
        @update:value="(v: number) => change({ offMm: v }, 'off')"
      />
    </template>
    <template v-if="!(kind.followsItsHost && (hung.on || !kind.standsAlone))">
      <unit-row
        :label="say('partHanging.turned')"
        unit="°"
        :value="hung.turnDeg ?? 0"
        v-bind="LIMITS.Hanging.turnDeg"
        :step="5"
        @update:value="(v: number) => change({ turnDeg: v }, 'turn')"
      />
      <field-row v-if="!hung.on" tag="label" :label="say('partHanging.onceInTheMiddle')">
        <n-switch
          :value="hung.once ?? false"
          :aria-label="say('partHanging.onceInTheMiddle')"
          @update:value="(v: boolean) => change({ once: v })"
        />
      </field-row>
    </template>
  </section>
</template>

<style scoped>
.choice {
  width: 190px;
}
</style>
