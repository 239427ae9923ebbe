<script setup lang="ts">
import { say } from '../texts'
import DialogBox from './DialogBox.vue'
import { LETTERS, LIMITS, USUAL } from '../api/limits'
import { NButton, NInput, NSelect } from 'naive-ui'
import { ref, watch } from 'vue'
import { api, type ApiProblem, type Setting } from '../api/client'
import { useCatalogue } from '../stores/catalogue'
import { usePreferences } from '../stores/preferences'
import DocumentMenu from './DocumentMenu.vue'
import RemovedMenu from './RemovedMenu.vue'
import NamedSlider from './NamedSlider.vue'
import NumberField from './NumberField.vue'
import OwnRates from './OwnRates.vue'
import SettingLight from './SettingLight.vue'

const shown = defineModel<boolean>('show', { required: true })

const SHAPES = [
  { label: say('settingEditor.round'), value: 'round' },
  { label: say('settingEditor.v'), value: 'vee' },
  { label: say('settingEditor.square'), value: 'square' },
  { label: say('settingEditor.boat'), value: 'boat' },
]

const catalogue = useCatalogue()
const preferences = usePreferences()
const setting = ref<Setting | null>(null)
const problem = ref('')
const saving = ref(false)

const DRYING = [
  { label: say('settingEditor.inTheAir'), value: 'air' },
  { label: say('settingEditor.withAFan'), value: 'fan' },
  { label: say('settingEditor.creamsPowdered'), value: 'powder' },
]
const HANDS = [
  { label: say('settingEditor.rightHanded'), value: 'right' },
  { label: say('settingEditor.leftHanded'), value: 'left' },
]
watch(shown, (now) => {
  problem.value = ''
  if (now && catalogue.setting) setting.value = JSON.parse(JSON.stringify(catalogue.setting)) as Setting
})

/** The setting as the studio has it now, or the one that stands in for it. */
async function again() {
  await catalogue.loadSettings()
  setting.value = catalogue.setting ? (JSON.parse(JSON.stringify(catalogue.setting)) as Setting) : null
}

async function duplicate() {
  const { id } = await api.addSetting({
    ...setting.value!,
    id: '',
    name: say('settingEditor.copy', { name: setting.value!.name }),
  })
  await catalogue.loadSettings()
  preferences.setting = id
  await again()
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
  <dialog-box v-model:show="shown" :title="say('settingEditor.whereItIsWorn')" :width-px="560">
    <div v-if="setting" class="form">
      <label>
        <span class="faint">{{ say('settingEditor.name') }}</span>
        <n-input
          v-model:value="setting.name"
          :maxlength="LETTERS.Setting.name"
          :input-props="{ 'aria-label': say('settingEditor.nameOfTheSetting') }"
        />
      </label>
      <div class="three">
        <number-field
          v-model="setting.slotMinutes"
          :label="say('settingEditor.slot')"
          unit="min"
          v-bind="LIMITS.Setting.slotMinutes"
        />
        <number-field
          v-model="setting.viewingDistanceM"
          :label="say('settingEditor.seenFrom')"
          :says="say('settingEditor.viewingDistance')"
          unit="m"
          v-bind="LIMITS.Setting.viewingDistanceM"
        />
        <number-field
          v-model="setting.adaptingCdM2"
          :label="say('settingEditor.brightness')"
          unit="cd/m²"
          v-bind="LIMITS.Setting.adaptingCdM2"
          :title="say('settingEditor.whatTheEyeSettlesOnA')"
        />
      </div>
      <h3>{{ say('settingEditor.whoPaints') }}</h3>
      <div class="three">
        <number-field
          v-model="setting.painters"
          :label="say('settingEditor.paintersOnTheFace')"
          v-bind="LIMITS.Setting.painters"
        />
        <label>
          <span class="faint">{{ say('settingEditor.hand') }}</span>
          <n-select
            :value="setting.rightHanded === false ? 'left' : 'right'"
            :options="HANDS"
            :aria-label="say('settingEditor.hand')"
            @update:value="(hand: string) => (setting!.rightHanded = hand === 'right')"
          />
        </label>
        <label>
          <span class="faint">{{ say('settingEditor.paintDries') }}</span>
          <n-select
            v-model:value="setting.drying"
            :options="DRYING"
            :aria-label="say('settingEditor.paintDries')"
          />
        </label>
      </div>
      <label class="line">
        <span class="faint">{{
          say('settingEditor.theSlotMustHoldOfSessions', {
            confidence: Math.round(100 * (setting.confidence ?? USUAL.Setting.confidence)),
          })
        }}</span>
        <named-slider
          v-model:value="setting.confidence"
          v-bind="LIMITS.Setting.confidence"
          :step="0.01"
          :label="say('settingEditor.shareOfSessionsThatTheSlot')"
          style="width: 150px"
        />
      </label>
      <own-rates v-model="setting.rates" />
      <h3>{{ say('settingEditor.costumeNeckline') }}</h3>
      <div class="three">
        <label>
          <span class="faint">{{ say('settingEditor.edge') }}</span>
          <n-select
            v-model:value="setting.neckline"
            :options="SHAPES"
            :aria-label="say('settingEditor.edgeOfTheNeckline')"
          />
        </label>
        <number-field
          v-model="setting.necklineMm"
          :label="say('settingEditor.belowTheNotch')"
          :says="say('settingEditor.necklineBelowTheNotch')"
          unit="mm"
          v-bind="LIMITS.Setting.necklineMm"
        />
        <number-field
          v-model="setting.necklineWidthMm"
          :label="say('settingEditor.width')"
          :says="say('settingEditor.widthOfTheNeckline')"
          unit="mm"
          v-bind="LIMITS.Setting.necklineWidthMm"
        />
      </div>
      <setting-light v-model="setting" />
      <p v-if="problem" class="stop" role="alert">{{ problem }}</p>
      <div class="foot">
        <document-menu
          :id="setting.id"
          kind="settings"
          :revision="catalogue.settingRevisions[setting.id] ?? 0"
          :name="setting.name"
          :last="catalogue.settings.length === 1"
          :duplicate="duplicate"
          :reload="again"
          @removed="again"
        />
        <removed-menu kind="settings" :after="catalogue.settings" @back="catalogue.loadSettings()" />
        <n-button type="primary" :loading="saving" @click="save">{{
          say('settingEditor.saveTheSetting')
        }}</n-button>
      </div>
    </div>
  </dialog-box>
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

@media (width <= 560px) {
  .three {
    grid-template-columns: 1fr;
  }
}
</style>
