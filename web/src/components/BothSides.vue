<script setup lang="ts">
import { NButton } from 'naive-ui'
import { computed, ref, watch } from 'vue'
import type { Look } from '../api/client'
import { changesOf, differenceWords } from '../lib/differences'
import { bothChanged, piecesOf, usualChoice, type Choice, type Piece } from '../lib/merge'
import { useCatalogue } from '../stores/catalogue'
import type { SavedDocument } from '../lib/document'
import { say } from '../texts'
import ChoiceField from './ChoiceField.vue'
import DialogBox from './DialogBox.vue'

/** A document that was changed here and elsewhere: what each changed, thing by thing, and whose stands. */
const show = defineModel<boolean>('show', { required: true })
const props = defineProps<{ doc: SavedDocument }>()

const catalogue = useCatalogue()
const pieces = computed<Piece[]>(() => {
  const both = props.doc.conflict
  return both ? piecesOf(both.base, props.doc.value, both.theirs) : []
})
const choices = ref<Choice[]>([])
watch(pieces, (all) => (choices.value = all.map(usualChoice)), { immediate: true })

const SIDES = [
  { id: 'mine', label: say('bothSides.mine') },
  { id: 'theirs', label: say('bothSides.theirs') },
] as const

// What a part of a look is called; other documents have none.
const partsOf = (value: object | undefined) => (value as Partial<Look> | undefined)?.parts ?? []
const kinds = computed<Record<string, string>>(() =>
  Object.fromEntries(
    [...partsOf(props.doc.conflict?.theirs), ...partsOf(props.doc.value)].map((p) => [p.id, p.kind]),
  ),
)
const words = {
  kindOf: (id: string) => catalogue.kindOf(id)?.label ?? id,
  paintOf: (id: string) => catalogue.kit?.paints.find((p) => p.id === id)?.name ?? id,
}

/** What a side made of it, in a few lines. */
function made(piece: Piece, side: Choice): string[] {
  const all = changesOf(piece.path, piece.base, piece[side]).map((d) =>
    differenceWords(d, kinds.value, words),
  )
  if (all.length === 0) return [say('bothSides.leftAsItWas')]
  return all.length > 4 ? [...all.slice(0, 3), say('bothSides.more', { count: all.length - 3 })] : all
}

function all(side: Choice) {
  choices.value = pieces.value.map(() => side)
}

function take() {
  props.doc.take(pieces.value, choices.value)
  show.value = false
}
</script>

<template>
  <dialog-box v-model:show="show" :title="say('bothSides.changedHereAndElsewhere')" :width-px="860">
    <p class="faint">{{ say('bothSides.whoseStands') }}</p>
    <ul>
      <li v-for="(piece, n) in pieces" :key="piece.path.join('/')" :class="{ both: bothChanged(piece) }">
        <div class="side" :class="{ chosen: choices[n] === 'mine' }">
          <span v-for="line in made(piece, 'mine')" :key="line">{{ line }}</span>
        </div>
        <choice-field
          :value="choices[n] ?? 'mine'"
          :label="made(piece, 'mine')[0]!"
          :options="SIDES"
          @update:value="(side: Choice) => (choices[n] = side)"
        />
        <div class="side" :class="{ chosen: choices[n] === 'theirs' }">
          <span v-for="line in made(piece, 'theirs')" :key="line">{{ line }}</span>
        </div>
      </li>
    </ul>
    <footer>
      <n-button size="small" @click="all('mine')">{{ say('bothSides.allOfMine') }}</n-button>
      <n-button size="small" @click="all('theirs')">{{ say('bothSides.allOfTheirs') }}</n-button>
      <span class="gap" />
      <n-button type="primary" @click="take">{{ say('bothSides.goOnWithThese') }}</n-button>
    </footer>
  </dialog-box>
</template>

<style scoped>
ul {
  list-style: none;
  margin: 12px 0;
  padding: 0;
  max-height: 56vh;
  overflow-y: auto;
}

li {
  display: grid;
  grid-template-columns: 1fr max-content 1fr;
  align-items: center;
  gap: 14px;
  padding: 9px 10px;
  border-top: 1px solid var(--line);
}

/* Where both changed the same, nobody is right by himself. */
li.both {
  border-left: 3px solid var(--warning);
}

.side {
  display: grid;
  gap: 3px;
  color: var(--faint);
  overflow-wrap: anywhere;
}

.side.chosen {
  color: var(--ink);
}

footer {
  display: flex;
  gap: 8px;
}

.gap {
  flex: 1;
}

@media (width <= 640px) {
  li {
    grid-template-columns: 1fr;
    gap: 6px;
  }
}
</style>
