<script setup lang="ts">
import { NButton, NCheckbox, NInput, NRadio, NRadioGroup } from 'naive-ui'
import { computed, onMounted, ref } from 'vue'
import type { Plan } from '../../api/client'
import { heldBy } from '../../lib/chairOrder'
import { canSpeak } from '../../lib/chairVoice'
import { clock } from '../../lib/format'
import type { useChair } from '../../lib/useChair'
import { useChairWishes } from '../../stores/chairWishes'
import { say } from '../../texts'
import FileButton from '../FileButton.vue'

/** What is seldom wanted: another order, skipping, wiping, stopping where it looks finished, notes, photos, and how the chair behaves. */
const props = defineProps<{
  id: string
  chair: ReturnType<typeof useChair>
  plan: Plan | null
  two: boolean
  lane: 0 | 1 | 2
}>()
const emit = defineEmits<{ lane: [to: 0 | 1 | 2]; close: [] }>()

const wishes = useChairWishes()
const box = ref<HTMLElement | null>(null)
onMounted(() => box.value?.scrollIntoView({ block: 'start' }))
const note = ref('')
const { state, current, coming, begun, ended, refused } = props.chair

const running = computed(() => begun.value && !ended.value)
const lastDone = computed(
  () =>
    state.value.steps.filter((s) => s.status === 'done').sort((a, b) => (b.doneAt ?? 0) - (a.doneAt ?? 0))[0],
)
const later = computed(() =>
  coming.value
    .filter((s) => s !== current.value && s.step.painter === current.value?.step.painter)
    .map((s) => ({ ...s, heldBy: heldBy(state.value, s) })),
)
const skipped = computed(() => state.value.steps.filter((s) => s.status === 'skipped'))
/** The last stage of the look that is all on the skin; without stages, the last step. */
const stage = computed(() => {
  const done = new Set(state.value.steps.filter((s) => s.status !== 'open').map((s) => s.step.key))
  const whole = (props.plan?.stages ?? []).filter((st) =>
    props.plan!.steps.filter((s) => s.number <= st.lastStep).every((s) => done.has(s.key)),
  )
  return whole.at(-1)?.name ?? ''
})

const moveHere = (step: string) =>
  current.value && props.chair.happened('stepMoved', { step, other: current.value.step.key })

function keep() {
  if (note.value.trim()) props.chair.happened('noted', { words: note.value.trim() })
  note.value = ''
}

function stop() {
  props.chair.happened('stopped', { words: stage.value || (lastDone.value?.step.title ?? '') })
  emit('close')
}
</script>

<template>
  <section ref="box" class="more" :aria-label="say('chair.more')">
    <template v-if="running">
      <div class="row">
        <n-button
          size="large"
          :disabled="!current"
          @click="chair.happened('stepSkipped', { step: current!.step.key })"
          >{{ say('chair.skip') }}</n-button
        >
        <n-button
          size="large"
          :disabled="!lastDone"
          @click="chair.happened('stepWiped', { step: lastDone!.step.key })"
          >{{ say('chair.wipe', { step: lastDone?.step.title ?? '' }) }}</n-button
        >
        <n-button size="large" @click="stop">{{
          stage ? say('chair.stopAtStage', { stage }) : say('chair.stopHere')
        }}</n-button>
      </div>
      <form class="row note" @submit.prevent="keep">
        <n-input
          v-model:value="note"
          size="large"
          :maxlength="300"
          :placeholder="say('chair.note')"
          :input-props="{ 'aria-label': say('chair.note') }"
        />
        <n-button attr-type="submit" size="large" :disabled="!note.trim()">{{ say('chair.keep') }}</n-button>
      </form>
    </template>
    <div v-if="begun" class="row">
      <file-button
        :label="say('chair.photo')"
        :says="say('chair.photo')"
        accept="image/*"
        @chosen="chair.addPhoto"
      />
      <p v-if="refused" class="stop" role="alert">{{ refused }}</p>
    </div>
    <template v-if="running && (later.length || skipped.length)">
      <h2>{{ say('chair.anotherOrder') }}</h2>
      <ul>
        <li v-for="s in later" :key="s.step.key">
          <span
            >{{ s.step.title }} <span class="faint">{{ clock(s.left) }}</span></span
          >
          <span v-if="s.heldBy" class="faint">{{ say('chair.after', { step: s.heldBy.step.title }) }}</span>
          <n-button v-else size="large" @click="moveHere(s.step.key)">{{ say('chair.now') }}</n-button>
        </li>
        <li v-for="s in skipped" :key="s.step.key">
          <span class="faint">{{ s.step.title }}</span>
          <n-button size="large" @click="chair.happened('stepUndone', { step: s.step.key })">{{
            say('chair.afterAll')
          }}</n-button>
        </li>
      </ul>
    </template>
    <h2>{{ say('chair.howItBehaves') }}</h2>
    <div class="wishes">
      <n-checkbox v-model:checked="wishes.mirror">{{ say('chair.mirror') }}</n-checkbox>
      <n-checkbox v-model:checked="wishes.sound">{{ say('chair.sound') }}</n-checkbox>
      <n-checkbox v-if="canSpeak()" v-model:checked="wishes.voice">{{ say('chair.voice') }}</n-checkbox>
      <n-radio-group
        v-if="two"
        :value="lane"
        :aria-label="say('chair.whoseSteps')"
        @update:value="(to: 0 | 1 | 2) => emit('lane', to)"
      >
        <n-radio :value="0">{{ say('chair.both') }}</n-radio>
        <n-radio v-for="p in [1, 2]" :key="p" :value="p">{{
          (p === 1 ? chair.painting.value?.painter : chair.painting.value?.secondPainter) ??
          say('chair.painterNumber', { number: p })
        }}</n-radio>
      </n-radio-group>
      <p class="faint">{{ say('chair.keys') }}</p>
      <router-link class="link" to="/chair">{{ say('chair.leave') }}</router-link>
      <a class="link" href="/pedal" target="_blank">{{ say('chair.pedal') }}</a>
    </div>
  </section>
</template>

<style scoped>
.more {
  margin-top: 14px;
  padding-top: 8px;
  border-top: 1px solid var(--line);
}

.row {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  margin: 8px 0;
}

.row :deep(button),
li :deep(button) {
  min-height: 48px;
}

.note {
  flex-wrap: nowrap;
}

h2 {
  margin: 14px 0 4px;
  font-size: 18px;
}

ul {
  margin: 0;
  padding: 0;
  list-style: none;
}

li {
  display: flex;
  justify-content: space-between;
  align-items: center;
  gap: 8px;
  padding: 4px 0;
  border-bottom: 1px solid var(--line);
}

.wishes {
  display: grid;
  gap: 10px;
  justify-items: start;
}

.wishes :deep(.n-checkbox),
.wishes :deep(.n-radio) {
  min-height: 32px;
}
</style>
