<script setup lang="ts">
import { NButton, NCheckbox, NSelect, useMessage } from 'naive-ui'
import { computed, ref, watch } from 'vue'
import { api, type Character, type CharacterPart, type LookHead } from '../api/client'
import { useCatalogue } from '../stores/catalogue'
import { usePreferences } from '../stores/preferences'
import { say } from '../texts'
import DialogBox from './DialogBox.vue'

/** A character made from a look: the painter ticks what makes it what it is. */
const show = defineModel<boolean>('show', { required: true })
const props = defineProps<{ looks: LookHead[]; from?: string }>()
const emit = defineEmits<{ made: [character: Character] }>()

const RULES = ['sizes', 'place', 'colours', 'words'] as const
type Rule = (typeof RULES)[number]
const NAMES: Record<Rule, string> = {
  sizes: say('characters.sizes'),
  place: say('characters.itsPlace'),
  colours: say('characters.colours'),
  words: say('characters.choices'),
}

const catalogue = useCatalogue()
const preferences = usePreferences()
const message = useMessage()
const chosen = ref<string | null>(null)
const drawn = ref<Character | null>(null)
const ticked = ref<Record<string, Set<Rule> | undefined>>({})

const labelOf = (part: CharacterPart) =>
  part.model.name ?? catalogue.kindOf(part.model.kind)?.label ?? part.model.kind
const has = (part: CharacterPart, rule: Rule) => {
  const value = part[rule]
  return Array.isArray(value) ? value.length > 0 : !!value && Object.keys(value).length > 0
}
const parts = computed(() => drawn.value?.parts ?? [])
const count = computed(() => Object.values(ticked.value).filter(Boolean).length)

watch(show, (open) => {
  if (!open) return
  drawn.value = null
  chosen.value = props.from ?? null
  if (chosen.value) void draw(chosen.value)
})

async function draw(look: string) {
  chosen.value = look
  drawn.value = null
  try {
    const stored = await api.look(look)
    drawn.value = await api.characterOf({
      look: stored.look,
      faceId: preferences.face,
      kitId: stored.look.kit ?? preferences.kit,
      settingId: preferences.setting,
    })
    ticked.value = Object.fromEntries(
      parts.value.map((p) => [p.model.id, new Set(RULES.filter((r) => has(p, r)))]),
    )
  } catch (error) {
    message.error((error as Error).message, { duration: 9000, closable: true })
  }
}

function tick(part: CharacterPart, on: boolean) {
  ticked.value = {
    ...ticked.value,
    [part.model.id]: on ? new Set(RULES.filter((r) => has(part, r))) : undefined,
  }
}

function tickRule(part: CharacterPart, rule: Rule, on: boolean) {
  const rules = new Set(ticked.value[part.model.id])
  if (on) rules.add(rule)
  else rules.delete(rule)
  ticked.value = { ...ticked.value, [part.model.id]: rules }
}

/** What was ticked alone; of the palette what is still named. */
function make() {
  const all = drawn.value
  if (!all || !chosen.value) return
  const kept = parts.value.flatMap((part): CharacterPart[] => {
    const rules = ticked.value[part.model.id]
    if (!rules) return []
    return [
      {
        ...part,
        sizes: rules.has('sizes') ? part.sizes : [],
        place: rules.has('place') ? part.place : null,
        colours: rules.has('colours') ? part.colours : {},
        words: rules.has('words') ? part.words : [],
      },
    ]
  })
  const named = new Set(kept.flatMap((p) => Object.values(p.colours ?? {})))
  emit('made', {
    ...all,
    parts: kept,
    palette: all.palette.filter((c) => named.has(c.id)),
    wearers: [{ face: preferences.face, look: chosen.value }],
  })
  show.value = false
}
</script>

<template>
  <dialog-box v-model:show="show" :title="say('characters.fromALook')" :width-px="680">
    <n-select
      :value="chosen"
      filterable
      :options="looks.map((l) => ({ value: l.id, label: l.name }))"
      :placeholder="say('characters.whichLook')"
      :aria-label="say('characters.whichLook')"
      :input-props="{ 'aria-label': say('characters.whichLook') }"
      @update:value="draw"
    />
    <p v-if="chosen && !drawn" class="faint" role="status">{{ say('characters.drawingRules') }}</p>
    <template v-if="drawn">
      <p class="faint">{{ say('characters.tickWhatMatters') }}</p>
      <ul>
        <li v-for="part in parts" :key="part.model.id">
          <n-checkbox :checked="!!ticked[part.model.id]" @update:checked="(v: boolean) => tick(part, v)">{{
            labelOf(part)
          }}</n-checkbox>
          <span class="rules">
            <n-checkbox
              v-for="rule in RULES.filter((r) => has(part, r))"
              :key="rule"
              :disabled="!ticked[part.model.id]"
              :checked="!!ticked[part.model.id]?.has(rule)"
              :aria-label="`${labelOf(part)}: ${NAMES[rule]}`"
              @update:checked="(v: boolean) => tickRule(part, rule, v)"
              >{{ NAMES[rule] }}</n-checkbox
            >
          </span>
        </li>
      </ul>
      <n-button type="primary" :disabled="count === 0" @click="make">{{
        say('characters.make', { count })
      }}</n-button>
    </template>
  </dialog-box>
</template>

<style scoped>
p {
  margin: 10px 0;
}

ul {
  list-style: none;
  margin: 0 0 14px;
  padding: 0;
  display: grid;
}

li {
  display: grid;
  grid-template-columns: 1fr auto;
  gap: 4px 14px;
  padding: 6px 0;
  border-bottom: 1px solid var(--line);
}

.rules {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 12px;
}

@media (width <= 640px) {
  li {
    grid-template-columns: 1fr;
  }

  .rules {
    padding-left: 24px;
  }
}
</style>
