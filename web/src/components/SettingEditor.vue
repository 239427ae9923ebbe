<script setup lang="ts">
import { NButton, NInput, NInputNumber, NModal, NSelect } from 'naive-ui'
import { ref, watch } from 'vue'
import { api, type ApiProblem, type RateEntry, type Setting } from '../api/client'
import { useCatalogue } from '../stores/catalogue'
import LampPad from './LampPad.vue'
import NamedSlider from './NamedSlider.vue'

const shown = defineModel<boolean>('show', { required: true })

const SHAPES = [
  { label: 'round', value: 'round' },
  { label: 'V', value: 'vee' },
  { label: 'square', value: 'square' },
  { label: 'boat', value: 'boat' },
]

const catalogue = useCatalogue()
const setting = ref<Setting | null>(null)
const problem = ref('')
const saving = ref(false)

const DRYING = [
  { label: 'in the air', value: 'air' },
  { label: 'with a fan', value: 'fan' },
  { label: 'creams powdered', value: 'powder' },
]
const HANDS = [
  { label: 'right-handed', value: 'right' },
  { label: 'left-handed', value: 'left' },
]
const rates = ref<RateEntry[]>([])
const showRates = ref(false)

async function openRates() {
  showRates.value = !showRates.value
  if (rates.value.length === 0) rates.value = await api.rates()
}

function setRate(id: string, value: number | null) {
  if (!setting.value) return
  const own = { ...(setting.value.rates ?? {}) }
  if (value === null) delete own[id]
  else own[id] = value
  setting.value.rates = Object.keys(own).length ? own : null
}

watch(shown, (now) => {
  problem.value = ''
  if (now && catalogue.setting) setting.value = JSON.parse(JSON.stringify(catalogue.setting)) as Setting
})

function level(lamp: string) {
  return setting.value?.lamps?.find((l) => l.lamp === lamp)?.level ?? 0
}

function setLevel(lamp: string, value: number) {
  if (!setting.value) return
  const all = setting.value.lamps ?? []
  const stood = all.find((l) => l.lamp === lamp) ?? { azimuthDeg: 0, elevationDeg: 20, spreadDeg: 45 }
  const others = all.filter((l) => l.lamp !== lamp)
  setting.value.lamps = value > 0 ? [...others, { ...stood, lamp, level: value }] : others
}

async function save() {
  if (!setting.value) return
  saving.value = true
  try {
    const wanted = { ...setting.value, lamps: setting.value.lamps?.length ? setting.value.lamps : null }
    await api.saveSetting(wanted.id, catalogue.settingRevisions[wanted.id] ?? 0, wanted)
    await catalogue.loadSettings()
    shown.value = false
  } catch (error) {
    problem.value = Object.values((error as ApiProblem).errors ?? {}).flat()[0] ?? (error as Error).message
  } finally {
    saving.value = false
  }
}
</script>

<template>
  <n-modal v-model:show="shown" preset="card" title="Where it is worn" style="width: min(560px, 94vw)">
    <div v-if="setting" class="form">
      <label>
        <span class="faint">Name</span>
        <n-input
          v-model:value="setting.name"
          :maxlength="120"
          :input-props="{ 'aria-label': 'Name of the setting' }"
        />
      </label>
      <div class="two">
        <label>
          <span class="faint">Slot</span>
          <n-input-number
            v-model:value="setting.slotMinutes"
            :min="1"
            :max="720"
            :show-button="false"
            :input-props="{ 'aria-label': 'Slot, min' }"
          >
            <template #suffix>min</template>
          </n-input-number>
        </label>
        <label>
          <span class="faint">Seen from</span>
          <n-input-number
            v-model:value="setting.viewingDistanceM"
            :min="0.2"
            :max="200"
            :show-button="false"
            :input-props="{ 'aria-label': 'Viewing distance, m' }"
          >
            <template #suffix>m</template>
          </n-input-number>
        </label>
        <label
          title="What the eye settles on: a fifth of a white in that light. A lit street 1 to 5, a small stage 20, a room 60, daylight over 500."
        >
          <span class="faint">Brightness</span>
          <n-input-number
            v-model:value="setting.adaptingCdM2"
            :min="0.1"
            :max="10000"
            :show-button="false"
            :input-props="{ 'aria-label': 'Brightness, cd/m²' }"
          >
            <template #suffix>cd/m²</template>
          </n-input-number>
        </label>
      </div>
      <h3>Who paints</h3>
      <div class="three">
        <label>
          <span class="faint">Painters on the face</span>
          <n-input-number
            v-model:value="setting.painters"
            :min="1"
            :max="2"
            :input-props="{ 'aria-label': 'Painters on the face' }"
          />
        </label>
        <label>
          <span class="faint">Hand</span>
          <n-select
            :value="setting.rightHanded === false ? 'left' : 'right'"
            :options="HANDS"
            aria-label="Hand"
            @update:value="(hand: string) => (setting!.rightHanded = hand === 'right')"
          />
        </label>
        <label>
          <span class="faint">Paint dries</span>
          <n-select v-model:value="setting.drying" :options="DRYING" aria-label="Paint dries" />
        </label>
      </div>
      <label class="line">
        <span class="faint"
          >The slot must hold {{ Math.round(100 * (setting.confidence ?? 0.8)) }} % of sittings</span
        >
        <named-slider
          v-model:value="setting.confidence"
          :min="0.5"
          :max="0.99"
          :step="0.01"
          label="Share of sittings that the slot must hold"
          style="width: 150px"
        />
      </label>
      <div>
        <n-button size="small" @click="openRates">{{
          showRates ? 'Hide the rates' : 'My own rates'
        }}</n-button>
        <span v-if="setting.rates" class="faint"> {{ Object.keys(setting.rates).length }} set</span>
      </div>
      <div v-if="showRates" class="rates">
        <p class="faint">What is left empty goes by the usual rate (common practice).</p>
        <div v-for="r in rates" :key="r.id" class="rate">
          <span>{{ r.label }}</span>
          <n-input-number
            size="small"
            clearable
            :value="setting.rates?.[r.id] ?? null"
            :min="r.least"
            :max="r.most"
            :placeholder="String(r.usual)"
            :show-button="false"
            :input-props="{ 'aria-label': `${r.label}, ${r.unit}` }"
            @update:value="(v: number | null) => setRate(r.id, v)"
          >
            <template #suffix>{{ r.unit }}</template>
          </n-input-number>
        </div>
      </div>
      <h3>Costume neckline</h3>
      <div class="three">
        <label>
          <span class="faint">Edge</span>
          <n-select v-model:value="setting.neckline" :options="SHAPES" aria-label="Edge of the neckline" />
        </label>
        <label>
          <span class="faint">Below the notch</span>
          <n-input-number
            v-model:value="setting.necklineMm"
            :min="-60"
            :max="150"
            :show-button="false"
            :input-props="{ 'aria-label': 'Neckline below the notch, mm' }"
          >
            <template #suffix>mm</template>
          </n-input-number>
        </label>
        <label>
          <span class="faint">Width</span>
          <n-input-number
            v-model:value="setting.necklineWidthMm"
            :min="60"
            :max="420"
            :show-button="false"
            :input-props="{ 'aria-label': 'Width of the neckline, mm' }"
          >
            <template #suffix>mm</template>
          </n-input-number>
        </label>
      </div>
      <h3>Light</h3>
      <p class="faint">Several at once count by their level. With none it is daylight.</p>
      <div class="lamps">
        <div v-for="lamp in catalogue.lamps" :key="lamp.id" class="lamp">
          <span class="swatch" :style="{ background: lamp.colour }" />
          <span>{{ lamp.name }}</span>
          <named-slider
            :value="level(lamp.id)"
            :min="0"
            :max="1"
            :step="0.1"
            :label="lamp.name"
            @update:value="(v: number) => setLevel(lamp.id, v)"
          />
        </div>
      </div>
      <template v-if="setting.lamps?.length">
        <p class="faint">Where each lamp stands round the head, and how soft it is.</p>
        <div v-for="l in setting.lamps" :key="l.lamp" class="stand">
          <span>{{ catalogue.lamps.find((one) => one.id === l.lamp)?.name }}</span>
          <lamp-pad
            :azimuth="l.azimuthDeg ?? 0"
            :elevation="l.elevationDeg ?? 20"
            :label="`Place of ${l.lamp}`"
            @update:azimuth="(v: number) => (l.azimuthDeg = v)"
            @update:elevation="(v: number) => (l.elevationDeg = v)"
          />
          <label>
            <span class="faint">soft, {{ l.spreadDeg }}°</span>
            <named-slider
              v-model:value="l.spreadDeg"
              :min="0"
              :max="80"
              :step="5"
              :label="`Softness of ${l.lamp}`"
            />
            <n-input-number
              v-model:value="l.distanceM"
              size="small"
              clearable
              placeholder="far off"
              :min="0.25"
              :max="100"
              :step="0.5"
              :input-props="{ 'aria-label': `Distance of ${l.lamp}, m` }"
            >
              <template #suffix>m away</template>
            </n-input-number>
          </label>
        </div>
      </template>
      <div class="lamp">
        <span />
        <span>from everywhere, {{ Math.round(100 * (setting.ambient ?? 0.5)) }} %</span>
        <named-slider
          v-model:value="setting.ambient"
          :min="0"
          :max="1"
          :step="0.05"
          label="Share of the light from everywhere"
        />
      </div>
      <p v-if="problem" class="stop" role="alert">{{ problem }}</p>
      <div class="foot">
        <n-button type="primary" :loading="saving" @click="save">Save the setting</n-button>
      </div>
    </div>
  </n-modal>
</template>

<style scoped>
.stand {
  display: grid;
  grid-template-columns: 110px 1fr 120px;
  gap: 12px;
  align-items: center;
}

@media (max-width: 560px) {
  .stand {
    grid-template-columns: 1fr;
  }
}

.form,
label {
  display: grid;
  gap: 6px;
}

.form {
  gap: 12px;
}

.two,
.three {
  display: grid;
  grid-template-columns: repeat(2, 1fr);
  gap: 12px;
}

.three {
  grid-template-columns: repeat(3, 1fr);
}

.rates {
  display: grid;
  gap: 4px;
  max-height: 260px;
  overflow-y: auto;
}

.rate {
  display: grid;
  grid-template-columns: 1fr 150px;
  gap: 9px;
  align-items: center;
}

.lamps {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 4px 22px;
}

.lamp {
  display: grid;
  grid-template-columns: 16px 108px 1fr;
  gap: 8px;
  align-items: center;
  min-height: 32px;
}

.swatch {
  width: 16px;
  height: 16px;
  border-radius: 50%;
  border: 1px solid rgba(128, 128, 128, 0.6);
}

.foot {
  display: flex;
  justify-content: end;
}

@media (max-width: 560px) {
  .lamps,
  .three {
    grid-template-columns: 1fr;
  }
}
</style>
