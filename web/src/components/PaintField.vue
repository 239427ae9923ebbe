<script setup lang="ts">
import { say } from '../texts'
import NumberBox from './NumberBox.vue'
import { NInputNumber, NSelect, type SelectOption } from 'naive-ui'
import { computed, h, type VNodeChild } from 'vue'
import type { Kit, Part } from '../api/client'

type Mix = NonNullable<Part['paints']>[string]

const props = defineProps<{
  label: string
  optional: boolean
  mix: Mix | undefined
  coats: number
  kit: Kit | undefined
}>()
const emit = defineEmits<{ mix: [value: Mix | null]; coats: [value: number]; cake: [value: Mix] }>()

const options = computed<SelectOption[]>(() =>
  (props.kit?.paints ?? []).map((p) => ({ label: p.name, value: p.id, colour: p.opaqueColour })),
)

function swatch(colour: unknown) {
  return h('span', {
    style: `display:inline-block;width:13px;height:13px;border-radius:3px;margin-right:7px;vertical-align:-2px;border:1px solid var(--swatch-line);background:${String(colour)}`,
  })
}

const labelOf = (option: SelectOption): VNodeChild => [swatch(option.colour), option.label as string]

function paint(index: number, id: string | null) {
  const shares = [...(props.mix ?? [])]
  if (id === null) shares.splice(index, 1)
  else shares[index] = { paint: id, parts: shares[index]?.parts ?? 1 }
  emit('mix', shares.length > 0 ? shares : null)
}

function parts(index: number, value: number | null) {
  if (!value || !props.mix) return
  emit(
    'mix',
    props.mix.map((s, k) => (k === index ? { ...s, parts: value } : s)),
  )
}

/** Split cakes of the kit, each with its colours in order. */
const cakes = computed(() => {
  const found = new Map<string, { paint: string; place: number }[]>()
  for (const p of props.kit?.paints ?? [])
    if (p.stripe)
      found.set(p.stripe.cake, [...(found.get(p.stripe.cake) ?? []), { paint: p.id, place: p.stripe.place }])
  return [...found].map(([name, stripes]) => ({
    name,
    mix: stripes.sort((a, b) => a.place - b.place).map((s) => ({ paint: s.paint, parts: 1 })),
  }))
})

const addable = computed(() => {
  const used = new Set(props.mix?.map((s) => s.paint))
  return props.kit?.paints.find((p) => !used.has(p.id))?.id ?? null
})
</script>

<template>
  <fieldset class="paint">
    <legend>{{ label }}</legend>
    <div v-for="(share, index) in mix ?? []" :key="index" class="share">
      <n-input-number
        v-if="(mix?.length ?? 0) > 1"
        :value="share.parts"
        size="small"
        :min="1"
        :max="20"
        :precision="0"
        :show-button="false"
        :input-props="{ 'aria-label': say('paintField.partsOfPaint', { label, index: index + 1 }) }"
        style="width: 46px"
        @update:value="(v: number | null) => parts(index, v)"
      />
      <n-select
        :value="share.paint"
        size="small"
        :options="options"
        :render-label="labelOf"
        :clearable="optional || (mix?.length ?? 0) > 1"
        :aria-label="say('paintField.paint', { label, index: index + 1 })"
        @update:value="(v: string | null) => paint(index, v)"
      />
    </div>
    <div class="row">
      <button v-if="!mix?.length" class="small" @click="addable && paint(0, addable)">
        {{ say('paintField.layThisCoat') }}
      </button>
      <button v-else-if="mix.length < 6 && addable" class="small" @click="paint(mix.length, addable)">
        {{ say('paintField.mixInAPaint') }}
      </button>
      <span v-if="mix?.length" class="coats">
        <number-box
          :value="coats"
          size="small"
          :min="1"
          :max="8"
          :precision="0"
          :says="say('paintField.coats', { label })"
          style="width: 84px"
          @update:value="(v: number | null) => v && emit('coats', v)"
        />
        {{ coats === 1 ? say('paintField.coat') : say('paintField.coats2') }}
      </span>
    </div>
    <div v-if="cakes.length" class="row">
      <button v-for="c in cakes" :key="c.name" class="small" @click="emit('cake', c.mix)">
        {{ say('paintField.load', { name: c.name }) }}
      </button>
    </div>
  </fieldset>
</template>

<style scoped>
.paint {
  border: 0;
  padding: 0;
  margin: 0;
  display: grid;
  gap: 5px;
}

legend {
  padding: 0;
  color: var(--faint);
  margin-bottom: 3px;
}

.share {
  display: flex;
  gap: 6px;
}

.row {
  display: flex;
  justify-content: space-between;
  align-items: center;
  min-height: 28px;
}

.small {
  border: 0;
  background: none;
  color: var(--accent);
  padding: 0;
  min-height: 28px;
  cursor: pointer;
  text-decoration: underline;
  text-underline-offset: 3px;
}

.coats {
  display: flex;
  align-items: center;
  gap: 6px;
}
</style>
