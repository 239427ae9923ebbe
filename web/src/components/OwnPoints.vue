<script setup lang="ts">
import { NButton, NInputNumber, NSwitch } from 'naive-ui'
import { computed } from 'vue'
import { ENTRIES, LIMITS } from '../api/limits'
import type { OwnDrawing, Part } from '../api/client'
import { MM_PER_INCH } from '../lib/format'
import { withoutPoint, withPoint } from '../lib/ownPoints'
import { useCatalogue } from '../stores/catalogue'
import { useDrawing } from '../stores/drawing'
import { useLook } from '../stores/look'
import { usePlan } from '../stores/plan'
import { usePreferences } from '../stores/preferences'
import { say } from '../texts'
import FieldRow from './FieldRow.vue'

/** Setting out an own line, and its points one by one. */
const props = defineProps<{ part: Part }>()

const lookDoc = useLook()
const planning = usePlan()
const catalogue = useCatalogue()
const preferences = usePreferences()
const drawing = useDrawing()

const drawn = computed<OwnDrawing>(() => props.part.drawn ?? { points: [] })
const busy = computed(() => drawing.active === props.part.id)
const scale = computed(() => (preferences.unit === 'in' ? MM_PER_INCH : 1))

const rows = computed(() => {
  const flat = planning.planPart?.ownPoints ?? []
  return drawn.value.points.flatMap((p, k) => {
    const [x, y] = [flat[2 * k], flat[2 * k + 1]]
    return x === undefined || y === undefined ? [] : [{ k, x, y, press: p.press ?? 1, at: wordsOf(p.at) }]
  })
})

function wordsOf(landmark: string | null | undefined) {
  const id = landmark?.replace(/_(left|right)$/, '')
  return catalogue.places.find((p) => p.id === id)?.label ?? id ?? ''
}

const change = (next: OwnDrawing, key = '') => lookDoc.edit(props.part.id, { drawn: next }, key)

function put(k: number, x: number | null, y: number | null) {
  if (x === null || y === null) return
  void drawing.move(props.part.id, k, { x, y }, false)
}

const press = (k: number, value: number | null) =>
  value !== null &&
  change(withPoint(drawn.value, k, { ...drawn.value.points[k]!, press: value }), `press${k}`)
const shown = (mm: number) => Number((mm / scale.value).toFixed(scale.value === 1 ? 1 : 2))
</script>

<template>
  <section class="group" :aria-label="say('ownPoints.yourPoints')">
    <p v-if="busy" class="busy" role="status">
      {{
        drawing.full
          ? say('ownPoints.full', { most: ENTRIES.OwnDrawing.points })
          : say('ownPoints.pointOnTheSkin')
      }}
    </p>
    <p v-else-if="drawn.points.length === 0" class="faint">{{ say('ownPoints.aSampleUntilYouPoint') }}</p>
    <div class="buttons">
      <n-button v-if="!busy" size="small" type="primary" secondary @click="drawing.start(part.id)">{{
        drawn.points.length ? say('ownPoints.addPoints') : say('ownPoints.setItOut')
      }}</n-button>
      <template v-else>
        <n-button size="small" type="primary" @click="drawing.stop()">{{ say('ownPoints.done') }}</n-button>
        <n-button size="small" :disabled="drawn.points.length === 0" @click="drawing.back()">{{
          say('ownPoints.takeTheLastBack')
        }}</n-button>
      </template>
    </div>
    <p v-if="drawing.problem" class="stop" role="alert">{{ drawing.problem }}</p>
    <field-row tag="label" :label="say('ownPoints.closed')">
      <n-switch
        :value="drawn.closed ?? false"
        :aria-label="say('ownPoints.closed')"
        @update:value="(v: boolean) => change({ ...drawn, closed: v })"
      />
    </field-row>
    <field-row tag="label" :label="say('ownPoints.straight')">
      <n-switch
        :value="drawn.straight ?? false"
        :aria-label="say('ownPoints.straight')"
        @update:value="(v: boolean) => change({ ...drawn, straight: v })"
      />
    </field-row>
    <details v-if="rows.length">
      <summary>{{ say('ownPoints.pointByPoint') }}</summary>
      <ol>
        <li v-for="r in rows" :key="r.k">
          <span class="n">{{ r.k + 1 }}</span>
          <n-input-number
            size="tiny"
            :value="shown(r.x)"
            :show-button="false"
            :input-props="{
              'aria-label': say('ownPoints.outOf', { n: r.k + 1, unit: preferences.unit }),
            }"
            @update:value="(v: number | null) => put(r.k, v === null ? null : v * scale, r.y)"
            ><template #suffix>{{ preferences.unit }}</template></n-input-number
          >
          <n-input-number
            size="tiny"
            :value="shown(r.y)"
            :show-button="false"
            :input-props="{ 'aria-label': say('ownPoints.upOf', { n: r.k + 1, unit: preferences.unit }) }"
            @update:value="(v: number | null) => put(r.k, r.x, v === null ? null : v * scale)"
            ><template #suffix>{{ preferences.unit }}</template></n-input-number
          >
          <n-input-number
            size="tiny"
            :value="r.press"
            v-bind="LIMITS.OwnPoint.press"
            :step="0.1"
            :show-button="false"
            :input-props="{ 'aria-label': say('ownPoints.pressOf', { n: r.k + 1 }) }"
            @update:value="(v: number | null) => press(r.k, v)"
            ><template #prefix>×</template></n-input-number
          >
          <button
            class="x"
            :aria-label="say('ownPoints.takeOut', { n: r.k + 1 })"
            @click="change(withoutPoint(drawn, r.k))"
          >
            ×
          </button>
          <span v-if="r.at" class="faint at">{{ say('ownPoints.onThe', { place: r.at }) }}</span>
        </li>
      </ol>
      <p class="faint">{{ say('ownPoints.outUpPress') }}</p>
    </details>
  </section>
</template>

<style scoped>
.busy {
  color: var(--accent);
  font-weight: 600;
}

.buttons {
  display: flex;
  gap: 8px;
}

ol {
  list-style: none;
  margin: 6px 0 0;
  padding: 0;
  display: grid;
  gap: 5px;
}

li {
  display: grid;
  grid-template-columns: 18px 1fr 1fr 62px 28px;
  gap: 5px;
  align-items: center;
}

.at {
  grid-column: 2 / -1;
}

.x {
  min-height: 28px;
  border: 0;
  background: none;
  font-size: 17px;
  cursor: pointer;
}
</style>
