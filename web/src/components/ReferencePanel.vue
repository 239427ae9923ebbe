<script setup lang="ts">
import { NButton, NSwitch } from 'naive-ui'
import { useElementSize } from '@vueuse/core'
import { computed, ref, shallowRef, watch } from 'vue'
import { picture } from '../api/addresses'
import type { PinnedReference } from '../api/client'
import { ENTRIES, LIMITS } from '../api/limits'
import { held, type Spot } from '../lib/trace'
import { useLook } from '../stores/look'
import { useReferences } from '../stores/references'
import { useSession } from '../stores/session'
import { say } from '../texts'
import DocumentMenu from './DocumentMenu.vue'
import NamedSlider from './NamedSlider.vue'
import PictureShelf from './PictureShelf.vue'
import ReferenceColour from './ReferenceColour.vue'
import ReferenceTrace from './ReferenceTrace.vue'
import SegmentGroup from './SegmentGroup.vue'

/** Pictures pinned beside the bust: held, a colour taken off one, a line traced over one. */
const HANDS = [
  { id: 'hold', label: say('references.hold'), title: say('references.holdTitle') },
  { id: 'colour', label: say('references.colour'), title: say('references.colourTitle') },
  { id: 'trace', label: say('references.trace'), title: say('references.traceTitle') },
] as const
type Hand = (typeof HANDS)[number]['id']
const PER_NOTCH = 1.12

const lookDoc = useLook()
const session = useSession()
const references = useReferences()
const chosen = ref<string | null>(null)
const hand = ref<Hand>('hold')
const moved = ref<Spot>({ x: 0, y: 0 })
/** The pixels of the picture in hand. */
const pixels = shallowRef<HTMLCanvasElement | null>(null)
const gone = ref(false)
const place = ref<SVGSVGElement | null>(null)
const sheet = ref<SVGGElement | null>(null)
const { width, height } = useElementSize(place)
const colour = ref<InstanceType<typeof ReferenceColour> | null>(null)
const trace = ref<InstanceType<typeof ReferenceTrace> | null>(null)
const dragged = ref(false)

const pins = computed(() => lookDoc.look.references ?? [])
const pin = computed(() => pins.value.find((p) => p.reference === chosen.value) ?? pins.value[0] ?? null)
/** As the studio keeps it. */
const head = computed(() => references.all.find((r) => r.id === pin.value?.reference))
const transform = computed(() =>
  pin.value && pixels.value
    ? held(pin.value, pixels.value, { width: width.value, height: height.value }, moved.value)
    : '',
)

watch(
  () => pin.value?.reference,
  async (id) => {
    pixels.value = null
    gone.value = false
    moved.value = { x: 0, y: 0 }
    if (!id) return
    try {
      const answer = await fetch(picture.reference(id))
      if (!answer.ok) throw new Error()
      const read = await createImageBitmap(await answer.blob())
      if (pin.value?.reference !== id) return
      const canvas = document.createElement('canvas')
      ;[canvas.width, canvas.height] = [read.width, read.height]
      canvas.getContext('2d', { willReadFrequently: true })!.drawImage(read, 0, 0)
      pixels.value = canvas
    } catch {
      gone.value = true
    }
  },
  { immediate: true },
)

const describe = (references: PinnedReference[], key = '') => lookDoc.describe({ references }, key)

function change(by: Partial<PinnedReference>, key = '') {
  const now = pin.value
  if (now)
    describe(
      pins.value.map((p) => (p === now ? { ...p, ...by } : p)),
      key && `${key}${now.reference}`,
    )
}

function hang(id: string) {
  if (pins.value.length < ENTRIES.Look.references) describe([...pins.value, { reference: id }])
  chosen.value = id
}

function takeDown() {
  const now = pin.value
  if (now) describe(pins.value.filter((p) => p !== now))
}

function removed() {
  takeDown()
  void references.load()
}

/** The place of the picture under the pointer. */
function under(event: PointerEvent): Spot | null {
  const from = sheet.value?.getScreenCTM()?.inverse()
  if (!from || !pixels.value) return null
  const { x, y } = new DOMPoint(event.clientX, event.clientY).matrixTransform(from)
  return x < 0 || y < 0 || x > pixels.value.width || y > pixels.value.height ? null : { x, y }
}

function down(event: PointerEvent) {
  dragged.value = true
  place.value?.setPointerCapture(event.pointerId)
  const at = under(event)
  if (!at || !pixels.value) return
  if (hand.value === 'colour') void colour.value?.at(at, pixels.value)
  if (hand.value === 'trace') trace.value?.at(at)
}

function move(event: PointerEvent) {
  if (!dragged.value) return
  if (hand.value === 'hold')
    moved.value = { x: moved.value.x + event.movementX, y: moved.value.y + event.movementY }
  const at = under(event)
  if (hand.value === 'trace' && at) trace.value?.along(at)
}

function wheel(event: WheelEvent) {
  const { min, max } = LIMITS.PinnedReference.sizePercent
  const next = (pin.value?.sizePercent ?? 100) * (event.deltaY < 0 ? PER_NOTCH : 1 / PER_NOTCH)
  if (session.canChange) change({ sizePercent: Math.round(Math.min(max, Math.max(min, next))) }, 'size')
}
</script>

<template>
  <section class="references" :aria-label="say('references.pictures')">
    <header>
      <picture-shelf
        :ids="pins.map((p) => p.reference)"
        :chosen="pin?.reference"
        :most="ENTRIES.Look.references"
        :fixed="!session.canChange"
        @choose="(id) => (chosen = id)"
        @hang="hang"
      />
    </header>
    <p v-if="!pin" class="says">{{ say('references.noneYet') }} {{ say('references.ofPeople') }}</p>
    <p v-else-if="gone" class="says">{{ say('references.gone') }}</p>
    <svg
      v-else
      ref="place"
      class="place"
      :class="hand"
      role="img"
      :aria-label="say('references.thePicture', { name: references.nameOf(pin.reference) })"
      @pointerdown="down"
      @pointermove="move"
      @pointerup="dragged = false"
      @pointercancel="dragged = false"
      @wheel.prevent="wheel"
    >
      <g v-if="pixels" ref="sheet" :transform="transform">
        <image :href="picture.reference(pin.reference)" :width="pixels.width" :height="pixels.height" />
        <g v-if="hand === 'trace' && trace" class="drawn">
          <polyline :points="trace.points.map((p) => `${p.x},${p.y}`).join(' ')" />
          <path v-for="(p, k) in trace.points" :key="k" class="point" :d="`M${p.x} ${p.y}h0`" />
          <template v-for="(m, k) in trace.matches" :key="`m${k}`">
            <path v-if="m" class="match" :d="`M${m.x} ${m.y}h0`" />
          </template>
        </g>
        <path
          v-if="hand === 'colour' && colour?.spot"
          class="match"
          :d="`M${colour.spot.x} ${colour.spot.y}h0`"
        />
      </g>
    </svg>
    <footer v-if="pin && !gone">
      <div class="row">
        <segment-group v-model:value="hand" :label="say('references.whatTheHandDoes')" :options="HANDS" />
        <span class="gap" />
        <n-button v-if="session.canChange" size="small" @click="takeDown">{{
          say('references.unpin')
        }}</n-button>
        <document-menu
          v-if="head"
          :id="head.id"
          kind="references"
          :revision="head.revision"
          :name="head.name"
          :last="false"
          :reload="references.load"
          @removed="removed"
        />
      </div>
      <div v-if="hand === 'hold'" class="row" :inert="!session.canChange">
        <label
          >{{ say('references.size') }}
          <named-slider
            class="slider"
            :value="pin.sizePercent ?? 100"
            v-bind="LIMITS.PinnedReference.sizePercent"
            :step="5"
            :label="say('references.sizeOf')"
            @update:value="(v: number) => change({ sizePercent: v }, 'size')"
          />
          <span class="figure">{{ pin.sizePercent ?? 100 }} %</span></label
        >
        <label
          >{{ say('references.turn') }}
          <named-slider
            class="slider"
            :value="pin.turnDeg ?? 0"
            v-bind="LIMITS.PinnedReference.turnDeg"
            :step="1"
            :label="say('references.turnBy')"
            @update:value="(v: number) => change({ turnDeg: v }, 'turn')"
          />
          <span class="figure">{{ pin.turnDeg ?? 0 }}°</span></label
        >
        <label
          >{{ say('references.mirror') }}
          <n-switch
            size="small"
            :value="pin.mirrored ?? false"
            :aria-label="say('references.mirror')"
            @update:value="(v: boolean) => change({ mirrored: v })"
        /></label>
      </div>
      <reference-colour v-show="hand === 'colour'" ref="colour" />
      <reference-trace v-if="pixels" v-show="hand === 'trace'" ref="trace" :picture="pixels" />
    </footer>
  </section>
</template>

<style scoped>
.references {
  display: flex;
  flex-direction: column;
  min-width: 0;
  min-height: 0;
  background: var(--panel);
  border-left: 1px solid var(--line);
}

.row {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 8px 14px;
}

header,
footer {
  padding: 8px 12px;
}

footer {
  display: grid;
  gap: 8px;
  max-height: 46%;
  overflow-y: auto;
  border-top: 1px solid var(--line);
}

.place {
  flex: 1;
  min-height: 160px;
  width: 100%;
  background: var(--surround);
  touch-action: none;
  cursor: crosshair;
}

.place.hold {
  cursor: grab;
}

.says {
  padding: 20px;
  color: var(--faint);
}

.drawn polyline {
  fill: none;
  stroke: var(--mark);
  stroke-width: 2px;
  vector-effect: non-scaling-stroke;
  paint-order: stroke;
}

.point,
.match {
  fill: none;
  stroke: var(--grip);
  stroke-width: 6px;
  stroke-linecap: round;
  vector-effect: non-scaling-stroke;
}

.match {
  stroke: var(--refused);
  stroke-width: 8px;
}

label {
  display: flex;
  align-items: center;
  gap: 8px;
}

.slider {
  width: 90px;
}

.figure {
  min-width: 44px;
}

.gap {
  flex: 1;
}
</style>
