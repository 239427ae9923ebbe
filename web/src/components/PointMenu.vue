<script setup lang="ts">
import { say } from '../texts'
import { computed, nextTick, ref, watch } from 'vue'
import { api, type Offer } from '../api/client'
import { sentence, size } from '../lib/format'
import type { ChartPoint } from '../lib/zones'
import { usePreferences } from '../stores/preferences'
import { OWN_LINE, useDrawing } from '../stores/drawing'
import { useLook } from '../stores/look'
import { usePlan } from '../stores/plan'
import { useSelection } from '../stores/selection'
import { partsAt } from '../three/marks'

export interface Pointed {
  x: number
  y: number
  zone: string
  chart: ChartPoint | null
}

const props = defineProps<{ at: Pointed }>()
const emit = defineEmits<{ close: [] }>()

const lookDoc = useLook()
const drawing = useDrawing()
const planning = usePlan()
const selection = useSelection()
const preferences = usePreferences()
const offers = ref<Offer[] | null>(null)
const problem = ref('')
const menu = ref<HTMLElement | null>(null)

const here = computed(() => (props.at.chart ? partsAt(planning.plan?.parts ?? [], props.at.chart) : []))
const place = computed(() => ({
  left: `${Math.min(props.at.x + 12, window.innerWidth - 290)}px`,
  top: `${Math.max(8, Math.min(props.at.y - 20, window.innerHeight - 330))}px`,
}))

watch(
  () => props.at,
  async (at) => {
    offers.value = null
    problem.value = ''
    try {
      offers.value = await api.offers(
        preferences.face,
        at.zone,
        preferences.kit,
        preferences.setting,
        lookDoc.colours,
      )
      await nextTick()
      menu.value?.querySelector<HTMLElement>('.offer')?.focus({ preventScroll: true })
    } catch (error) {
      problem.value = (error as Error).message
    }
  },
  { immediate: true },
)

function facts(offer: Offer) {
  const [first, second] = offer.sizes
  if (!first) return ''
  if (first.unit === '') return `${size(first, preferences.unit)} ${first.label.toLowerCase()}`
  if (second?.unit === 'mm' && first.unit === 'mm') {
    return `${size(first, preferences.unit)} × ${size(second, preferences.unit)}`
  }
  return size(first, preferences.unit)
}

function hang(offer: Offer) {
  lookDoc.add(offer.part)
  if (offer.kind === OWN_LINE && lookDoc.part) drawing.start(lookDoc.part.id)
  emit('close')
}

function select(id: string) {
  selection.selected = id
  emit('close')
}
</script>

<template>
  <div
    ref="menu"
    class="menu"
    role="dialog"
    :aria-label="at.zone"
    :style="place"
    @keydown.esc.stop="emit('close')"
  >
    <header>
      <h3>{{ sentence(at.zone) }}</h3>
      <button class="x" :aria-label="say('pointMenu.close')" @click="emit('close')">×</button>
    </header>
    <template v-if="here.length">
      <p class="faint">{{ say('pointMenu.hereAlready') }}</p>
      <button v-for="part in here" :key="part.id" class="row" @click="select(part.id)">
        {{ part.label }}
      </button>
    </template>
    <p class="faint">{{ say('pointMenu.whatCanHangHere') }}</p>
    <p v-if="problem" class="stop">{{ problem }}</p>
    <p v-else-if="offers && offers.length === 0">{{ say('pointMenu.nothingYetForThisZone') }}</p>
    <button v-for="offer in offers ?? []" :key="offer.kind" class="row offer" @click="hang(offer)">
      <span>{{ offer.label }}</span>
      <span class="faint">{{ facts(offer) }}</span>
    </button>
  </div>
</template>

<style scoped>
.menu {
  position: fixed;
  z-index: 20;
  width: 276px;
  max-height: 320px;
  overflow: auto;
  background: var(--panel);
  border: 1px solid var(--line);
  border-radius: 11px;
  box-shadow: var(--lifted);
  padding: 10px;
  display: grid;
  gap: 2px;
}

header {
  display: flex;
  justify-content: space-between;
  align-items: center;
}

.x {
  width: 32px;
  height: 32px;
  border: 0;
  background: none;
  font-size: 20px;
  cursor: pointer;
}

.row {
  min-height: 36px;
  display: flex;
  justify-content: space-between;
  align-items: center;
  gap: 10px;
  border: 0;
  border-radius: 7px;
  background: none;
  padding: 2px 9px;
  cursor: pointer;
  text-align: left;
}

.row:hover,
.row:focus-visible {
  background: var(--accent-soft);
}
</style>
