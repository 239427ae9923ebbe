<script setup lang="ts">
import { NButton } from 'naive-ui'
import { computed, ref, watch } from 'vue'
import { api, type StackedCoat } from '../../api/client'
import ColourSwatch from '../../components/ColourSwatch.vue'
import { useLatest } from '../../lib/latest'
import { draggedTo } from '../../lib/stack'
import { useLook } from '../../stores/look'
import { usePlan } from '../../stores/plan'
import { useSelection } from '../../stores/selection'
import { say } from '../../texts'

/** Every coat of the look, the last on top: dragged, or moved by its buttons, a coat lies over what it passes. */
const lookDoc = useLook()
const planning = usePlan()
const selection = useSelection()
const asking = useLatest()
const open = ref(false)
const stack = ref<StackedCoat[]>([])
const problem = ref('')
const free = ref('')
const list = ref<HTMLElement | null>(null)
const held = ref<{ key: string; from: number; to: number } | null>(null)

watch(
  [open, () => planning.plan],
  async () => {
    if (!open.value) return
    try {
      const found = await asking.ask((signal) => api.stack(planning.request, signal))
      if (found) stack.value = found
      problem.value = ''
    } catch (error) {
      problem.value = (error as Error).message
    }
  },
  { immediate: true },
)

/** From the top down, as one looks at it; places count from the skin up. */
const shown = computed(() => stack.value.map((coat, place) => ({ coat, place })).reverse())
const touched = computed(() => new Set(stack.value.find((c) => c.key === held.value?.key)?.touches ?? []))
/** Why a coat does not lie where it was put: something stronger asks for the other. */
const against = (key: string) =>
  planning.plan?.steps
    .find((s) => s.coats.some((c) => c.key === key))
    ?.why.find((w) => w.code === 'givesWay' && w.rule === 'stacked')?.words
const named = (c: StackedCoat) => (c.coat === c.part ? c.part : `${c.part}: ${c.coat.toLowerCase()}`)

function move(from: number, to: number) {
  const coat = stack.value[from]
  if (!coat || to < 0 || to >= stack.value.length || to === from) return
  const over = draggedTo(lookDoc.look.order?.over ?? [], stack.value, from, to)
  free.value = over ? '' : say('wholeStack.touchesNone', { coat: named(coat) })
  if (over) lookDoc.describe({ order: { ...lookDoc.look.order, over } })
}

/** By its buttons a coat passes the next one that it touches; the others make no difference. */
function step(from: number, up: boolean) {
  const coat = stack.value[from]!
  const places = stack.value.map((_, k) => k).filter((k) => (up ? k > from : k < from))
  const next = (up ? places : places.reverse()).find((k) => coat.touches.includes(stack.value[k]!.key))
  if (next === undefined) free.value = say('wholeStack.touchesNone', { coat: named(coat) })
  else move(from, next)
}

function press(event: PointerEvent, key: string, from: number) {
  if (event.button !== 0) return
  ;(event.currentTarget as HTMLElement).setPointerCapture(event.pointerId)
  held.value = { key, from, to: from }
  free.value = ''
}

function drag(event: PointerEvent) {
  if (!held.value || !list.value) return
  const rows = [...list.value.children].map((row) => row.getBoundingClientRect())
  const row = rows.findIndex((box) => event.clientY < box.bottom)
  held.value.to = stack.value.length - 1 - (row < 0 ? rows.length - 1 : row)
}

function drop() {
  const at = held.value
  held.value = null
  if (!at) return
  if (at.to === at.from) selection.selected = stack.value[at.from]?.partId ?? null
  else move(at.from, at.to)
}
</script>

<template>
  <details class="group" :open="open" @toggle="open = ($event.target as HTMLDetailsElement).open">
    <summary>{{ say('wholeStack.theWholeStack') }}</summary>
    <p class="faint">{{ say('wholeStack.lastOnTop') }}</p>
    <p v-if="problem" class="stop" role="alert">{{ problem }}</p>
    <p v-if="free" class="faint" role="status">{{ free }}</p>
    <ol ref="list" :aria-label="say('wholeStack.theWholeStack')">
      <li
        v-for="{ coat, place } in shown"
        :key="coat.key"
        :class="{
          held: held?.key === coat.key,
          aim: held && held.to === place && held.key !== coat.key,
          touched: touched.has(coat.key),
        }"
      >
        <span
          class="grip"
          @pointerdown="(e) => press(e, coat.key, place)"
          @pointermove="drag"
          @pointerup="drop"
          @pointercancel="held = null"
        >
          <colour-swatch :colour="coat.colour" />
          <span class="name"
            >{{ named(coat)
            }}<span v-if="coat.decided" class="faint"> · {{ say('wholeStack.laidByYou') }}</span>
            <span v-if="coat.decided && against(coat.key)" class="warning against">{{
              against(coat.key)
            }}</span></span
          >
        </span>
        <n-button
          size="tiny"
          quaternary
          :aria-label="say('wholeStack.up', { coat: named(coat) })"
          @click="step(place, true)"
          >↑</n-button
        >
        <n-button
          size="tiny"
          quaternary
          :aria-label="say('wholeStack.down', { coat: named(coat) })"
          @click="step(place, false)"
          >↓</n-button
        >
      </li>
    </ol>
    <p class="faint">{{ say('wholeStack.skin') }}</p>
  </details>
</template>

<style scoped>
ol {
  list-style: none;
  margin: 0;
  padding: 0;
}

li {
  display: grid;
  grid-template-columns: 1fr auto auto;
  align-items: center;
  border-bottom: 1px solid var(--line);
  border-left: 3px solid transparent;
}

li.touched {
  border-left-color: var(--accent);
}

li.held {
  background: var(--panel);
  opacity: 0.6;
}

li.aim {
  box-shadow: inset 0 0 0 2px var(--accent);
}

.grip {
  display: grid;
  grid-template-columns: auto 1fr;
  gap: 8px;
  align-items: center;
  padding: 5px 4px;
  cursor: grab;
  touch-action: none;
  user-select: none;
}

.against {
  display: block;
}

.name {
  overflow-wrap: anywhere;
}
</style>
