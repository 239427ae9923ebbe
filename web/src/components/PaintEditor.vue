<script setup lang="ts">
import { say } from '../texts'
import DialogBox from './DialogBox.vue'
import { NButton } from 'naive-ui'
import { computed, ref, watch } from 'vue'
import { api, type ApiProblem, type PaintDescription, type PaintOnSkin } from '../api/client'
import { useLatest } from '../lib/latest'
import { drafts } from '../lib/tabs'
import PaintFields from './PaintFields.vue'
import PaintSeen from './PaintSeen.vue'

const show = defineModel<boolean>('show', { required: true })
const props = defineProps<{
  /** Null for a new one. */
  paint: PaintDescription | null
  face: string
  kit: string
  taken: readonly string[]
}>()
const emit = defineEmits<{
  add: [paint: PaintDescription]
  /** What is changed of a paint of the kit counts at once. */
  change: [paint: PaintDescription]
  remove: [id: string]
}>()

const TRY_AFTER_MS = 250
const fresh = (): PaintDescription => ({
  id: '',
  name: '',
  material: 'waterCake',
  finish: 'matt',
  cardFilmUm: 25,
  overBlack: { l: 40, a: 20, b: 10 },
  overWhite: { l: 48, a: 26, b: 14 },
  coatFilmUm: 20,
  dryingSeconds: 60,
  nearEyes: false,
  onLips: false,
  leftMl: null,
  potMl: null,
  price: null,
  stripe: null,
  ingredients: '',
  madeForSkin: null,
  flakeMm: null,
  pot: null,
})

const draft = ref<PaintDescription>(fresh())
const seen = ref<PaintOnSkin | null>(null)
const problem = ref('')
/** The service said that such a paint cannot be; one that could not be tried is kept like any other work. */
let refused = false
const trying = useLatest()

// A new paint that was begun and not added comes back the next time.
const begun = computed(() => `${props.kit}+paint`)

const copy = (paint: PaintDescription) => JSON.parse(JSON.stringify(paint)) as PaintDescription

watch(show, async (now) => {
  if (!now) {
    // Closed before the last change was tried on the skin.
    if (props.paint && !refused) emit('change', copy(whole.value))
    return
  }
  draft.value = props.paint ? copy(props.paint) : fresh()
  if (props.paint) return
  const before = await drafts.take<PaintDescription>('kits', begun.value)
  if (before && show.value) draft.value = before.value
})

/** A name as an id: small letters and dashes, unlike those there are. */
function idOf(name: string) {
  const plain =
    name
      .toLowerCase()
      .normalize('NFD')
      .replace(/[^a-z0-9]+/g, '-')
      .replace(/^-|-$/g, '') || 'paint'
  for (let n = 1; ; n++) {
    const id = n === 1 ? plain : `${plain}-${n}`
    if (!props.taken.includes(id)) return id
  }
}

const whole = computed<PaintDescription>(() => ({
  ...draft.value,
  id: props.paint?.id ?? idOf(draft.value.name),
  name: draft.value.name.trim() || say('paintEditor.newPaint'),
}))

watch(
  [whole, () => props.face, show],
  () => {
    trying.stop()
    if (!show.value) return
    if (!props.paint && draft.value.name)
      drafts.keep('kits', begun.value, { revision: 0, value: copy(draft.value), at: Date.now() })
    trying.later(TRY_AFTER_MS, async () => {
      const paint = copy(whole.value)
      try {
        refused = false
        const tried = await trying.ask(() => api.tryPaint(props.face, paint))
        if (!tried) return
        seen.value = tried
        problem.value = ''
        if (props.paint) emit('change', paint)
      } catch (error) {
        seen.value = null
        problem.value = (error as Error).message
        refused = !(error as ApiProblem).offline
        if (props.paint && !refused) emit('change', paint)
      }
    })
  },
  { deep: true },
)

function leave() {
  if (props.paint) draft.value = copy(props.paint)
  else letGo()
}

function letGo() {
  drafts.drop('kits', begun.value)
  show.value = false
}

function add() {
  emit('add', copy(whole.value))
  letGo()
}
</script>

<template>
  <dialog-box v-model:show="show" :title="paint ? paint.name : say('paintEditor.addAPaint')" :width-px="680">
    <paint-fields v-model="draft" />

    <p v-if="problem" class="stop" role="alert">{{ problem }}</p>
    <paint-seen v-else-if="seen" :seen="seen" />
    <footer>
      <n-button
        v-if="paint"
        type="error"
        ghost
        @click="
          () => {
            emit('remove', paint!.id)
            show = false
          }
        "
        >{{ say('paintEditor.takeItOutOfTheKit') }}</n-button
      >
      <span class="gap" />
      <n-button @click="leave">{{
        paint ? say('paintEditor.asItWas') : say('paintEditor.leaveIt')
      }}</n-button>
      <n-button v-if="paint" type="primary" @click="show = false">{{ say('paintEditor.done') }}</n-button>
      <n-button v-else type="primary" :disabled="!draft.name.trim() || problem !== ''" @click="add">
        {{ say('paintEditor.addToTheKit') }}
      </n-button>
    </footer>
  </dialog-box>
</template>

<style scoped>
footer {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 7px;
  margin-top: 12px;
}

.gap {
  flex: 1;
}
</style>
