<script setup lang="ts">
import ChoiceField from '../../components/ChoiceField.vue'
import FieldRow from '../../components/FieldRow.vue'
import { say } from '../../texts'
import { LIMITS, USUAL } from '../../api/limits'
import { NButton, NCheckbox, NSelect, NSwitch } from 'naive-ui'
import { computed } from 'vue'
import { api, type FormWish } from '../../api/client'
import { useForm } from '../../stores/form'
import { usePreferences } from '../../stores/preferences'
import { useLook } from '../../stores/look'
import { useSelection } from '../../stores/selection'
import LampPad from '../../components/LampPad.vue'
import NamedSlider from '../../components/NamedSlider.vue'
import ReliefFields from './ReliefFields.vue'
import FormHands from './FormHands.vue'
import ToneList from './ToneList.vue'

const form = useForm()
const lookDoc = useLook()
const selection = useSelection()
const preferences = usePreferences()

type School = NonNullable<FormWish['with']>
const SCHOOLS: { id: School; label: string }[] = [
  { id: 'wash', label: say('formInspector.thinWash') },
  { id: 'powder', label: say('formInspector.powder') },
  { id: 'drySponge', label: say('formInspector.drySponge') },
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
  const { face, kit, setting } = preferences
  lookDoc.add((await api.newPart(face, kind, kit, setting, lookDoc.colours)).part)
}

const percent = (v: number) => `${Math.round(100 * Math.max(0, v))} %`
</script>

<template>
  <div class="inspector">
    <header>
      <h2>{{ say('formInspector.form') }}</h2>
      <p class="faint">{{ say('formInspector.whatToDarkenAndWhatTo') }}</p>
    </header>
    <field-row tag="label" :label="say('formInspector.computeShadesAndLights')">
      <n-switch
        :value="wish !== null"
        :aria-label="say('formInspector.computeShadesAndLights')"
        @update:value="form.switchOn"
      />
    </field-row>
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
          <choice-field
            v-model:value="form.view"
            :label="say('formInspector.side')"
            :options="[
              { id: 'right', label: say('formInspector.n34Right') },
              { id: 'front', label: say('formInspector.front') },
              { id: 'left', label: say('formInspector.n34Left') },
            ]"
          />
        </div>
        <field-row :label="say('formInspector.seenFrom')">
          <n-select
            v-model:value="form.distance"
            size="small"
            clearable
            :placeholder="say('formInspector.theSettingSDistance')"
            :options="DISTANCES"
            :aria-label="say('formInspector.seenFrom')"
            style="flex: 1"
          />
        </field-row>
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
        <field-row :label="say('formInspector.strength')">
          <named-slider
            :value="wish.strength"
            v-bind="LIMITS.FormWish.strength"
            :step="0.05"
            :label="say('formInspector.strength')"
            style="width: 130px"
            @update:value="(v: number) => form.change({ strength: v }, 'strength')"
          />
          <span>{{ Math.round(100 * (wish.strength ?? 1)) }} %</span>
        </field-row>
        <field-row :label="say('formInspector.lightsAtMost')">
          <named-slider
            :value="wish.highlightCap"
            v-bind="LIMITS.FormWish.highlightCap"
            :step="1"
            :label="say('formInspector.lightsAtMostL')"
            style="width: 130px"
            @update:value="(v: number) => form.change({ highlightCap: v }, 'cap')"
          />
          <span>{{ wish.highlightCap }} L*</span>
        </field-row>
        <field-row :label="say('formInspector.tones')">
          <choice-field
            :value="wish.tones ?? USUAL.FormWish.tones"
            :label="say('formInspector.tones')"
            :options="[3, 4, 5].map((n) => ({ id: n, label: `${n}` }))"
            @update:value="(v: number) => form.change({ tones: v }, 'tones')"
          />
        </field-row>
        <choice-field
          :value="wish.with ?? 'wash'"
          :label="say('formInspector.paintedWith')"
          :options="SCHOOLS"
          @update:value="(v: School) => form.change({ with: v }, 'with')"
        />
      </section>

      <form-hands :wish="wish" />

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
