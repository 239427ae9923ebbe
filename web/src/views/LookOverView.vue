<script setup lang="ts">
import { NButton, NCheckbox, NSelect, useMessage } from 'naive-ui'
import { computed, ref, shallowRef, watch } from 'vue'
import { chair } from '../api/chairCalls'
import {
  api,
  type LookHead,
  type PaintingEntry,
  type PhotoOnSkin,
  type PhotoPose,
  type Review,
} from '../api/client'
import { paintingCalls } from '../api/documentCalls'
import { photos } from '../api/photoCalls'
import type { PlanRequest } from '../api/types'
import FieldRow from '../components/FieldRow.vue'
import FindingList from '../components/photo/FindingList.vue'
import OnSkin from '../components/photo/OnSkin.vue'
import PhotoBeside from '../components/photo/PhotoBeside.vue'
import PhotoBringer from '../components/photo/PhotoBringer.vue'
import PhotoStage from '../components/photo/PhotoStage.vue'
import PhotoTabs from '../components/photo/PhotoTabs.vue'
import PointTools from '../components/photo/PointTools.vue'
import { useAttempt } from '../lib/attempt'
import { comeIntoView } from '../lib/comeIntoView'
import { today } from '../lib/format'
import { freshName } from '../lib/freshName'
import { newPainting } from '../lib/newPainting'
import { meanOf, toKeep } from '../lib/photo'
import { asBase64, coloursAt, isChecked, photoOf, pixelsOf } from '../lib/shots'
import { usePhotoDesk } from '../lib/usePhotoDesk'
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
const desk = usePhotoDesk()
const { shots, shownId, shown, at, places, busy, picking } = desk

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
const poses = shallowRef<readonly PhotoPose[]>([])
const review = shallowRef<Review | null>(null)
const planned = shallowRef<Record<number, string>>({})
const grids = shallowRef<Record<number, PhotoOnSkin>>({})
const mode = ref<'points' | 'beside' | 'skin'>('points')
const working = ref(false)
const answer = ref<HTMLElement | null>(null)
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
/** A session that the book does not have yet. */
const NEW = 'new session'
const ofThis = computed(() => [
  { value: NEW, label: say('over.newSession') },
  ...sessions.value
    .filter((s) => s.painting.look === lookId.value && (s.painting.face ?? faceId.value) === faceId.value)
    .map((s) => ({ value: s.id, label: s.painting.name })),
])
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

async function bringDemo() {
  ;[lookId.value, faceId.value, kitId.value, settingId.value] = [DEMO.look, DEMO.face, DEMO.kit, DEMO.setting]
  await desk.bringDemo(['painted-front'])
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
    await comeIntoView(answer.value)
  })
  working.value = false
  // The findings can be read and kept while the picture of the plan is still on its way.
  if (review.value) await show('beside')
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

/** The session that was painted; one that nobody noted is noted now. */
async function sessionToKeep(): Promise<string> {
  if (sessionId.value !== NEW) return sessionId.value!
  const look = looks.value.find((l) => l.id === lookId.value)!.name
  const noted = {
    ...newPainting(),
    name: say('over.sessionOf', { look, date: today() }),
    look: lookId.value,
    face: faceId.value,
    kit: kitId.value,
    setting: settingId.value,
  }
  const id = await paintingCalls.add(noted, freshName())
  sessions.value = await api.paintings()
  sessionId.value = id
  return id
}

/** Into the book, with the session that was painted. */
async function keep() {
  working.value = true
  await attempt(async () => {
    const id = await sessionToKeep()
    const entry = await paintingCalls.read(id)
    const findings = review.value!.findings.map((f) => ({
      part: f.partId,
      words: f.words,
      mending: f.mending,
      mendingMinutes: f.mendingMinutes,
    }))
    await paintingCalls.save(id, entry.revision, { ...entry.value, findings }, freshName())
    if (keepPictures.value)
      for (const shot of shots.value)
        await chair.addPhoto(id, freshName(), new Date().toISOString(), await toKeep(shot.canvas))
    message.success(say('over.kept', { findings: findings.length }))
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
    <photo-bringer :desk="desk" :says="say('over.bring')" :demo="say('over.demo')" @demo="bringDemo">
      <n-button
        type="primary"
        :disabled="!shots.length || busy || !lookId || !faceId"
        :loading="working"
        @click="lookOver"
        >{{ say('over.now') }}</n-button
      >
    </photo-bringer>
    <div v-if="shots.length" class="columns">
      <section>
        <photo-tabs :desk="desk" :misses-mm="poses.map((p) => p.missMm)">
          <span class="gap" />
          <template v-if="review">
            <button v-for="m in MODES" :key="m.id" :aria-pressed="mode === m.id" @click="show(m.id)">
              {{ m.label }}
            </button>
          </template>
        </photo-tabs>
        <photo-stage
          v-if="shown && (mode === 'points' || !review)"
          :model-value="shown"
          :places="places"
          :pose="poses[at] ?? null"
          :picking="picking !== null"
          @update:model-value="desk.update"
          @picked="desk.picked"
        />
        <photo-beside
          v-else-if="shown && mode === 'beside'"
          :photo="shown.url"
          :planned="planned[shown.id] ?? null"
          :size="{ width: shown.canvas.width, height: shown.canvas.height }"
          :spots="spots"
        />
        <on-skin v-else-if="shown && grids[shown.id]" :shot="shown" :grid="grids[shown.id]!" />
        <point-tools v-if="shown && (mode === 'points' || !review)" :desk="desk" :with-scale="false" />
      </section>
      <section ref="answer" aria-live="polite">
        <template v-if="review">
          <h2>{{ say('over.found') }}</h2>
          <p v-if="!shots.every(isChecked)" class="faint">{{ say('over.unchecked') }}</p>
          <finding-list :review="review" />
          <template v-if="membership.canChange">
            <h3>{{ say('over.keep') }}</h3>
            <n-select
              v-model:value="sessionId"
              :options="ofThis"
              :placeholder="say('over.whichSession')"
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
