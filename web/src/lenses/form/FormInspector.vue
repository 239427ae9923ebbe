<script setup lang="ts">
import { say } from '../../texts'
import { LIMITS } from '../../api/limits'
import { NButton, NCheckbox, NRadioButton, NRadioGroup, NSelect, NSwitch } from 'naive-ui'
import { computed } from 'vue'
import { api, type FormWish } from '../../api/client'
import { useForm } from '../../stores/form'
import { usePreferences } from '../../stores/preferences'
import { useLook } from '../../stores/look'
import { useSelection } from '../../stores/selection'
import LampPad from '../../components/LampPad.vue'
import NamedSlider from '../../components/NamedSlider.vue'
import ReliefFields from './ReliefFields.vue'
import ToneList from './ToneList.vue'

const form = useForm()
const lookDoc = useLook()
const selection = useSelection()
const preferences = usePreferences()

const SCHOOLS: { value: FormWish['with']; label: string }[] = [
  { value: 'wash', label: say('formInspector.thinWash') },
  { value: 'powder', label: say('formInspector.powder') },
  { value: 'drySponge', label: say('formInspector.drySponge') },
]
const FOLDS = [
  { label: say('formInspector.frown'), kind: 'furrowedBrow' },
  { label: say('formInspector.squint'), kind: 'crowsFeet' },
  { label: say('formInspector.smile'), kind: 'smileLine' },
]
const DISTANCES = [
  { label: say('formInspector.theMirror05M'), value: 0.5 },
  { label: say('formInspector.theFirstRow3M'), value: 3 },
  { label: say('formInspector.theMiddle10M'), value: 10 },
  { label: say('formInspector.theBackRow25M'), value: 25 },
]

const wish = computed(() => form.wish)
function place(p: { azimuthDeg?: number; elevationDeg?: number }) {
  form.change({ pretended: { ...wish.value!.pretended, ...p } }, 'pretended')
}

/** Hangs the fold that a frown, a squint or a smile leaves on this face. */
async function fold(kind: string) {
  lookDoc.add((await api.newPart(preferences.face, kind, preferences.kit, preferences.setting)).part)
}

const percent = (v: number) => `${Math.round(100 * Math.max(0, v))} %`
</script>

<template>
  <div class="inspector">
    <header>
      <h2>{{ say('formInspector.form') }}</h2>
      <p class="faint">{{ say('formInspector.whatToDarkenAndWhatTo') }}</p>
    </header>
    <label class="line">
      <span>{{ say('formInspector.computeShadesAndLights') }}</span>
      <n-switch
        :value="wish !== null"
        :aria-label="say('formInspector.computeShadesAndLights')"
        @update:value="form.switchOn"
      />
    </label>
    <p v-if="form.problem" class="stop" role="alert">{{ form.problem }}</p>

    <template v-if="wish">
      <section v-if="form.form" class="group">
        <p>
          <b class="figure">{{ percent(form.form.readsPainted) }}</b>
          {{ say('formInspector.ofTheFormReadsFromM', { distanceM: form.form.distanceM }) }}
          <span class="faint">{{
            say('formInspector.unpainted', { readsBare: percent(form.form.readsBare) })
          }}</span>
        </p>
        <figure v-if="form.three">
          <img :src="form.three" :alt="say('formInspector.unpaintedWantedAndPaintedInThe')" />
          <figcaption class="faint">
            <span>{{ say('formInspector.unpainted2') }}</span><span>{{ say('formInspector.wanted') }}</span
            ><span>{{ say('formInspector.painted') }}</span>
          </figcaption>
        </figure>
        <div class="line">
          <n-radio-group v-model:value="form.view" size="small">
            <n-radio-button value="right" :label="say('formInspector.n34Right')" />
            <n-radio-button value="front" :label="say('formInspector.front')" />
            <n-radio-button value="left" :label="say('formInspector.n34Left')" />
          </n-radio-group>
        </div>
        <div class="line">
          <span class="faint">{{ say('formInspector.seenFrom') }}</span>
          <n-select
            v-model:value="form.distance"
            size="small"
            clearable
            :placeholder="say('formInspector.theSettingSDistance')"
            :options="DISTANCES"
            :aria-label="say('formInspector.seenFrom')"
            style="flex: 1"
          />
        </div>
        <p v-for="w in form.form.warnings" :key="w" class="warning">{{ w }}</p>
      </section>

      <section class="group">
        <h3>{{ say('formInspector.lampThatThePaintingPretends') }}</h3>
        <lamp-pad
          :azimuth="wish.pretended.azimuthDeg"
          :elevation="wish.pretended.elevationDeg"
          :label="say('formInspector.lampThatThePaintingPretends')"
          @update:azimuth="(v) => place({ azimuthDeg: v })"
          @update:elevation="(v) => place({ elevationDeg: v })"
          @drag="(on) => selection.holdLamp(on)"
        />
        <div class="line">
          <span class="faint">{{ say('formInspector.strength') }}</span>
          <named-slider
            :value="wish.strength"
            v-bind="LIMITS.FormWish.strength"
            :step="0.05"
            :label="say('formInspector.strength')"
            style="width: 130px"
            @update:value="(v: number) => form.change({ strength: v }, 'strength')"
          />
          <span>{{ Math.round(100 * (wish.strength ?? 1)) }} %</span>
        </div>
        <div class="line">
          <span class="faint">{{ say('formInspector.lightsAtMost') }}</span>
          <named-slider
            :value="wish.highlightCap"
            v-bind="LIMITS.FormWish.highlightCap"
            :step="1"
            :label="say('formInspector.lightsAtMostL')"
            style="width: 130px"
            @update:value="(v: number) => form.change({ highlightCap: v }, 'cap')"
          />
          <span>{{ wish.highlightCap }} L*</span>
        </div>
        <div class="line">
          <span class="faint">{{ say('formInspector.tones') }}</span>
          <n-radio-group
            size="small"
            :value="wish.tones"
            @update:value="(v: number) => form.change({ tones: v }, 'tones')"
          >
            <n-radio-button :value="3" label="3" />
            <n-radio-button :value="4" label="4" />
            <n-radio-button :value="5" label="5" />
          </n-radio-group>
        </div>
        <n-radio-group
          size="small"
          :value="wish.with"
          @update:value="(v: FormWish['with']) => form.change({ with: v }, 'with')"
        >
          <n-radio-button v-for="s in SCHOOLS" :key="s.value" :value="s.value" :label="s.label" />
        </n-radio-group>
      </section>

      <tone-list v-if="form.form" :form="form.form" />

      <relief-fields :wish="wish" />

      <section class="group">
        <h3>{{ say('formInspector.folds') }}</h3>
        <p class="faint">
          {{ say('formInspector.askTheWearerToFrownSquint') }}
        </p>
        <div class="line">
          <n-button v-for="f in FOLDS" :key="f.kind" size="small" @click="fold(f.kind)">{{
            f.label
          }}</n-button>
        </div>
        <n-checkbox
          :checked="wish.folds"
          @update:checked="(v: boolean) => form.change({ folds: v }, 'folds')"
          >{{ say('formInspector.eachFoldGetsItsLightSide') }}</n-checkbox
        >
      </section>
    </template>
  </div>
</template>

<style scoped>
figure {
  margin: 0;
}

figure img {
  width: 100%;
  display: block;
  border-radius: 8px;
}

figcaption {
  display: grid;
  grid-template-columns: repeat(3, 1fr);
  text-align: center;
}
</style>
