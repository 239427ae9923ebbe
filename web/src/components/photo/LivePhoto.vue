<script setup lang="ts">
import { NButton } from 'naive-ui'
import { nextTick, onBeforeUnmount, ref, watch } from 'vue'
import { findFaces, stopFinding } from '../../lib/faceFinder'
import { poseHint, type Hint, type Steadiness } from '../../lib/liveHint'
import { say } from '../../texts'
import DialogBox from '../DialogBox.vue'

/** The device's own camera: says how to hold the head, and takes a photo when it is held still. */
const emit = defineEmits<{ taken: [canvas: HTMLCanvasElement] }>()

const show = ref(false)
const video = ref<HTMLVideoElement | null>(null)
const hint = ref('')
const problem = ref('')
/** From where the next photo is wanted. */
const wanted = ref<'front' | 'side'>('front')
const available = typeof navigator !== 'undefined' && !!navigator.mediaDevices?.getUserMedia
const WORDS: Record<Hint, string> = {
  nobody: say('shots.liveNobody'),
  nearer: say('shots.liveNearer'),
  turnMore: say('shots.liveTurnMore'),
  turnBack: say('shots.liveTurnBack'),
  holdStill: say('shots.liveHoldStill'),
  taken: say('shots.liveTaken'),
}
let stream: MediaStream | null = null
let looking = false

async function begin() {
  problem.value = ''
  hint.value = say('shots.liveLooking')
  show.value = true
  try {
    stream = await navigator.mediaDevices.getUserMedia({
      video: { width: { ideal: 1280 }, height: { ideal: 960 } },
    })
    await nextTick()
    video.value!.srcObject = stream
    await video.value!.play()
    void look()
  } catch {
    problem.value = say('shots.noCamera')
  }
}

async function look() {
  if (looking) return
  looking = true
  let steady: Steadiness = { still: 0, last: null }
  while (show.value && stream && video.value) {
    try {
      const [face] = await findFaces(video.value)
      if (!show.value) break
      const told = poseHint(face ?? null, wanted.value, steady)
      steady = told.steady
      hint.value = WORDS[told.hint]
      if (told.take) {
        take()
        break
      }
    } catch {
      // Whoever sits there can still press the button; the look itself is what failed.
      if (show.value) hint.value = say('shots.liveBlind')
      break
    }
  }
  looking = false
}

function take() {
  const from = video.value
  if (!from?.videoWidth) return
  const canvas = document.createElement('canvas')
  ;[canvas.width, canvas.height] = [from.videoWidth, from.videoHeight]
  canvas.getContext('2d', { willReadFrequently: true })!.drawImage(from, 0, 0)
  show.value = false
  wanted.value = wanted.value === 'front' ? 'side' : 'front'
  emit('taken', canvas)
}

function end() {
  stream?.getTracks().forEach((t) => t.stop())
  stream = null
  if (looking) stopFinding()
}

watch(show, (now) => now || end())
onBeforeUnmount(end)
</script>

<template>
  <n-button v-if="available" @click="begin">{{ say('shots.ownCamera') }}</n-button>
  <dialog-box v-model:show="show" :title="say('shots.ownCamera')" :width-px="720">
    <p v-if="problem" class="stop" role="alert">{{ problem }}</p>
    <template v-else>
      <video ref="video" muted playsinline :aria-label="say('shots.ownCamera')" />
      <p class="hint" role="status">{{ hint }}</p>
      <n-button type="primary" @click="take">{{ say('shots.takeIt') }}</n-button>
    </template>
  </dialog-box>
</template>

<style scoped>
video {
  display: block;
  width: 100%;
  max-height: 60vh;
  background: var(--surround);
  transform: scaleX(-1);
}

.hint {
  font-size: 1.2rem;
  text-align: center;
}
</style>
