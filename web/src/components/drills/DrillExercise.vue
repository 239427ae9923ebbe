<script setup lang="ts">
import { NButton } from 'naive-ui'
import { computed, ref, shallowRef, watch } from 'vue'
import { drills } from '../../api/drillCalls'
import { api } from '../../api/client'
import { LIMITS } from '../../api/limits'
import type { DrillAdvice, DrillBook, DrillRequest, DrillSheet, DrillTry } from '../../api/types'
import { useAttempt } from '../../lib/attempt'
import { download, fileName } from '../../lib/download'
import { nameOf, steadier, STROKES } from '../../lib/drillWords'
import { clock } from '../../lib/format'
import { useLatest } from '../../lib/latest'
import { usePreferences } from '../../stores/preferences'
import { say } from '../../texts'
import PracticePicture from '../book/PracticePicture.vue'
import SegmentGroup from '../SegmentGroup.vue'
import DrillPhoto from './DrillPhoto.vue'
import NumberBox from '../NumberBox.vue'
import SheetPicture from './SheetPicture.vue'

/** One exercise: laid on a ground, printed, measured off a photo, and how it went so far. */
const props = defineProps<{ advice: DrillAdvice; book: DrillBook; look: string; can: boolean }>()
const emit = defineEmits<{ kept: [tried: DrillTry]; dropped: [tried: DrillTry] }>()

const preferences = usePreferences()
const attempt = useAttempt()
const ground = ref<DrillRequest['ground']>('card')
/** As large as fits while nothing was chosen. */
const lay = ref<{ sharePercent: number; turnDeg: number } | null>(null)
const sheet = shallowRef<DrillSheet | null>(null)
const seen = shallowRef<readonly (readonly number[])[]>([])
const GROUNDS = [
  { id: 'card', label: say('drills.card'), title: say('drills.cardTitle') },
  { id: 'hand', label: say('drills.hand'), title: say('drills.handTitle') },
  { id: 'forearm', label: say('drills.forearm'), title: say('drills.forearmTitle') },
] as const

const name = computed(() => nameOf(props.advice))
const drill = computed<DrillRequest>(() => ({
  exercise: props.advice.advice.exercise,
  ground: ground.value,
  hand: props.book.hand ?? null,
  leftHanded: props.book.leftHanded ?? false,
  face: preferences.face,
  kit: preferences.kit,
  setting: preferences.setting,
  ...(lay.value ?? {}),
}))
watch([() => props.advice.advice.exercise, ground], () => (lay.value = null))

const asking = useLatest()
watch(
  drill,
  (wanted) =>
    asking.later(lay.value ? 250 : 0, async () => {
      await attempt(() =>
        asking.ask(async (signal) => {
          sheet.value = await drills.lay(wanted, signal)
          seen.value = []
        }),
      )
    }),
  { immediate: true },
)

const print = () =>
  attempt(async () => download(await drills.paper(drill.value, name.value), fileName(name.value, 'pdf')))
/** On one's own face: as the mirror shows it, one lid at a time. */
const mirrorSheet = () =>
  attempt(async () => {
    const { look } = await api.look(props.look)
    const request = {
      look,
      faceId: preferences.face,
      kitId: preferences.kit,
      settingId: preferences.setting,
      onOneself: true,
    }
    download(await api.sheet(request, 'A4', preferences.unit), fileName(look.name, 'pdf'))
  })

const resize = (by: Partial<{ sharePercent: number; turnDeg: number }>) =>
  (lay.value = {
    sharePercent: lay.value?.sharePercent ?? sheet.value!.sharePercent,
    turnDeg: lay.value?.turnDeg ?? sheet.value!.turnDeg,
    ...by,
  })

const tries = computed(() =>
  props.book.tries
    .filter((t) => t.exercise === props.advice.advice.exercise)
    .sort((a, b) => (a.on < b.on ? 1 : -1)),
)
const face = computed(() => sheet.value?.toFace ?? null)
const one = (mm: number) => mm.toFixed(1)
</script>

<template>
  <header>
    <h2>{{ name }}</h2>
    <span class="gap" />
    <n-button @click="print">{{ say('drills.onPaper') }}</n-button>
    <n-button :title="say('drills.mirrorTitle')" @click="mirrorSheet">{{ say('drills.mirror') }}</n-button>
  </header>
  <p class="faint">{{ STROKES[advice.advice.exercise]?.mind ?? say('drills.partMind') }}</p>
  <div class="row">
    <segment-group v-model:value="ground" :label="say('drills.ground')" :options="GROUNDS" />
    <template v-if="sheet">
      <number-box
        class="small"
        size="small"
        :value="sheet.sharePercent"
        v-bind="LIMITS.DrillRequest.sharePercent"
        :step="5"
        :precision="0"
        :says="say('drills.size')"
        @update:value="(v: number | null) => v !== null && resize({ sharePercent: v })"
        ><template #prefix>{{ say('drills.size') }}</template
        ><template #suffix>%</template></number-box
      >
      <number-box
        class="small"
        size="small"
        :value="sheet.turnDeg"
        v-bind="LIMITS.DrillRequest.turnDeg"
        :step="15"
        :precision="0"
        :says="say('drills.turn')"
        @update:value="(v: number | null) => v !== null && resize({ turnDeg: v })"
        ><template #prefix>{{ say('drills.turn') }}</template
        ><template #suffix>°</template></number-box
      >
    </template>
  </div>
  <template v-if="sheet">
    <p v-if="!sheet.fits" class="stop">{{ say('drills.runsOver') }}</p>
    <sheet-picture :sheet="sheet" :seen="seen" :words="ground !== 'card'" />
    <ul v-if="face" class="changes" :aria-label="say('drills.toFace')">
      <li>
        {{
          say('drills.onFace', {
            wide: one(face.widthMm),
            high: one(face.heightMm),
            handWide: one(face.handWidthMm),
            handHigh: one(face.handHeightMm),
            times: face.times.toFixed(2),
          })
        }}
      </li>
      <li>
        {{ say('drills.finest', { face: one(face.finestMm), hand: one(face.handFinestMm) }) }}
      </li>
      <li v-if="face.areaTimes > 1.05 || face.areaTimes < 0.95">
        {{ say('drills.areaTimes', { times: face.areaTimes.toFixed(1) }) }}
      </li>
      <li v-if="face.stretch > 0.02">
        {{ say('drills.stretch', { percent: (100 * face.stretch).toFixed(0) }) }}
      </li>
    </ul>
    <h3>{{ say('drills.practise') }}</h3>
    <drill-photo
      :drill="drill"
      :sheet="sheet"
      :demo="
        advice.advice.exercise === 'symmetricPair' && ground === 'card' ? '/demo-photos/drill-card.jpg' : null
      "
      :can-keep="can"
      @kept="(t) => emit('kept', t)"
      @seen="(edges) => (seen = edges)"
    />
  </template>
  <h3>{{ say('drills.soFar') }}</h3>
  <p v-if="!tries.length" class="faint">{{ say('drills.noneSoFar') }}</p>
  <template v-else>
    <template v-if="advice.curve">
      <practice-picture :practice="advice.curve" mm :low="advice.curveLow" :high="advice.curveHigh" />
      <p class="faint">
        {{ steadier(advice) }} {{ advice.curve.exponent === null ? '' : say('drills.band') }}
      </p>
    </template>
    <table>
      <thead>
        <tr>
          <th>{{ say('drills.day') }}</th>
          <th>{{ say('drills.ground') }}</th>
          <th>{{ say('drills.shape') }}</th>
          <th>{{ say('drills.width') }}</th>
          <th>{{ say('drills.minutes') }}</th>
          <th />
        </tr>
      </thead>
      <tbody>
        <tr v-for="(t, k) in tries" :key="k">
          <td>{{ t.on }}</td>
          <td>{{ GROUNDS.find((g) => g.id === t.ground)?.label }}</td>
          <td>{{ one(t.shapeMm) }} mm</td>
          <td>± {{ t.unevenPercent.toFixed(0) }} %</td>
          <td>{{ t.seconds ? clock(t.seconds) : '–' }}</td>
          <td>
            <button
              v-if="can"
              class="x"
              :aria-label="say('drills.drop', { on: t.on })"
              @click="emit('dropped', t)"
            >
              ×
            </button>
          </td>
        </tr>
      </tbody>
    </table>
  </template>
</template>

<style scoped src="../table.css"></style>
<style scoped>
header,
.row {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 10px;
}

.row {
  margin-bottom: 10px;
}

.gap {
  flex: 1;
}

.small {
  width: 140px;
}

h3 {
  margin: 18px 0 4px;
}

.changes {
  margin: 10px 0 0;
  padding-left: 20px;
}

.x {
  border: 0;
  background: none;
  color: inherit;
  font: inherit;
  cursor: pointer;
  min-width: 28px;
  min-height: 28px;
}
</style>
