<script setup lang="ts">
import { NButton, NProgress, NSelect, useMessage } from 'naive-ui'
import { computed, ref, shallowRef, watch } from 'vue'
import { useRouter } from 'vue-router'
import { api, type Face, type MeasuredFace } from '../api/client'
import { faceCalls } from '../api/documentCalls'
import { photos } from '../api/photoCalls'
import FileButton from '../components/FileButton.vue'
import LivePhoto from '../components/photo/LivePhoto.vue'
import MeasuredTable from '../components/photo/MeasuredTable.vue'
import PhotoStage from '../components/photo/PhotoStage.vue'
import { useAttempt } from '../lib/attempt'
import { meanOf } from '../lib/photo'
import { signsIn } from '../lib/photoSigns'
import { checked, isChecked, isUnder, photoOf, pixelsOf, type Shot, type SkinTone } from '../lib/shots'
import { labOf } from '../lib/skinDial'
import { useShots } from '../lib/useShots'
import { useCatalogue } from '../stores/catalogue'
import { useSession } from '../stores/session'
import { say } from '../texts'

/** A face measured from two or three photos: brought, found, checked, taken. */
const props = defineProps<{ id: string }>()

const router = useRouter()
const message = useMessage()
const attempt = useAttempt()
const catalogue = useCatalogue()
const session = useSession()
const { shots, places, searching, busy, said, add, addCanvas, change, remove, holdAt, layTemplate, stop } =
  useShots()

const shownId = ref(0)
const shown = computed(() => shots.value.find((s) => s.id === shownId.value) ?? shots.value[0] ?? null)
const at = computed(() => (shown.value ? shots.value.indexOf(shown.value) : -1))
const found = shallowRef<MeasuredFace | null>(null)
const working = ref(false)
const picking = ref<'card' | 'white' | null>(null)
const face = computed(() => catalogue.faces.find((f) => f.id === props.id))
const skinAt = shallowRef<Record<string, SkinTone>>({})

const DEMO = ['front-card', 'side']
const AGAINST = [
  { value: 'forehead', label: say('shots.forehead') },
  { value: 'chin', label: say('shots.chin') },
]
const SIDES = [
  { value: 0, label: say('shots.fromTheFront') },
  { value: 70, label: say('shots.fromTheLeft') },
  { value: -70, label: say('shots.fromTheRight') },
]

async function bring(file: File) {
  await attempt(async () => {
    const shot = await add(file)
    if (shot) shownId.value = shot.id
  })
}

async function bringDemo() {
  for (const name of DEMO) {
    const answer = await fetch(`/demo-photos/${name}.jpg`)
    await bring(new File([await answer.blob()], `${name}.jpg`, { type: 'image/jpeg' }))
  }
}

async function taken(canvas: HTMLCanvasElement) {
  const shot = await addCanvas(canvas, say('shots.fromCamera', { n: shots.value.length + 1 }), null)
  if (shot) shownId.value = shot.id
}

/** What was measured counts until something changes. */
watch(shots, () => (found.value = null))

const update = (shot: Shot) => change(shot.id, shot)

function picked(x: number, y: number) {
  if (picking.value === 'card') holdAt(shown.value!, x, y)
  else change(shown.value!.id, { white: { x, y } })
  picking.value = null
}

async function measure() {
  working.value = true
  await attempt(async () => {
    found.value = await photos.measure(shots.value.map(photoOf))
    skinAt.value = {}
    for (const [k, shot] of shots.value.entries()) if (shot.white) await readSkin(shot, k)
  })
  working.value = false
}

/** The bare skin's colour by zone, held against the white in the same picture. */
async function readSkin(shot: Shot, k: number) {
  const white = meanOf(shot.canvas, shot.white!.x, shot.white!.y)
  const tones = { ...skinAt.value }
  for (const [zone, px] of Object.entries(found.value!.photos[k]!.skin)) {
    // What lies under a card or ruler is not skin.
    const spots = Array.from({ length: px.length / 2 }, (_, n) => ({ x: px[2 * n]!, y: px[2 * n + 1]! }))
      .filter((p) => !isUnder(shot.held, p.x, p.y))
      .map((p) => meanOf(shot.canvas, p.x, p.y))
    if (!spots.length) continue
    const mean = [0, 1, 2].map((c) => spots.reduce((sum, s) => sum + s[c]!, 0) / spots.length)
    if (tones[zone]) continue
    const { colour, hex } = await api.photoColour(mean, white)
    tones[zone] = { ...labOf(colour), hex }
  }
  skinAt.value = tones
}

/** What hides skin in the photos. */
const signs = computed(() =>
  found.value
    ? shots.value.flatMap((s, k) =>
        signsIn(s.points, pixelsOf(s.canvas), found.value!.photos[k]!.turnDeg).map((sign) =>
          sign === 'beard' ? say('shots.beard', { photo: k + 1 }) : say('shots.glasses', { photo: k + 1 }),
        ),
      )
    : [],
)

const takenMeasures = computed(() => found.value?.measures.filter((m) => m.taken) ?? [])

/** Onto the face, each with its spread; what a caliper gave before is kept where the photos do not tell. */
async function take() {
  working.value = true
  await attempt(async () => {
    const entry = await faceCalls.read(props.id)
    const now: Face = entry.value
    const tones = Object.keys(skinAt.value).length
      ? Object.fromEntries(Object.entries(skinAt.value).map(([zone, t]) => [zone, labOf(t)]))
      : null
    const changed: Face = {
      ...now,
      measuresMm: {
        ...now.measuresMm,
        ...Object.fromEntries(takenMeasures.value.map((m) => [m.id, m.mm])),
      },
      photoPlusMinusMm: Object.fromEntries(takenMeasures.value.map((m) => [m.id, m.plusMinusMm])),
      skinAt: tones ?? now.skinAt,
      skin: tones?.cheek ?? tones?.forehead ?? now.skin,
    }
    await faceCalls.save(props.id, entry.revision, changed, crypto.randomUUID())
    await catalogue.loadFaces()
    message.success(say('shots.onTheFace', { measures: takenMeasures.value.length, name: now.name }))
    await router.push(`/faces/${props.id}`)
  })
  working.value = false
}
</script>

<template>
  <div class="measure">
    <header>
      <router-link :to="`/faces/${id}`">{{
        say('shots.backToFace', { name: face?.face.name ?? id })
      }}</router-link>
      <h1>{{ say('shots.measureByPhotos') }}</h1>
      <p class="faint">{{ say('shots.measureAbout') }}</p>
    </header>
    <div class="row">
      <file-button
        :label="shots.length ? say('shots.anotherPhoto') : say('shots.bringFront')"
        :says="say('shots.bringFront')"
        accept="image/*"
        :loading="busy"
        @chosen="bring"
      />
      <live-photo @taken="taken" />
      <n-button v-if="!shots.length" @click="bringDemo">{{ say('shots.demoPhotos') }}</n-button>
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
      <n-button type="primary" :disabled="!shots.length || busy" :loading="working" @click="measure">{{
        say('shots.measureNow')
      }}</n-button>
    </div>
    <p v-if="said" role="status" class="said">{{ said }}</p>
    <ol v-if="!shots.length" class="steps">
      <li>{{ say('shots.stepFront') }}</li>
      <li>{{ say('shots.stepSide') }}</li>
      <li>{{ say('shots.stepCheck') }}</li>
    </ol>
    <div v-else class="columns">
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
            <small v-if="found?.photos[k]">{{
              say('shots.missMm', { mm: found.photos[k]!.missMm.toFixed(1) })
            }}</small>
          </button>
        </div>
        <photo-stage
          v-if="shown"
          :model-value="shown"
          :places="places"
          :pose="found?.photos[at] ?? null"
          :picking="picking !== null"
          @update:model-value="update"
          @picked="picked"
        />
        <p class="faint">
          {{
            picking ? say(picking === 'card' ? 'shots.tapCard' : 'shots.tapWhite') : say('shots.dragPoints')
          }}
        </p>
        <div v-if="shown" class="row">
          <n-button size="small" :disabled="isChecked(shown)" @click="update(checked(shown))">{{
            isChecked(shown) ? say('shots.pointsRightDone') : say('shots.pointsRight')
          }}</n-button>
          <n-button
            size="small"
            :type="picking === 'card' ? 'primary' : 'default'"
            @click="picking = picking === 'card' ? null : 'card'"
            >{{ shown.held ? say('shots.cardAnew') : say('shots.cardInPhoto') }}</n-button
          >
          <n-select
            v-if="shown.held"
            class="small"
            size="small"
            :value="shown.against"
            :options="AGAINST"
            :aria-label="say('shots.heldAgainst')"
            @update:value="(against) => update({ ...shown!, against })"
          />
          <n-button v-if="shown.held" size="small" quaternary @click="update({ ...shown!, held: null })">{{
            say('shots.noCardInIt')
          }}</n-button>
          <n-button
            size="small"
            :type="picking === 'white' ? 'primary' : 'default'"
            @click="picking = picking === 'white' ? null : 'white'"
            >{{ shown.white ? say('shots.whiteAnew') : say('shots.whiteInPhoto') }}</n-button
          >
          <n-select
            class="small"
            size="small"
            :value="null"
            :placeholder="say('shots.pointsAnew')"
            :options="SIDES"
            :aria-label="say('shots.pointsAnew')"
            @update:value="(turn) => layTemplate(shown!, turn)"
          />
          <n-button size="small" quaternary @click="remove(shown!)">{{
            say('shots.leavePhotoOut')
          }}</n-button>
        </div>
      </section>
      <section aria-live="polite">
        <measured-table v-if="found" :found="found" :skin-at="skinAt" :signs="signs" />
        <template v-else>
          <h2>{{ say('shots.notMeasured') }}</h2>
          <p class="faint">{{ say('shots.measureWhen') }}</p>
        </template>
        <n-button
          v-if="found"
          type="primary"
          :loading="working"
          :disabled="!session.canChange || !takenMeasures.length"
          @click="take"
          >{{
            say('shots.takeOnto', { measures: takenMeasures.length, name: face?.face.name ?? id })
          }}</n-button
        >
      </section>
    </div>
  </div>
</template>

<style scoped src="../components/photo/photos.css"></style>
