<script setup lang="ts">
import ChoiceField from './ChoiceField.vue'
import FieldRow from './FieldRow.vue'
import { say } from '../texts'
import { LETTERS, LIMITS, USUAL } from '../api/limits'
import { NButton, NCheckbox, NInput, NInputNumber, NSelect } from 'naive-ui'
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

/** No angle of the face: the last colour on the outer side of each mark. */
const ACROSS = 1000

const WAYS = [
  { label: say('layField.upwards'), value: 90 },
  { label: say('layField.outwards'), value: 0 },
  { label: say('layField.downwards'), value: -90 },
  { label: say('layField.inwards'), value: 180 },
  { label: say('layField.outAndUp'), value: 45 },
  { label: say('layField.outAndDown'), value: -45 },
  { label: say('layField.acrossEachMark'), value: ACROSS },
]

const GROUNDS: { label: string; value: NonNullable<Lay['ground']> }[] = [
  { label: say('layField.untilDry'), value: 'dry' },
  { label: say('layField.tackyIsEnough'), value: 'tacky' },
  { label: say('layField.straightOn'), value: 'straightOn' },
]

type Towards = NonNullable<NonNullable<Lay['pullOut']>['towards']>
const TOWARDS: { label: string; value: Towards }[] = [
  { label: say('layField.allRound'), value: 'allRound' },
  { label: say('layField.downwards'), value: 'down' },
  { label: say('layField.upwards'), value: 'up' },
  { label: say('layField.outwards'), value: 'outwards' },
  { label: say('layField.inwards'), value: 'inwards' },
]

const preferences = usePreferences()
const film = computed(() => props.lay?.film ?? USUAL.CoatLay.film)
const split = computed(() => (props.lay?.split ? { ...USUAL.SplitLoad, ...props.lay.split } : null))
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
      castProblem.value = say('layField.thisPaintTakesThisSkinFrom', {
        skinL: answer.skinL,
        opaqueL: answer.opaqueL,
        target: target.value,
      })
    else change({ film: Math.min(2, Math.max(0.05, answer.share)) }, 'film')
  } catch (error) {
    castProblem.value = (error as Error).message
  }
}
</script>

<template>
  <details class="lay">
    <summary>
      {{ say('layField.howItIsLaid') }}
      <span v-if="lay?.film || lay?.intoWet || lay?.split" class="faint"
        >{{ lay?.split ? say('layField.splitSponge') : '' }} {{ lay?.intoWet ? say('layField.intoWet') : '' }}
        {{ film !== 1 ? say('layField.film', { film: Math.round(100 * film) }) : '' }}</span
      >
    </summary>
    <field-row :label="say('layField.film2')">
      <named-slider
        :value="film"
        v-bind="LIMITS.CoatLay.film"
        :step="0.05"
        :label="say('layField.film3', { label })"
        style="width: 118px"
        @update:value="(v: number) => change({ film: v === 1 ? undefined : v }, 'film')"
      />
      <span>{{ Math.round(100 * film) }} %, {{ planned?.filmUm ?? '–' }} µm</span>
    </field-row>
    <field-row :label="say('layField.castToL')">
      <n-input-number
        v-model:value="target"
        size="small"
        :min="0"
        :max="100"
        :show-button="false"
        placeholder="52"
        :input-props="{ 'aria-label': say('layField.castToLightness', { label }) }"
        style="width: 62px"
      />
      <n-button size="small" :disabled="target === null" @click="cast">{{
        say('layField.findTheFilm')
      }}</n-button>
    </field-row>
    <p v-if="castProblem" class="stop" role="alert">{{ castProblem }}</p>
    <field-row v-if="!lay?.intoWet" :label="say('layField.ground')">
      <n-select
        size="small"
        :value="lay?.ground ?? 'dry'"
        :options="GROUNDS"
        :aria-label="say('layField.groundOf', { label })"
        style="width: 150px"
        @update:value="
          (v: NonNullable<Lay['ground']>) => change({ ground: v === 'dry' ? undefined : v }, 'ground')
        "
      />
    </field-row>
    <field-row :label="say('layField.pullEdgeOut')">
      <n-input-number
        size="small"
        clearable
        :show-button="false"
        :value="lay?.pullOut?.mm ?? null"
        v-bind="LIMITS.PullOut.mm"
        :placeholder="say('layField.no')"
        :input-props="{ 'aria-label': say('layField.pullEdgeOutOf', { label }) }"
        style="width: 78px"
        @update:value="
          (v: number | null) =>
            change({ pullOut: v ? { towards: 'allRound', ...lay?.pullOut, mm: v } : undefined }, 'pullOut')
        "
        ><template #suffix>mm</template></n-input-number
      >
      <n-select
        v-if="lay?.pullOut"
        size="small"
        :value="lay.pullOut.towards ?? 'allRound'"
        :options="TOWARDS"
        :aria-label="say('layField.pulledTowards', { label })"
        style="width: 110px"
        @update:value="(v: Towards) => change({ pullOut: { ...lay!.pullOut!, towards: v } }, 'pullTowards')"
      />
    </field-row>
    <field-row :label="say('layField.oneLoadLasts')">
      <n-input-number
        size="small"
        clearable
        :show-button="false"
        :value="lay?.marksPerLoad ?? null"
        v-bind="LIMITS.CoatLay.marksPerLoad"
        :precision="0"
        :placeholder="say('layField.itsPaint')"
        :input-props="{ 'aria-label': say('layField.oneLoadLastsOf', { label }) }"
        style="width: 92px"
        @update:value="(v: number | null) => change({ marksPerLoad: v ?? undefined }, 'marksPerLoad')"
      />
      <span>{{ say('layField.marks') }}</span>
    </field-row>
    <n-input
      size="small"
      type="textarea"
      autosize
      :value="lay?.words ?? ''"
      :placeholder="say('layField.inYourWords')"
      :maxlength="LETTERS.CoatLay.words"
      :input-props="{ 'aria-label': say('layField.inYourWordsOf', { label }) }"
      @update:value="(v: string) => change({ words: v || undefined }, 'words')"
    />
    <n-checkbox
      :checked="lay?.intoWet ?? false"
      @update:checked="(v: boolean) => change({ intoWet: v || undefined }, 'intoWet')"
      >{{ say('layField.whileTheCoatBelowIsWet') }}</n-checkbox
    >
    <template v-if="paints > 1">
      <choice-field
        :value="split ? 'split' : 'stirred'"
        :label="say('layField.howThePaintsMeet')"
        :options="[
          { id: 'stirred', label: say('layField.stirred') },
          { id: 'split', label: say('layField.sideBySide') },
        ]"
        @update:value="(v: string) => change({ split: v === 'split' ? USUAL.SplitLoad : null }, 'split')"
      />
      <template v-if="split">
        <span
          v-if="planned?.splitColours.length"
          class="bar"
          :style="{
            background: `linear-gradient(to right, ${planned.splitColours.join(', ')})`,
          }"
          role="img"
          :aria-label="say('layField.theSpongeAsItIsLoaded')"
        />
        <n-checkbox
          :checked="split.fromMiddle"
          @update:checked="(v: boolean) => reshape({ fromMiddle: v }, 'fromMiddle')"
          >{{ say('layField.fromTheMiddleOutwardsAGlow') }}</n-checkbox
        >
        <field-row v-if="!split.fromMiddle" :label="say('layField.runs')">
          <n-select
            size="small"
            :value="split.acrossMark ? ACROSS : split.axisDeg"
            :options="WAYS"
            :aria-label="say('layField.directionOfTheColours', { label })"
            style="width: 130px"
            @update:value="
              (v: number) =>
                reshape(v === ACROSS ? { acrossMark: true } : { axisDeg: v, acrossMark: false }, 'axis')
            "
          />
        </field-row>
        <n-checkbox
          v-if="!split.fromMiddle"
          :checked="split.flipped"
          @update:checked="(v: boolean) => reshape({ flipped: v }, 'flipped')"
          >{{ say('layField.turnedOverForTheOtherSide') }}</n-checkbox
        >
        <field-row :label="say('layField.overlap')">
          <named-slider
            :value="split.overlap"
            v-bind="LIMITS.SplitLoad.overlap"
            :step="0.05"
            :label="say('layField.overlap2', { label })"
            style="width: 118px"
            @update:value="(v: number) => reshape({ overlap: v }, 'overlap')"
          />
          <span>{{ Math.round(100 * split.overlap) }} %</span>
        </field-row>
        <field-row :label="say('layField.powderyEdge')">
          <named-slider
            :value="split.powder"
            v-bind="LIMITS.SplitLoad.powder"
            :step="0.05"
            :label="say('layField.powderyEdge2', { label })"
            style="width: 118px"
            @update:value="(v: number) => reshape({ powder: v }, 'powder')"
          />
          <span>{{ Math.round(100 * split.powder) }} %</span>
        </field-row>
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

.bar {
  display: block;
  height: 16px;
  border-radius: 5px;
  border: 1px solid var(--swatch-line);
}
</style>
