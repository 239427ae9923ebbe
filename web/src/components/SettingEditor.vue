<script setup lang="ts">
import { NButton, NInput, NModal, NSelect } from 'naive-ui'
import { ref, watch } from 'vue'
import { api, type ApiProblem, type Setting } from '../api/client'
import { useCatalogue } from '../stores/catalogue'
import NamedSlider from './NamedSlider.vue'
import NumberField from './NumberField.vue'
import OwnRates from './OwnRates.vue'
import SettingLight from './SettingLight.vue'

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
watch(shown, (now) => {
  problem.value = ''
  if (now && catalogue.setting) setting.value = JSON.parse(JSON.stringify(catalogue.setting)) as Setting
})

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
      <div class="three">
        <number-field v-model="setting.slotMinutes" label="Slot" unit="min" :min="1" :max="720" />
        <number-field
          v-model="setting.viewingDistanceM"
          label="Seen from"
          says="Viewing distance"
          unit="m"
          :min="0.2"
          :max="200"
        />
        <number-field
          v-model="setting.adaptingCdM2"
          label="Brightness"
          unit="cd/m²"
          :min="0.1"
          :max="10000"
          title="What the eye settles on: a fifth of a white in that light. A lit street 1 to 5, a small stage 20, a room 60, daylight over 500."
        />
      </div>
      <h3>Who paints</h3>
      <div class="three">
        <number-field v-model="setting.painters" label="Painters on the face" :min="1" :max="2" />
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
      <own-rates v-model="setting.rates" />
      <h3>Costume neckline</h3>
      <div class="three">
        <label>
          <span class="faint">Edge</span>
          <n-select v-model:value="setting.neckline" :options="SHAPES" aria-label="Edge of the neckline" />
        </label>
        <number-field
          v-model="setting.necklineMm"
          label="Below the notch"
          says="Neckline below the notch"
          unit="mm"
          :min="-60"
          :max="150"
        />
        <number-field
          v-model="setting.necklineWidthMm"
          label="Width"
          says="Width of the neckline"
          unit="mm"
          :min="60"
          :max="420"
        />
      </div>
      <setting-light v-model="setting" />
      <p v-if="problem" class="stop" role="alert">{{ problem }}</p>
      <div class="foot">
        <n-button type="primary" :loading="saving" @click="save">Save the setting</n-button>
      </div>
    </div>
  </n-modal>
</template>

<style scoped>
.form,
label {
  display: grid;
  gap: 6px;
}

.form {
  gap: 12px;
}

.three {
  display: grid;
  grid-template-columns: repeat(3, 1fr);
  gap: 12px;
}

.foot {
  display: flex;
  justify-content: end;
}

@media (max-width: 560px) {
  .three {
    grid-template-columns: 1fr;
  }
}
</style>
