<script setup lang="ts">
import { NButton, NCheckbox, NInputNumber, NSelect } from 'naive-ui'
import { computed } from 'vue'
import type { Character, CharacterPart, SizeRange } from '../api/client'
import { LIMITS } from '../api/limits'
import { useCatalogue } from '../stores/catalogue'
import { say } from '../texts'

/** A part that every wearer has, and what of it is fixed; what is not ticked is free. */
const part = defineModel<CharacterPart>({ required: true })
const props = defineProps<{
  number: number
  palette: Character['palette']
  colours: Record<string, string>
  /** Wearers that break a rule of it. */
  off: number
  first: boolean
  last: boolean
}>()
const emit = defineEmits<{ up: []; down: []; remove: [] }>()

const catalogue = useCatalogue()
const kind = computed(() => catalogue.kindOf(part.value.model.kind))
const label = computed(() => part.value.model.name ?? kind.value?.label ?? part.value.model.kind)
const numbers = computed(() =>
  (kind.value?.parameters ?? []).filter((p) => !['choice', 'zones'].includes(p.type)),
)
const choices = computed(() => (kind.value?.parameters ?? []).filter((p) => p.type === 'choice'))
const sizes = computed(() => part.value.sizes ?? [])
const roles = computed(() => (kind.value?.roles ?? []).filter((r) => part.value.model.paints?.[r.id]))
const BY_ITSELF = ''
const measures = computed(() => [
  { value: BY_ITSELF, label: say('characters.byItself') },
  ...catalogue.measures
    .filter((m) => m.group !== 'leftAndRight')
    .map((m) => ({ value: m.id, label: say('characters.ofThe', { measure: m.label.toLowerCase() }) })),
])
const FREE = ''
const shades = computed(() => [
  { value: FREE, label: say('characters.free') },
  ...props.palette.map((c) => ({ value: c.id, label: c.name })),
])
const summary = computed(() =>
  [
    say('characters.fixedSizes', { count: sizes.value.length }),
    part.value.place ? say('characters.itsPlace') : '',
    say('characters.fixedColours', { count: Object.keys(part.value.colours ?? {}).length }),
  ]
    .filter(Boolean)
    .join(' · '),
)

const spec = (size: SizeRange) => numbers.value.find((p) => p.id === size.number)
const unit = (size: SizeRange) =>
  size.of
    ? '%'
    : (({ lengthMm: 'mm', angleDeg: '°' } as Record<string, string>)[spec(size)?.type ?? ''] ?? '')
const shown = (size: SizeRange, bound: number) => Number((size.of ? 100 * bound : bound).toFixed(2))
const change = (next: Partial<CharacterPart>) => (part.value = { ...part.value, ...next })
const setSize = (k: number, next: SizeRange) =>
  change({ sizes: sizes.value.map((s, n) => (n === k ? next : s)) })

function bound(k: number, which: 'least' | 'most', value: number | null) {
  const size = sizes.value[k]
  if (value === null || !size) return
  setSize(k, { ...size, [which]: size.of ? value / 100 : value })
}

/** The same range, seen against another measure: as it is on the face at hand. */
function against(k: number, of: string) {
  const size = sizes.value[k]
  if (!size) return
  const mm = (id: string | null | undefined) =>
    id
      ? (catalogue.face?.face.measuresMm[id] ?? catalogue.measures.find((m) => m.id === id)!.typicalLowMm)
      : 1
  const times = mm(size.of) / mm(of || null)
  const digits = of ? 3 : 1
  setSize(k, {
    ...size,
    of: of || null,
    least: Number((size.least * times).toFixed(digits)),
    most: Number((size.most * times).toFixed(digits)),
  })
}

// As wide as a hand is sure.
const SLACK = 0.15
function addSize(id: string) {
  const found = numbers.value.find((p) => p.id === id)
  if (!found) return
  const value = part.value.model.numbers?.[id] ?? (found.least + found.most) / 2
  const slack = Math.max(SLACK * Math.abs(value), found.step)
  const least = Number(Math.max(found.least, value - slack).toFixed(1))
  const most = Number(Math.min(found.most, value + slack).toFixed(1))
  change({ sizes: [...sizes.value, { number: id, of: null, least, most }] })
}

function colour(role: string, id: string) {
  const rest = Object.fromEntries(Object.entries(part.value.colours ?? {}).filter(([r]) => r !== role))
  change({ colours: id ? { ...rest, [role]: id } : rest })
}

const WITHIN_MM = 8
// Set free by mistake, it can be fixed again where it was while the page is open.
const known = part.value.place ?? null
const place = (fixed: boolean) => change({ place: fixed ? known : null })
</script>

<template>
  <details class="part">
    <summary>
      <span class="number">{{ number }}</span>
      <strong>{{ label }}</strong>
      <span class="faint">{{ summary }}</span>
      <span v-if="off > 0" class="stop">{{ say('characters.wearersOff', { count: off }) }}</span>
    </summary>
    <div class="fields">
      <div class="acts">
        <n-button size="small" :disabled="first" @click="emit('up')">{{
          say('characters.moreImportant')
        }}</n-button>
        <n-button size="small" :disabled="last" @click="emit('down')">{{
          say('characters.lessImportant')
        }}</n-button>
        <n-button size="small" @click="emit('remove')">{{ say('characters.takeOut') }}</n-button>
      </div>
      <n-checkbox :checked="part.sideIsFixed" @update:checked="(v: boolean) => change({ sideIsFixed: v })">{{
        say('characters.onItsSide')
      }}</n-checkbox>
      <n-checkbox v-if="known || part.place" :checked="!!part.place" @update:checked="place">{{
        say('characters.atItsPlace')
      }}</n-checkbox>
      <label v-if="part.place" class="row">
        <span class="faint">{{ say('characters.mayBeOff') }}</span>
        <n-input-number
          size="small"
          :value="part.place.withinMm"
          v-bind="LIMITS.PlaceRange.withinMm"
          :show-button="false"
          :input-props="{ 'aria-label': say('characters.mayBeOffMm', { part: label }) }"
          @update:value="
            (v: number | null) => change({ place: { ...part.place!, withinMm: v ?? WITHIN_MM } })
          "
        >
          <template #suffix>mm</template>
        </n-input-number>
      </label>
      <div v-for="(size, k) in sizes" :key="`${size.number} ${size.of}`" class="size">
        <span>{{ spec(size)?.label ?? size.number }}</span>
        <n-input-number
          v-for="which in ['least', 'most'] as const"
          :key="which"
          size="small"
          :value="shown(size, size[which])"
          :show-button="false"
          :input-props="{
            'aria-label': say(which === 'least' ? 'characters.leastOf' : 'characters.mostOf', {
              part: label,
              number: spec(size)?.label ?? size.number,
            }),
          }"
          @update:value="(v: number | null) => bound(k, which, v)"
        >
          <template #suffix>{{ unit(size) }}</template>
        </n-input-number>
        <n-select
          size="small"
          :value="size.of ?? BY_ITSELF"
          :options="measures"
          :aria-label="say('characters.measuredAgainst', { number: spec(size)?.label ?? size.number })"
          @update:value="(v: string) => against(k, v)"
        />
        <button
          class="cross"
          :aria-label="say('characters.leaveFree', { rule: spec(size)?.label ?? size.number })"
          @click="change({ sizes: sizes.filter((_, n) => n !== k) })"
        >
          ✕
        </button>
      </div>
      <n-select
        size="small"
        :value="null"
        :options="
          numbers
            .filter((n) => !sizes.some((s) => s.number === n.id))
            .map((n) => ({ value: n.id, label: n.label }))
        "
        :placeholder="say('characters.fixASize')"
        :aria-label="say('characters.fixASizeOf', { part: label })"
        @update:value="addSize"
      />
      <n-select
        v-if="choices.length"
        multiple
        size="small"
        :value="part.words ?? []"
        :options="choices.map((c) => ({ value: c.id, label: c.label }))"
        :placeholder="say('characters.fixAChoice')"
        :aria-label="say('characters.fixAChoiceOf', { part: label })"
        @update:value="(v: string[]) => change({ words: v })"
      />
      <div v-for="role in roles" :key="role.id" class="colour">
        <span class="dot" :style="{ background: colours[part.colours?.[role.id] ?? ''] ?? 'none' }" />
        <span>{{ role.label }}</span>
        <n-select
          size="small"
          :value="part.colours?.[role.id] ?? FREE"
          :options="shades"
          :aria-label="say('characters.colourOf', { coat: role.label })"
          @update:value="(v: string) => colour(role.id, v)"
        />
      </div>
    </div>
  </details>
</template>

<style scoped>
.part {
  border-bottom: 1px solid var(--line);
}

summary {
  display: flex;
  flex-wrap: wrap;
  gap: 2px 10px;
  align-items: baseline;
  padding: 10px 0;
  cursor: pointer;
}

.number {
  min-width: 20px;
  color: var(--faint);
}

.fields {
  display: grid;
  gap: 8px;
  padding: 2px 0 16px 30px;
}

.acts {
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
}

.row,
.colour {
  display: grid;
  grid-template-columns: 1fr 150px;
  align-items: center;
  gap: 8px;
}

.colour {
  grid-template-columns: 20px 1fr 180px;
}

.size {
  display: grid;
  grid-template-columns: 84px 84px minmax(0, 1fr) 28px;
  align-items: center;
  gap: 2px 6px;
}

.size > :first-child {
  grid-column: 1 / -1;
}

.dot {
  width: 18px;
  height: 18px;
  border-radius: 50%;
  border: 1px solid var(--swatch-line);
}

.cross {
  width: 28px;
  height: 28px;
  border: 0;
  border-radius: 7px;
  background: none;
  color: var(--faint);
  cursor: pointer;
}

.cross:hover {
  background: var(--accent-soft);
}
</style>
