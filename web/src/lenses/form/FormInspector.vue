<script setup lang="ts">
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
  { value: 'wash', label: 'thin wash' },
  { value: 'powder', label: 'powder' },
  { value: 'drySponge', label: 'dry sponge' },
]
const FOLDS = [
  { label: 'frown', kind: 'furrowedBrow' },
  { label: 'squint', kind: 'crowsFeet' },
  { label: 'smile', kind: 'smileLine' },
]
const DISTANCES = [
  { label: 'the mirror, 0.5 m', value: 0.5 },
  { label: 'the first row, 3 m', value: 3 },
  { label: 'the middle, 10 m', value: 10 },
  { label: 'the back row, 25 m', value: 25 },
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
      <h2>Form</h2>
      <p class="faint">What to darken and what to lighten, so that the form reads under this light.</p>
    </header>
    <label class="line">
      <span>Compute shades and lights</span>
      <n-switch :value="wish !== null" aria-label="Compute shades and lights" @update:value="form.switchOn" />
    </label>
    <p v-if="form.problem" class="stop" role="alert">{{ form.problem }}</p>

    <template v-if="wish">
      <section v-if="form.form" class="group">
        <p>
          <b class="figure">{{ percent(form.form.readsPainted) }}</b> of the form reads from
          {{ form.form.distanceM }} m;
          <span class="faint">{{ percent(form.form.readsBare) }} unpainted.</span>
        </p>
        <figure v-if="form.three">
          <img :src="form.three" alt="Unpainted, wanted and painted, in the light of the setting" />
          <figcaption class="faint"><span>unpainted</span><span>wanted</span><span>painted</span></figcaption>
        </figure>
        <div class="line">
          <n-radio-group v-model:value="form.view" size="small">
            <n-radio-button value="right" label="¾ right" />
            <n-radio-button value="front" label="front" />
            <n-radio-button value="left" label="¾ left" />
          </n-radio-group>
        </div>
        <div class="line">
          <span class="faint">Seen from</span>
          <n-select
            v-model:value="form.distance"
            size="small"
            clearable
            placeholder="the setting's distance"
            :options="DISTANCES"
            aria-label="Seen from"
            style="width: 180px"
          />
        </div>
        <p v-for="w in form.form.warnings" :key="w" class="warning">{{ w }}</p>
      </section>

      <section class="group">
        <h3>Lamp that the painting pretends</h3>
        <lamp-pad
          :azimuth="wish.pretended.azimuthDeg"
          :elevation="wish.pretended.elevationDeg"
          label="Lamp that the painting pretends"
          @update:azimuth="(v) => place({ azimuthDeg: v })"
          @update:elevation="(v) => place({ elevationDeg: v })"
          @drag="(on) => selection.holdLamp(on)"
        />
        <div class="line">
          <span class="faint">Strength</span>
          <named-slider
            :value="wish.strength"
            :min="0"
            :max="2"
            :step="0.05"
            label="Strength"
            style="width: 130px"
            @update:value="(v: number) => form.change({ strength: v }, 'strength')"
          />
          <span>{{ Math.round(100 * (wish.strength ?? 1)) }} %</span>
        </div>
        <div class="line">
          <span class="faint">Lights at most</span>
          <named-slider
            :value="wish.highlightCap"
            :min="0"
            :max="40"
            :step="1"
            label="Lights at most, L*"
            style="width: 130px"
            @update:value="(v: number) => form.change({ highlightCap: v }, 'cap')"
          />
          <span>{{ wish.highlightCap }} L*</span>
        </div>
        <div class="line">
          <span class="faint">Tones</span>
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
        <h3>Folds</h3>
        <p class="faint">
          Ask the wearer to frown, squint or smile: the character’s folds go where theirs go.
        </p>
        <div class="line">
          <n-button v-for="f in FOLDS" :key="f.kind" size="small" @click="fold(f.kind)">{{
            f.label
          }}</n-button>
        </div>
        <n-checkbox :checked="wish.folds" @update:checked="(v: boolean) => form.change({ folds: v }, 'folds')"
          >each fold gets its light side</n-checkbox
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
