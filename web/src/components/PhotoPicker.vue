<script setup lang="ts">
import { say } from '../texts'
import ColourSwatch from './ColourSwatch.vue'
import FileButton from './FileButton.vue'
import DialogBox from './DialogBox.vue'
import { NButton } from 'naive-ui'
import { nextTick, ref } from 'vue'
import { api, ApiProblem } from '../api/client'
import { labOf, type LabColour } from '../lib/skinDial'
import { meanOf, readPhoto } from '../lib/photo'

const props = defineProps<{ what: string; label: string }>()
const emit = defineEmits<{ picked: [colour: LabColour] }>()

const show = ref(false)
const shown = ref<HTMLCanvasElement | null>(null)
const problem = ref('')
const white = ref<{ x: number; y: number; rgb: [number, number, number] } | null>(null)
const found = ref<{ x: number; y: number; colour: LabColour; hex: string } | null>(null)
let photo: HTMLCanvasElement | null = null

async function read(file: File) {
  problem.value = ''
  white.value = found.value = null
  show.value = true
  try {
    photo = await readPhoto(file)
    await nextTick()
    shown.value!.width = photo.width
    shown.value!.height = photo.height
    shown.value!.getContext('2d')!.drawImage(photo, 0, 0)
  } catch (error) {
    photo = null
    problem.value = (error as Error).message
  }
}

async function pick(event: MouseEvent) {
  if (!photo || !shown.value) return
  const box = shown.value.getBoundingClientRect()
  const share = { x: (event.clientX - box.left) / box.width, y: (event.clientY - box.top) / box.height }
  const rgb = meanOf(photo, share.x * photo.width, share.y * photo.height)
  problem.value = ''
  if (!white.value) {
    white.value = { ...share, rgb }
    return
  }
  try {
    const answer = await api.photoColour(rgb, white.value.rgb)
    found.value = { ...share, colour: labOf(answer.colour), hex: answer.hex }
  } catch (error) {
    problem.value = (error as Error).message
    if (error instanceof ApiProblem && 'white' in error.errors) white.value = null
  }
}

function take() {
  if (found.value) emit('picked', found.value.colour)
  show.value = false
}
</script>

<template>
  <file-button
    size="small"
    :label="props.label"
    :says="say('photoPicker.photoOf', { what: props.what })"
    accept="image/*"
    @chosen="read"
  />
  <dialog-box
    v-model:show="show"
    :title="say('photoPicker.colourOfOffAPhoto', { what: props.what })"
    :width-px="760"
  >
    <p>
      <b>{{
        !white
          ? say('photoPicker.n1ClickTheWhitePaperThat')
          : say('photoPicker.n2Click', {
              what: props.what,
              like: found ? say('photoPicker.againIfYouLike') : '',
            })
      }}</b>
      <span class="faint"> {{ say('photoPicker.evenDaylightNoFlashThePhoto') }}</span>
    </p>
    <p v-if="problem" class="stop" role="alert">{{ problem }}</p>
    <div class="frame">
      <canvas ref="shown" :aria-label="say('photoPicker.thePhotoClickAPlace')" @click="pick" />
      <span
        v-if="white"
        class="spot white"
        :style="{ left: `${100 * white.x}%`, top: `${100 * white.y}%` }"
      />
      <span v-if="found" class="spot" :style="{ left: `${100 * found.x}%`, top: `${100 * found.y}%` }" />
    </div>
    <div class="row">
      <template v-if="found">
        <colour-swatch :colour="found.hex" :width-px="34" :height-px="28" />
        <span
          >L* {{ found.colour.l.toFixed(1) }}, a* {{ found.colour.a.toFixed(1) }}, b*
          {{ found.colour.b.toFixed(1) }}</span
        >
      </template>
      <span class="gap" />
      <n-button :disabled="!white" @click="white = found = null">{{
        say('photoPicker.anotherWhite')
      }}</n-button>
      <n-button type="primary" :disabled="!found" @click="take">{{
        say('photoPicker.takeThisColour')
      }}</n-button>
    </div>
  </dialog-box>
</template>

<style scoped>
.frame {
  position: relative;
  margin: 10px auto;
  width: fit-content;
  max-width: 100%;
}

canvas {
  display: block;
  max-width: 100%;
  max-height: 56vh;
  cursor: crosshair;
}

.spot {
  position: absolute;
  width: 16px;
  height: 16px;
  margin: -8px;
  border: 2px solid var(--on-picture);
  outline: 2px solid var(--card-black);
  border-radius: 50%;
  pointer-events: none;
}

.spot.white {
  border-radius: 2px;
}

.row {
  display: flex;
  flex-wrap: wrap;
  gap: 10px;
  align-items: center;
}

.gap {
  flex: 1;
}
</style>
