<script setup lang="ts">
import { NButton, NCheckbox, NProgress, NSelect, useMessage } from 'naive-ui'
import { computed, ref, shallowRef, watch } from 'vue'
import { chair } from '../api/chairCalls'
import {
  api,
  type LookHead,
  type Painting,
  type PaintingEntry,
  type PhotoOnSkin,
  type PhotoPose,
  type Review,
} from '../api/client'
import { paintingCalls } from '../api/documentCalls'
import { photos } from '../api/photoCalls'
import type { PlanRequest } from '../api/types'
import FieldRow from '../components/FieldRow.vue'
import FileButton from '../components/FileButton.vue'
import FindingList from '../components/photo/FindingList.vue'
import LivePhoto from '../components/photo/LivePhoto.vue'
import OnSkin from '../components/photo/OnSkin.vue'
import PhotoBeside from '../components/photo/PhotoBeside.vue'
import PhotoStage from '../components/photo/PhotoStage.vue'
import { useAttempt } from '../lib/attempt'
import { meanOf, toKeep } from '../lib/photo'
import { asBase64, checked, coloursAt, isChecked, photoOf, pixelsOf, type Shot } from '../lib/shots'
import { useShots } from '../lib/useShots'
import { useCatalogue } from '../stores/catalogue'
import { usePreferences } from '../stores/preferences'
import { useSession } from '../stores/session'
import { say } from '../texts'

/** A finished face looked over: photos of it beside the plan, left beside right, the worst first. */
const props = defineProps<{ look?: string; face?: string; session?: string }>()

const message = useMessage()
const attempt = useAttempt()
const catalogue = useCatalogue()
const preferences = usePreferences()
const membership = useSession()
const { shots, places, searching, busy, said, add, addCanvas, change, remove, layTemplate, stop } = useShots()

const DEMO = { look: 'drowned-lamp-keeper', face: 'odalys', kit: 'saltmarsh-box', setting: 'night-parade' }

const looks = shallowRef<readonly LookHead[]>([])
const characters = shallowRef<readonly { id: string; name: string }[]>([])
const sessions = shallowRef<readonly PaintingEntry[]>([])
const lookId = ref(props.look ?? '')
const faceId = ref(props.face ?? preferences.face)
const kitId = ref(preferences.kit)
const settingId = ref(preferences.setting)
const characterId = ref<string | null>(null)
const sessionId = ref<string | null>(props.session ?? null)
const shownId = ref(0)
const shown = computed(() => shots.value.find((s) => s.id === shownId.value) ?? shots.value[0] ?? null)
const at = computed(() => (shown.value ? shots.value.indexOf(shown.value) : -1))
const poses = shallowRef<readonly PhotoPose[]>([])
const review = shallowRef<Review | null>(null)
const planned = shallowRef<Record<number, string>>({})
const grids = shallowRef<Record<number, PhotoOnSkin>>({})
const mode = ref<'points' | 'beside' | 'skin'>('points')
const working = ref(false)
const picking = ref(false)
const keepPictures = ref(false)

void attempt(async () => {
  const [all, crew, painted] = await Promise.all([api.looks(), api.characters(), api.paintings()])
  looks.value = all
  characters.value = crew.map((c) => ({ id: c.id, name: c.name }))
  sessions.value = painted
  const held = painted.find((p) => p.id === props.session)?.painting
  if (held) {
    lookId.value = held.look
    faceId.value = held.face ?? faceId.value
    kitId.value = held.kit ?? kitId.value
    settingId.value = held.setting ?? settingId.value
  }
  lookId.value ||= all[0]?.id ?? ''
})

const options = (all: readonly { id: string; name: string }[]) =>
  all.map((o) => ({ value: o.id, label: o.name }))
const ofThis = computed(() =>
  sessions.value
    .filter((s) => s.painting.look === lookId.value && (s.painting.face ?? faceId.value) === faceId.value)
    .map((s) => ({ value: s.id, label: s.painting.name })),
)
const MODES = [
  { id: 'points', label: say('over.points') },
  { id: 'beside', label: say('over.beside') },
  { id: 'skin', label: say('over.onSkin') },
] as const

/** What was found counts until something changes. */
watch([shots, lookId, faceId, kitId, settingId], () => {
  review.value = null
  poses.value = []
  Object.values(planned.value).forEach((u) => URL.revokeObjectURL(u))
  planned.value = {}
  grids.value = {}
  mode.value = 'points'
})

async function bring(file: File) {
  await attempt(async () => {
    const shot = await add(file)
    if (shot) shownId.value = shot.id
  })
}

async function taken(canvas: HTMLCanvasElement) {
  const shot = await addCanvas(canvas, say('shots.fromCamera', { n: shots.value.length + 1 }), null)
  if (shot) shownId.value = shot.id
}

async function bringDemo() {
  ;[lookId.value, faceId.value, kitId.value, settingId.value] = [DEMO.look, DEMO.face, DEMO.kit, DEMO.setting]
  const answer = await fetch('/demo-photos/painted-front.jpg')
  await bring(new File([await answer.blob()], 'painted-front.jpg', { type: 'image/jpeg' }))
}

const update = (shot: Shot) => change(shot.id, shot)

function picked(x: number, y: number) {
  change(shown.value!.id, { white: { x, y } })
  picking.value = false
}

let plan: PlanRequest | null = null

async function lookOver() {
  working.value = true
  await attempt(async () => {
    const look = (await api.look(lookId.value)).look
    const request: PlanRequest = {
      look,
      faceId: faceId.value,
      kitId: kitId.value,
      settingId: settingId.value,
    }
    plan = request
    const told = shots.value.map(photoOf)
    const asked = await photos.ask(request, told)
    const answers = shots.value.map((shot, k) => ({
      photo: told[k]!,
      colours: asBase64(coloursAt(pixelsOf(shot.canvas), asked[k]!.px)),
      white: shot.white ? meanOf(shot.canvas, shot.white.x, shot.white.y) : null,
    }))
    const found = await photos.review(request, answers, characterId.value)
    poses.value = asked.map((a) => a.pose)
    review.value = found
    await show('beside')
  })
  working.value = false
}

async function show(next: 'points' | 'beside' | 'skin') {
  mode.value = next
  const shot = shown.value
  if (!shot || !plan || !review.value) return
  await attempt(async () => {
    if (next === 'beside' && !planned.value[shot.id])
      planned.value = {
        ...planned.value,
        [shot.id]: URL.createObjectURL((await photos.planned(plan!, photoOf(shot))) as Blob),
      }
    if (next === 'skin' && !grids.value[shot.id])
      grids.value = { ...grids.value, [shot.id]: await photos.onSkin(plan!, photoOf(shot)) }
  })
}

watch(shownId, () => void show(mode.value))

/** Where the findings lie in the photo that is shown. */
const spots = computed(() =>
  (review.value?.findings ?? [])
    .slice(0, 3)
    .flatMap((f) => [f.spots[2 * at.value] ?? -1, f.spots[2 * at.value + 1] ?? -1]),
)

/** Into the book, with the session that was painted. */
async function keep() {
  working.value = true
  await attempt(async () => {
    const id = sessionId.value!
    const entry = await paintingCalls.read(id)
    const changed: Painting = {
      ...entry.value,
      findings: review.value!.findings.map((f) => ({
        part: f.partId,
        words: f.words,
        mending: f.mending,
        mendingMinutes: f.mendingMinutes,
      })),
    }
    await paintingCalls.save(id, entry.revision, changed, crypto.randomUUID())
    if (keepPictures.value)
      for (const shot of shots.value)
        await chair.addPhoto(id, crypto.randomUUID(), new Date().toISOString(), await toKeep(shot.canvas))
    message.success(say('over.kept', { findings: changed.findings!.length }))
  })
  working.value = false
}
</script>

<template>
  <div class="measure">
    <header>
      <h1>{{ say('over.title') }}</h1>
      <p class="faint">{{ say('over.about') }}</p>
    </header>
    <div class="fields">
      <field-row :label="say('over.look')">
        <n-select
          v-model:value="lookId"
          filterable
          :options="options(looks)"
          :input-props="{ 'aria-label': say('over.look') }"
        />
      </field-row>
      <field-row :label="say('over.on')">
        <n-select
          v-model:value="faceId"
          filterable
          :options="options(catalogue.faces.map((f) => ({ id: f.id, name: f.face.name })))"
          :input-props="{ 'aria-label': say('over.on') }"
        />
      </field-row>
      <field-row :label="say('over.kit')">
        <n-select v-model:value="kitId" :options="options(catalogue.kits)" :aria-label="say('over.kit')" />
      </field-row>
      <field-row :label="say('over.character')">
        <n-select
          v-model:value="characterId"
          clearable
          :placeholder="say('over.noCharacter')"
          :options="options(characters)"
          :aria-label="say('over.character')"
        />
      </field-row>
    </div>
    <div class="row">
      <file-button
        :label="shots.length ? say('shots.anotherPhoto') : say('over.bring')"
        :says="say('over.bring')"
        accept="image/*"
        :loading="busy"
        @chosen="bring"
      />
      <live-photo @taken="taken" />
      <n-button v-if="!shots.length" @click="bringDemo">{{ say('over.demo') }}</n-button>
      <template v-if="busy">
        <n-progress
          class="progress"
          type="line"
          :percentage="Math.round(100 * (searching ?? 0))"
          :show-indicator="false"
        />
        <span class="faint">{{ say('shots.looking') }}</span>
        <n-button size="small" @click="stop">{{ say('shots.stop') }}</n-button>
      </template>
      <span class="gap" />
      <n-button
        type="primary"
        :disabled="!shots.length || busy || !lookId || !faceId"
        :loading="working"
        @click="lookOver"
        >{{ say('over.now') }}</n-button
      >
    </div>
    <p v-if="said" role="status" class="said">{{ said }}</p>
    <div v-if="shots.length" class="columns">
      <section>
        <div class="tabs" role="group" :aria-label="say('shots.photos')">
          <button
            v-for="(s, k) in shots"
            :key="s.id"
            :aria-pressed="s === shown"
            :title="s.name"
            @click="shownId = s.id"
          >
            {{ say('shots.photoN', { n: k + 1 }) }}
            <small v-if="poses[k]">{{ say('shots.missMm', { mm: poses[k]!.missMm.toFixed(1) }) }}</small>
          </button>
          <span class="gap" />
          <template v-if="review">
            <button v-for="m in MODES" :key="m.id" :aria-pressed="mode === m.id" @click="show(m.id)">
              {{ m.label }}
            </button>
          </template>
        </div>
        <photo-stage
          v-if="shown && (mode === 'points' || !review)"
          :model-value="shown"
          :places="places"
          :pose="poses[at] ?? null"
          :picking="picking"
          @update:model-value="update"
          @picked="picked"
        />
        <photo-beside
          v-else-if="shown && mode === 'beside'"
          :photo="shown.url"
          :planned="planned[shown.id] ?? null"
          :size="{ width: shown.canvas.width, height: shown.canvas.height }"
          :spots="spots"
        />
        <on-skin v-else-if="shown && grids[shown.id]" :shot="shown" :grid="grids[shown.id]!" />
        <template v-if="mode === 'points' || !review">
          <p class="faint">{{ picking ? say('shots.tapWhite') : say('shots.dragPoints') }}</p>
          <div v-if="shown" class="row">
            <n-button size="small" :disabled="isChecked(shown)" @click="update(checked(shown))">{{
              isChecked(shown) ? say('shots.pointsRightDone') : say('shots.pointsRight')
            }}</n-button>
            <n-button size="small" :type="picking ? 'primary' : 'default'" @click="picking = !picking">{{
              shown.white ? say('shots.whiteAnew') : say('shots.whiteInPhoto')
            }}</n-button>
            <n-button size="small" quaternary @click="layTemplate(shown!, 0)">{{
              say('shots.pointsAnew')
            }}</n-button>
            <n-button size="small" quaternary @click="remove(shown!)">{{
              say('shots.leavePhotoOut')
            }}</n-button>
          </div>
        </template>
      </section>
      <section aria-live="polite">
        <template v-if="review">
          <h2>{{ say('over.found') }}</h2>
          <p v-if="!shots.every(isChecked)" class="faint">{{ say('over.unchecked') }}</p>
          <finding-list :review="review" />
          <template v-if="membership.canChange">
            <h3>{{ say('over.keep') }}</h3>
            <n-select
              v-model:value="sessionId"
              :options="ofThis"
              :placeholder="ofThis.length ? say('over.whichSession') : say('over.noSession')"
              :disabled="!ofThis.length"
              :aria-label="say('over.whichSession')"
            />
            <n-checkbox v-model:checked="keepPictures">{{ say('over.keepPictures') }}</n-checkbox>
            <n-button :disabled="!sessionId" :loading="working" @click="keep">{{
              say('over.intoBook')
            }}</n-button>
          </template>
        </template>
        <template v-else>
          <h2>{{ say('over.notYet') }}</h2>
          <p class="faint">{{ say('over.when') }}</p>
        </template>
      </section>
    </div>
    <ol v-else class="steps">
      <li>{{ say('over.stepTake') }}</li>
      <li>{{ say('over.stepWhite') }}</li>
      <li>{{ say('over.stepRead') }}</li>
    </ol>
  </div>
</template>

<style scoped src="../components/photo/photos.css"></style>

<style scoped>
.fields {
  display: grid;
  grid-template-columns: repeat(4, minmax(0, 1fr));
  gap: 12px;
}

@media (width <= 900px) {
  .fields {
    grid-template-columns: repeat(2, minmax(0, 1fr));
  }
}
</style>
