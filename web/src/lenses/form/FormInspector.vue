<script setup lang="ts">
import { NButton, NCheckbox, NInputNumber, NRadioButton, NRadioGroup, NSelect, NSwitch } from 'naive-ui'
import { computed, ref } from 'vue'
import { api, type FormWish } from '../../api/client'
import { useCatalogue } from '../../stores/catalogue'
import { useForm } from '../../stores/form'
import { useMapping } from '../../stores/mapping'
import { usePreferences } from '../../stores/preferences'
import { useLook } from '../../stores/look'
import { useSelection } from '../../stores/selection'
import LampPad from '../../components/LampPad.vue'
import NamedSlider from '../../components/NamedSlider.vue'

const form = useForm()
const lookDoc = useLook()
const selection = useSelection()
const catalogue = useCatalogue()
const mapping = useMapping()
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
const zoneToAdd = ref<string | null>(null)
const zoneOptions = computed(() => catalogue.zones.map((z) => ({ label: z, value: z })))
const partsWithHeight = computed(() =>
  lookDoc.look.parts.flatMap((p) => {
    const kind = catalogue.kindOf(p.kind)
    return kind?.reliefMm == null ? [] : [{ part: p, label: kind.label, usual: kind.reliefMm }]
  }),
)

function place(p: { azimuthDeg?: number; elevationDeg?: number }) {
  form.change({ pretended: { ...wish.value!.pretended, ...p } }, 'pretended')
}

/** Hangs the fold that a frown, a squint or a smile leaves on this face. */
async function fold(kind: string) {
  lookDoc.add((await api.newPart(preferences.face, kind, preferences.kit, preferences.setting)).part)
}

const percent = (v: number) => `${Math.round(100 * Math.max(0, v))} %`
const sideWord = { left: ', left', right: ', right', middle: '' }
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

      <section v-if="form.form" class="group">
        <h3>Tones and places</h3>
        <ul class="tones">
          <li v-for="t in form.form.tones" :key="t.number">
            <span class="number" :class="{ light: t.isLight }">{{ t.number }}</span>
            <span>
              {{ t.change > 0 ? '+' : '−' }}{{ Math.abs(t.change) }} L*, {{ t.areaCm2 }} cm²
              <span class="faint">{{ t.paint }}, {{ t.filmUm }} µm</span>
            </span>
          </li>
        </ul>
        <p class="faint">The base is tone {{ form.form.baseNumber }}; 1 is the lightest.</p>
        <table>
          <tbody>
            <tr v-for="(p, k) in form.form.places" :key="k">
              <td>{{ p.zone }}{{ sideWord[p.side] }}</td>
              <td>tone {{ p.tone }}</td>
              <td class="figure">{{ p.areaCm2 }} cm²</td>
            </tr>
          </tbody>
        </table>
      </section>

      <section class="group">
        <h3>Relief</h3>
        <div class="line">
          <span class="faint">On the skin</span>
          <n-radio-group v-model:value="form.showRelief" size="small">
            <n-radio-button value="" label="no" />
            <n-radio-button value="shading" label="shading" />
            <n-radio-button value="heights" label="heights" />
          </n-radio-group>
        </div>
        <p v-if="form.showRelief === 'heights'" class="faint">Hollows blue, what stands out amber.</p>
        <div v-for="p in partsWithHeight" :key="p.part.id" class="line">
          <span class="faint">{{ p.label }}</span>
          <n-input-number
            size="small"
            :value="p.part.reliefMm ?? null"
            :placeholder="`${p.usual} usual`"
            :min="-20"
            :max="20"
            :step="0.5"
            :show-button="false"
            clearable
            :input-props="{ 'aria-label': `${p.label}: height over the skin, mm` }"
            style="width: 130px"
            @update:value="(v: number | null) => lookDoc.edit(p.part.id, { reliefMm: v }, 'relief')"
          >
            <template #suffix>mm</template>
          </n-input-number>
        </div>
        <div v-for="z in wish.zones ?? []" :key="z.zone + z.side" class="line">
          <span class="faint">{{ z.zone }}</span>
          <n-input-number
            size="small"
            :value="z.mm"
            :min="-20"
            :max="20"
            :step="0.5"
            :input-props="{ 'aria-label': `${z.zone}: height, mm` }"
            style="width: 104px"
            @update:value="(v: number | null) => v !== null && form.setZone(z.zone, z.side, { mm: v })"
          >
            <template #suffix>mm</template>
          </n-input-number>
          <n-button
            size="tiny"
            :aria-label="`Leave ${z.zone} as it is`"
            @click="form.setZone(z.zone, z.side, null)"
            >×</n-button
          >
        </div>
        <n-select
          v-model:value="zoneToAdd"
          size="small"
          filterable
          placeholder="Raise or sink a zone"
          :options="zoneOptions"
          aria-label="Raise or sink a zone"
          @update:value="
            (z: string | null) => {
              if (z) form.setZone(z, 'middle', {})
              zoneToAdd = null
            }
          "
        />
        <div class="line">
          <span class="faint">Profile</span>
          <n-button
            size="small"
            :type="mapping.taping ? 'primary' : 'default'"
            @click="mapping.taping ? mapping.putTapeAway() : (mapping.taping = true)"
            >{{ mapping.taping ? 'Click two places' : 'Lay a tape' }}</n-button
          >
        </div>
        <svg
          v-if="form.profile"
          class="profile"
          viewBox="0 0 280 70"
          role="img"
          aria-label="Height along the tape"
        >
          <path d="M0 35h280" />
          <polyline
            :points="
              form.profile.heightMm
                .map(
                  (h, k) =>
                    `${(280 * k) / Math.max(1, form.profile!.heightMm.length - 1)},${35 - Math.max(-12, Math.min(12, h)) * 2.6}`,
                )
                .join(' ')
            "
          />
          <text x="2" y="12">{{ Math.max(...form.profile.heightMm).toFixed(1) }} mm up</text>
          <text x="2" y="66">{{ Math.abs(Math.min(...form.profile.heightMm)).toFixed(1) }} mm down</text>
          <text x="278" y="66" text-anchor="end">
            {{ Math.round(form.profile.alongMm[form.profile.alongMm.length - 1] ?? 0) }} mm of tape
          </text>
        </svg>
      </section>

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

.tones {
  list-style: none;
  margin: 0;
  padding: 0;
  display: grid;
  gap: 6px;
}

.tones li {
  display: grid;
  grid-template-columns: 26px 1fr;
  gap: 9px;
}

.tones .faint {
  display: block;
}

.number {
  width: 26px;
  height: 26px;
  border-radius: 50%;
  display: grid;
  place-items: center;
  font-weight: 700;
  background: #2d2733;
  color: #fff;
}

.number.light {
  background: #fff;
  color: #24212b;
  box-shadow: inset 0 0 0 1px var(--line);
}

table {
  width: 100%;
  border-collapse: collapse;
}

td {
  padding: 3px 6px 3px 0;
  border-top: 1px solid var(--line);
}

td:last-child {
  text-align: right;
}

.profile {
  background: var(--ground);
  border-radius: 8px;
}

.profile path {
  stroke: var(--line);
}

.profile polyline {
  fill: none;
  stroke: var(--accent);
  stroke-width: 2;
}

.profile text {
  font-size: 11px;
  fill: var(--faint);
}
</style>
