<script setup lang="ts">
import { NButton, NCheckbox, NDropdown, NInput, NSelect } from 'naive-ui'
import { computed } from 'vue'
import type { CallSheet, Production } from '../../api/types'
import { LETTERS } from '../../api/limits'
import { timeOfDay } from '../../lib/format'
import { useCatalogue } from '../../stores/catalogue'
import { usePreferences } from '../../stores/preferences'
import { say } from '../../texts'
import DayField from '../DayField.vue'
import TimeField from '../days/TimeField.vue'

/** One evening: who is away or late, who stands in, and who sits down when. */
const evening = defineModel<Production['performances'][number]>({ required: true })
const props = defineProps<{
  production: Production
  found: CallSheet | null
  nameOf: (look: string) => string
  can: boolean
}>()
const emit = defineEmits<{ paper: [of?: string] }>()
const catalogue = useCatalogue()
const preferences = usePreferences()

const change = (by: Partial<Production['performances'][number]>) =>
  (evening.value = { ...evening.value, ...by })
const away = (name: string, is: boolean) =>
  change({ away: [...(evening.value.away ?? []).filter((a) => a !== name), ...(is ? [name] : [])] })
const lateOf = (name: string) => evening.value.late?.find((l) => l.name === name)?.fromMinute ?? 0
const late = (name: string, fromMinute: number) =>
  change({
    late: [
      ...(evening.value.late ?? []).filter((l) => l.name !== name),
      ...(fromMinute ? [{ name, fromMinute }] : []),
    ],
  })
const understudies = computed(() => evening.value.understudies ?? [])
const setUnderstudy = (k: number, by: Partial<(typeof understudies.value)[number]>) =>
  change({ understudies: understudies.value.map((u, n) => (n === k ? { ...u, ...by } : u)) })
const lookOf = (wearer: string) => props.production.wearers.find((w) => w.name === wearer)?.look ?? ''
const faceOf = (wearer: string) =>
  understudies.value.find((u) => u.for === wearer)?.face ??
  props.production.wearers.find((w) => w.name === wearer)?.face
/** Opened from here the look lies on the face that wears it this evening, out of the production's kit. */
function onFace(wearer: string) {
  const face = faceOf(wearer)
  if (face) preferences.face = face
  preferences.kit = props.production.kit
  preferences.setting = props.production.setting
}
const sheet = computed(() => props.found?.sheet ?? null)
const isOut = computed(() => (evening.value.calls?.length ?? 0) > 0)
const changed = computed(() => sheet.value?.entries.filter((e) => e.changed).length ?? 0)
const percent = (share: number) => Math.round(100 * share)

const putOut = () =>
  change({
    calls: sheet.value!.entries.map((e) => ({
      wearer: e.wearer,
      painter: e.painter,
      fromMinute: e.fromMinute,
      paintedMinute: e.paintedMinute,
      readyMinute: e.readyMinute,
    })),
  })

const people = computed(() => [
  { key: '', label: say('calls.everybody') },
  ...[...props.production.painters, ...props.production.wearers].map((p) => ({ key: p.name, label: p.name })),
])
</script>

<template>
  <div :inert="!can" class="who">
    <div v-for="p in production.painters" :key="p.name" class="one">
      <strong>{{ p.name }}</strong>
      <n-checkbox
        :checked="evening.away?.includes(p.name) ?? false"
        @update:checked="(is) => away(p.name, is)"
        >{{ say('calls.away') }}</n-checkbox
      >
      <n-checkbox
        :checked="lateOf(p.name) > 0"
        @update:checked="(is) => late(p.name, is ? (evening.openMinute ?? 840) + 60 : 0)"
        >{{ say('calls.late') }}</n-checkbox
      >
      <time-field
        v-if="lateOf(p.name)"
        :model-value="lateOf(p.name)"
        :says="say('calls.lateFromOf', { painter: p.name })"
        @update:model-value="(m) => late(p.name, m)"
      />
    </div>
    <div v-for="(u, k) in understudies" :key="k" class="one">
      <n-select
        size="small"
        :value="u.for"
        :options="production.wearers.map((w) => ({ value: w.name, label: w.name }))"
        :aria-label="say('calls.standsInFor')"
        @update:value="(name) => setUnderstudy(k, { for: name })"
      />
      <n-input
        size="small"
        :value="u.name"
        :maxlength="LETTERS.Understudy.name"
        :input-props="{ 'aria-label': say('calls.understudyName') }"
        @update:value="(name) => setUnderstudy(k, { name })"
      />
      <n-select
        size="small"
        filterable
        clearable
        :value="u.face ?? null"
        :placeholder="say('calls.face')"
        :options="catalogue.faces.map((f) => ({ value: f.id, label: f.face.name }))"
        :input-props="{ 'aria-label': say('calls.face') }"
        @update:value="(face) => setUnderstudy(k, { face })"
      />
      <day-field
        :model-value="u.patchOn ?? null"
        :says="say('calls.patchOn')"
        @update:model-value="(patchOn: string | null) => setUnderstudy(k, { patchOn })"
      />
      <button
        class="x"
        :aria-label="say('days.takeOut')"
        @click="change({ understudies: understudies.filter((_, n) => n !== k) })"
      >
        ×
      </button>
    </div>
    <n-button
      size="small"
      :disabled="!production.wearers.length"
      @click="
        change({
          understudies: [
            ...understudies,
            { for: production.wearers[0]!.name, name: say('calls.understudy'), face: null },
          ],
        })
      "
      >{{ say('calls.addUnderstudy') }}</n-button
    >
  </div>
  <p v-for="n in found?.patches ?? []" :key="n.who" class="warning" role="status">
    {{
      n.late
        ? say('calls.patchLate', { who: n.who, on: n.by })
        : say('calls.patchMissing', { who: n.who, on: n.by })
    }}
  </p>
  <template v-if="sheet">
    <p v-for="name in sheet.notCalled" :key="name" class="stop" role="alert">
      {{ say('calls.notCalled', { wearer: name }) }}
    </p>
    <table v-if="sheet.entries.length">
      <thead>
        <tr>
          <th>{{ say('calls.sitsDown') }}</th>
          <th>{{ say('calls.wearer') }}</th>
          <th>{{ say('calls.look') }}</th>
          <th>{{ say('calls.painter') }}</th>
          <th>{{ say('calls.outOfChair') }}</th>
          <th>{{ say('calls.ready') }}</th>
          <th>{{ say('calls.inTime') }}</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="e in sheet.entries" :key="e.wearer" :class="{ changed: e.changed }">
          <td class="figure">{{ timeOfDay(e.fromMinute) }}</td>
          <td>
            {{ e.wearer
            }}<small v-if="understudies.some((u) => u.for === e.wearer)">{{
              say('calls.standsIn', { name: understudies.find((u) => u.for === e.wearer)!.name })
            }}</small>
            <small v-if="e.changed">{{ say('calls.changed') }}</small>
          </td>
          <td>
            <router-link :to="`/looks/${lookOf(e.wearer)}`" @click="onFace(e.wearer)">{{
              nameOf(lookOf(e.wearer))
            }}</router-link>
          </td>
          <td>{{ e.painter }}</td>
          <td class="figure">{{ timeOfDay(e.paintedMinute) }}</td>
          <td class="figure">{{ timeOfDay(e.readyMinute) }}</td>
          <td class="figure" :class="{ warning: e.chance < (production.readyChance ?? 0.9) }">
            {{ percent(e.chance) }} %
          </td>
        </tr>
      </tbody>
    </table>
    <p v-if="sheet.entries.length">
      {{ say('calls.all', { percent: percent(sheet.chance), bell: timeOfDay(evening.bellMinute ?? 0) }) }}
      <span class="faint">{{
        sheet.gap < 0.005 ? say('calls.noneBetter') : say('calls.gap', { gap: (100 * sheet.gap).toFixed(1) })
      }}</span>
    </p>
    <p v-if="sheet.entries.some((e) => e.chance < (production.readyChance ?? 0.9))" class="warning">
      {{ say('calls.notSure', { percent: percent(production.readyChance ?? 0.9) }) }}
    </p>
    <div class="out">
      <n-button v-if="can && sheet.entries.length && (!isOut || changed)" type="primary" @click="putOut">{{
        isOut ? say('calls.putOutAgain', { changed }) : say('calls.putOut')
      }}</n-button>
      <n-button v-if="can && isOut" @click="change({ calls: [] })">{{ say('calls.planAnew') }}</n-button>
      <n-dropdown
        v-if="isOut"
        trigger="click"
        :options="people"
        @select="(of: string) => emit('paper', of || undefined)"
      >
        <n-button>{{ say('calls.onPaper') }}</n-button>
      </n-dropdown>
    </div>
    <p v-if="isOut && !changed" class="faint" role="status">{{ say('calls.isOut') }}</p>
  </template>
</template>

<style scoped src="../table.css"></style>
<style scoped>
.who {
  display: grid;
  gap: 6px;
  justify-items: start;
  margin: 8px 0 12px;
}

.one {
  display: grid;
  grid-template-columns: 110px repeat(3, minmax(90px, 170px)) 24px;
  gap: 8px;
  align-items: center;
}

.x {
  border: 0;
  background: none;
  color: inherit;
  font-size: 17px;
  cursor: pointer;
}

.changed {
  background: var(--accent-soft);
}

.figure {
  white-space: nowrap;
  font-variant-numeric: tabular-nums;
}

.out {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
}
</style>
