<script setup lang="ts">
import { NButton, useMessage } from 'naive-ui'
import { computed, ref, shallowRef, watch } from 'vue'
import { useRouter } from 'vue-router'
import { api, type Face, type MeasuredFace } from '../api/client'
import { faceCalls } from '../api/documentCalls'
import { photos } from '../api/photoCalls'
import MeasuredTable from '../components/photo/MeasuredTable.vue'
import PhotoBringer from '../components/photo/PhotoBringer.vue'
import PhotoStage from '../components/photo/PhotoStage.vue'
import PhotoTabs from '../components/photo/PhotoTabs.vue'
import PointTools from '../components/photo/PointTools.vue'
import { useAttempt } from '../lib/attempt'
import { comeIntoView } from '../lib/comeIntoView'
import { freshName } from '../lib/freshName'
import { meanOf } from '../lib/photo'
import { signsIn } from '../lib/photoSigns'
import { isUnder, photoOf, pixelsOf, type Shot, type SkinTone } from '../lib/shots'
import { labOf } from '../lib/skinDial'
import { usePhotoDesk } from '../lib/usePhotoDesk'
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
const desk = usePhotoDesk()
const { shots, shown, at, places, busy, picking } = desk

const found = shallowRef<MeasuredFace | null>(null)
const working = ref(false)
const answer = ref<HTMLElement | null>(null)
const face = computed(() => catalogue.faces.find((f) => f.id === props.id))
const skinAt = shallowRef<Record<string, SkinTone>>({})

const DEMO = ['front-card', 'side']

/** What was measured counts until something changes. */
watch(shots, () => (found.value = null))

async function measure() {
  working.value = true
  await attempt(async () => {
    found.value = await photos.measure(shots.value.map(photoOf))
    skinAt.value = {}
    for (const [k, shot] of shots.value.entries()) if (shot.white) await readSkin(shot, k)
    await comeIntoView(answer.value)
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
    await faceCalls.save(props.id, entry.revision, changed, freshName())
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
    <photo-bringer
      :desk="desk"
      :says="say('shots.bringFront')"
      :demo="say('shots.demoPhotos')"
      @demo="desk.bringDemo(DEMO)"
    >
      <n-button type="primary" :disabled="!shots.length || busy" :loading="working" @click="measure">{{
        say('shots.measureNow')
      }}</n-button>
    </photo-bringer>
    <ol v-if="!shots.length" class="steps">
      <li>{{ say('shots.stepFront') }}</li>
      <li>{{ say('shots.stepSide') }}</li>
      <li>{{ say('shots.stepCheck') }}</li>
    </ol>
    <div v-else class="columns">
      <section>
        <photo-tabs :desk="desk" :misses-mm="found?.photos.map((p) => p.missMm) ?? []" />
        <photo-stage
          v-if="shown"
          :model-value="shown"
          :places="places"
          :pose="found?.photos[at] ?? null"
          :picking="picking !== null"
          @update:model-value="desk.update"
          @picked="desk.picked"
        />
        <point-tools v-if="shown" :desk="desk" with-scale />
      </section>
      <section ref="answer" aria-live="polite">
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
