<script setup lang="ts">
import { NButton, NCheckbox, NInputNumber, NRadioButton, NRadioGroup, NSelect } from 'naive-ui'
import { computed, ref } from 'vue'
import { api, type Lay, type PlanCoat } from '../api/client'
import { usePreferences } from '../stores/preferences'
import NamedSlider from './NamedSlider.vue'

type Split = NonNullable<Lay['split']>

const props = defineProps<{
  label: string
  lay: Lay | undefined
  paints: number
  paint: string
  planned: PlanCoat | undefined
}>()
const emit = defineEmits<{ change: [lay: Lay, key: string] }>()

const USUAL: Required<Split> = { overlap: 0.5, axisDeg: 90, flipped: true, fromMiddle: false, powder: 0 }
const WAYS = [
  { label: 'upwards', value: 90 },
  { label: 'outwards', value: 0 },
  { label: 'downwards', value: -90 },
  { label: 'inwards', value: 180 },
  { label: 'out and up', value: 45 },
  { label: 'out and down', value: -45 },
]

const preferences = usePreferences()
const film = computed(() => props.lay?.film ?? 1)
const split = computed(() => (props.lay?.split ? { ...USUAL, ...props.lay.split } : null))
const target = ref<number | null>(null)
const castProblem = ref('')

function change(part: Partial<Lay>, key: string) {
  emit('change', { ...props.lay, ...part }, key)
}

function reshape(part: Partial<Split>, key: string) {
  change({ split: { ...(split.value ?? USUAL), ...part } }, key)
}

/** Takes the film that shifts this skin just to a wanted lightness. */
async function cast() {
  if (target.value === null) return
  castProblem.value = ''
  try {
    const answer = await api.cast(preferences.kit, preferences.face, props.paint, target.value)
    if (answer.share == null)
      castProblem.value = `This paint takes this skin from L* ${answer.skinL} towards ${answer.opaqueL}, and not to ${target.value}.`
    else change({ film: Math.min(2, Math.max(0.05, answer.share)) }, 'film')
  } catch (error) {
    castProblem.value = (error as Error).message
  }
}
</script>

<template>
  <details class="lay">
    <summary>
      How it is laid
      <span v-if="lay?.film || lay?.intoWet || lay?.split" class="faint"
        >{{ lay?.split ? 'split sponge' : '' }} {{ lay?.intoWet ? 'into wet' : '' }}
        {{ film !== 1 ? `${Math.round(100 * film)} % film` : '' }}</span
      >
    </summary>
    <div class="line">
      <span class="faint">Film</span>
      <named-slider
        :value="film"
        :min="0.05"
        :max="2"
        :step="0.05"
        :label="`${label}: film`"
        style="width: 118px"
        @update:value="(v: number) => change({ film: v === 1 ? undefined : v }, 'film')"
      />
      <span>{{ Math.round(100 * film) }} %, {{ planned?.filmUm ?? '–' }} µm</span>
    </div>
    <div class="line">
      <span class="faint">Cast to L*</span>
      <n-input-number
        v-model:value="target"
        size="small"
        :min="0"
        :max="100"
        :show-button="false"
        placeholder="52"
        :input-props="{ 'aria-label': `${label}: cast to lightness` }"
        style="width: 62px"
      />
      <n-button size="small" :disabled="target === null" @click="cast">Find the film</n-button>
    </div>
    <p v-if="castProblem" class="stop" role="alert">{{ castProblem }}</p>
    <n-checkbox
      :checked="lay?.intoWet ?? false"
      @update:checked="(v: boolean) => change({ intoWet: v || undefined }, 'intoWet')"
      >while the coat below is wet</n-checkbox
    >
    <template v-if="paints > 1">
      <n-radio-group
        size="small"
        :value="split ? 'split' : 'stirred'"
        @update:value="(v: string) => change({ split: v === 'split' ? USUAL : null }, 'split')"
      >
        <n-radio-button value="stirred" label="stirred" />
        <n-radio-button value="split" label="side by side" />
      </n-radio-group>
      <template v-if="split">
        <span
          v-if="planned?.splitColours.length"
          class="bar"
          :style="{
            background: `linear-gradient(to right, ${planned.splitColours.join(', ')})`,
          }"
          role="img"
          aria-label="The sponge as it is loaded, first colour on the left"
        />
        <n-checkbox
          :checked="split.fromMiddle"
          @update:checked="(v: boolean) => reshape({ fromMiddle: v }, 'fromMiddle')"
          >from the middle outwards, a glow</n-checkbox
        >
        <div v-if="!split.fromMiddle" class="line">
          <span class="faint">Runs</span>
          <n-select
            size="small"
            :value="split.axisDeg"
            :options="WAYS"
            :aria-label="`${label}: direction of the colours`"
            style="width: 130px"
            @update:value="(v: number) => reshape({ axisDeg: v }, 'axis')"
          />
        </div>
        <n-checkbox
          v-if="!split.fromMiddle"
          :checked="split.flipped"
          @update:checked="(v: boolean) => reshape({ flipped: v }, 'flipped')"
          >turned over for the other side</n-checkbox
        >
        <div class="line">
          <span class="faint">Overlap</span>
          <named-slider
            :value="split.overlap"
            :min="0"
            :max="1"
            :step="0.05"
            :label="`${label}: overlap`"
            style="width: 118px"
            @update:value="(v: number) => reshape({ overlap: v }, 'overlap')"
          />
          <span>{{ Math.round(100 * split.overlap) }} %</span>
        </div>
        <div class="line">
          <span class="faint">Powdery edge</span>
          <named-slider
            :value="split.powder"
            :min="0"
            :max="1"
            :step="0.05"
            :label="`${label}: powdery edge`"
            style="width: 118px"
            @update:value="(v: number) => reshape({ powder: v }, 'powder')"
          />
          <span>{{ Math.round(100 * split.powder) }} %</span>
        </div>
      </template>
    </template>
  </details>
</template>

<style scoped>
.lay {
  display: grid;
  gap: 6px;
}

.lay > * + * {
  margin-top: 6px;
}

summary {
  cursor: pointer;
  min-height: 28px;
  color: var(--accent);
}

.line {
  display: flex;
  justify-content: space-between;
  align-items: center;
  gap: 8px;
  min-height: 32px;
}

.bar {
  display: block;
  height: 16px;
  border-radius: 5px;
  border: 1px solid rgba(128, 128, 128, 0.6);
}
</style>
