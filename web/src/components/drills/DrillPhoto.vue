<script setup lang="ts">
import { NButton } from 'naive-ui'
import { onBeforeUnmount, ref, shallowRef, watch } from 'vue'
import { drills } from '../../api/drillCalls'
import type { DrillRequest, DrillScore, DrillSheet } from '../../api/types'
import { useAttempt } from '../../lib/attempt'
import { clock, today } from '../../lib/format'
import { readPhoto } from '../../lib/photo'
import { base64, cornersToDrag, frameIn, fromAbove, STEP_MM } from '../../lib/sheetPhoto'
import { pixelsOf, type Shot } from '../../lib/shots'
import { say } from '../../texts'
import FileButton from '../FileButton.vue'
import PhotoStage from '../photo/PhotoStage.vue'

/** A clock to practise by, and a photo of what was painted: its four marks, and what it says. */
const props = defineProps<{ drill: DrillRequest; sheet: DrillSheet; demo: string | null; canKeep: boolean }>()
const emit = defineEmits<{ kept: [tried: DrillScore['try']]; seen: [edges: DrillScore['seen']] }>()

const attempt = useAttempt()
const shot = shallowRef<Shot | null>(null)
const score = shallowRef<DrillScore | null>(null)
const busy = ref(false)
const said = ref('')

/** Seconds by the clock; null before it ran. */
const seconds = ref<number | null>(null)
const running = ref(0)
let since = 0
let ticking: ReturnType<typeof setInterval> | null = null

function clockButton() {
  if (ticking !== null) return stop()
  since = Date.now()
  running.value = 0
  ticking = setInterval(() => (running.value = (Date.now() - since) / 1000), 250)
}

function stop() {
  if (ticking === null) return
  clearInterval(ticking)
  ticking = null
  seconds.value = Math.max(1, Math.round((Date.now() - since) / 1000))
  running.value = 0
}

function leave() {
  if (shot.value) URL.revokeObjectURL(shot.value.url)
  shot.value = null
  score.value = null
  said.value = ''
  emit('seen', [])
}

// Another exercise is another sheet.
watch(
  () => JSON.stringify(props.drill),
  () => {
    leave()
    seconds.value = null
  },
)
onBeforeUnmount(() => {
  stop()
  leave()
})

async function bring(file: File) {
  stop()
  await attempt(async () => {
    const canvas = await readPhoto(file)
    leave()
    const pixels = pixelsOf(canvas)
    const frame = props.drill.ground === 'card' ? frameIn(pixels) : null
    if (!frame) said.value = props.drill.ground === 'card' ? say('drills.noFrame') : say('drills.dragMarks')
    shot.value = {
      id: 1,
      name: file.name,
      canvas,
      url: URL.createObjectURL(file),
      focalPx: null,
      points: [],
      irisPx: null,
      held: frame ?? cornersToDrag(canvas),
      against: 'forehead',
      longMm: props.sheet.widthMm,
      white: null,
      faces: 0,
    }
  })
}

const demoPhoto = () =>
  attempt(async () => {
    const answer = await fetch(props.demo!)
    await bring(new File([await answer.blob()], say('drills.demoPhoto'), { type: 'image/jpeg' }))
  })

async function measure() {
  const one = shot.value!
  busy.value = true
  await attempt(async () => {
    const picture = fromAbove(
      pixelsOf(one.canvas),
      one.held!,
      props.sheet.seenMarks,
      props.sheet.widthMm,
      props.sheet.heightMm,
    )
    if (!picture) throw new Error(say('drills.marksInLine'))
    const { rgb, columns, rows } = picture
    score.value = await drills.score(
      props.drill,
      { rgb: base64(rgb), columns, rows, stepMm: STEP_MM },
      today(),
      seconds.value,
    )
    said.value = ''
    emit('seen', score.value.seen)
  })
  busy.value = false
}

function keep() {
  emit('kept', score.value!.try)
  leave()
  seconds.value = null
}

const one = (value: number) => value.toFixed(1)
</script>

<template>
  <div class="row">
    <n-button @click="clockButton">{{
      ticking !== null || running
        ? say('drills.stopClock', { time: clock(running) })
        : say('drills.startClock')
    }}</n-button>
    <span v-if="seconds !== null">{{ say('drills.took', { time: clock(seconds) }) }}</span>
    <file-button
      :label="say('drills.bringPhoto')"
      :says="say('drills.bringPhoto')"
      accept="image/*"
      @chosen="bring"
    />
    <n-button v-if="demo && !shot" @click="demoPhoto">{{ say('drills.demoPhoto') }}</n-button>
  </div>
  <p v-if="said" role="status" class="faint">{{ said }}</p>
  <template v-if="shot">
    <div class="photo">
      <photo-stage v-model="shot" :places="[]" :pose="null" :picking="false" :corners-are="sheet.markWords" />
    </div>
    <div class="row">
      <n-button type="primary" :loading="busy" @click="measure">{{ say('drills.measure') }}</n-button>
      <n-button @click="leave">{{ say('drills.leavePhoto') }}</n-button>
    </div>
  </template>
  <template v-if="score">
    <dl class="numbers" :aria-label="say('drills.result')">
      <div>
        <dt>{{ say('drills.shape') }}</dt>
        <dd>{{ one(score.try.shapeMm) }} mm</dd>
        <dd class="more">{{ say('drills.place', { mm: one(score.try.placeMm) }) }}</dd>
      </div>
      <div>
        <dt>{{ say('drills.width') }}</dt>
        <dd>± {{ score.try.unevenPercent.toFixed(0) }} %</dd>
        <dd class="more">
          {{
            score.try.widthPercent >= 0
              ? say('drills.wider', { percent: score.try.widthPercent.toFixed(0) })
              : say('drills.narrower', { percent: (-score.try.widthPercent).toFixed(0) })
          }}
        </dd>
      </div>
      <div v-if="score.try.symmetryMm !== null && score.try.symmetryMm !== undefined">
        <dt>{{ say('drills.symmetry') }}</dt>
        <dd>{{ one(score.try.symmetryMm) }} mm</dd>
      </div>
      <div>
        <dt>{{ say('drills.covered') }}</dt>
        <dd>{{ (score.try.coveredPercent ?? 100).toFixed(0) }} %</dd>
        <dd v-if="score.try.tonePercent !== null && score.try.tonePercent !== undefined" class="more">
          {{ say('drills.tone', { percent: score.try.tonePercent.toFixed(0) }) }}
        </dd>
      </div>
      <div v-if="score.try.missing">
        <dt>{{ say('drills.missing') }}</dt>
        <dd>{{ score.try.missing }}</dd>
      </div>
    </dl>
    <n-button type="primary" :disabled="!canKeep" @click="keep">{{ say('drills.keep') }}</n-button>
  </template>
</template>

<style scoped>
.row {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 10px;
  margin: 8px 0;
}

.photo {
  max-width: 640px;
}

.numbers {
  display: flex;
  flex-wrap: wrap;
  gap: 10px 26px;
  margin: 10px 0;
}

dt {
  color: var(--faint);
}

dd {
  margin: 0;
  font-size: 1.5rem;
}

.more {
  color: var(--faint);
  font-size: 13px;
}
</style>
