<script setup lang="ts">
import { say } from '../texts'
import DialogBox from './DialogBox.vue'
import { LETTERS, LIMITS, USUAL } from '../api/limits'
import { NButton, NCheckbox, NInput, NSelect } from 'naive-ui'
import { reactive, ref, watch } from 'vue'
import { api, type Setting } from '../api/client'
import { settingCalls } from '../api/documentCalls'
import { useDocument } from '../lib/document'
import { useDocumentForm } from '../lib/documentForm'
import { useUnloadGuard } from '../lib/leaveGuard'
import { useCatalogue } from '../stores/catalogue'
import { usePreferences } from '../stores/preferences'
import DocumentMenu from './DocumentMenu.vue'
import RemovedMenu from './RemovedMenu.vue'
import NamedSlider from './NamedSlider.vue'
import NumberField from './NumberField.vue'
import OwnRates from './OwnRates.vue'
import SaveNotice from './SaveNotice.vue'
import SaveState from './SaveState.vue'
import SettingConditions from './SettingConditions.vue'
import SettingLight from './SettingLight.vue'
import UndoButtons from './UndoButtons.vue'

const shown = defineModel<boolean>('show', { required: true })

const SHAPES = [
  { label: say('settingEditor.round'), value: 'round' },
  { label: say('settingEditor.v'), value: 'vee' },
  { label: say('settingEditor.square'), value: 'square' },
  { label: say('settingEditor.boat'), value: 'boat' },
]

const catalogue = useCatalogue()
const preferences = usePreferences()
const problem = ref('')

const NOWHERE: Setting = { id: '', name: '', slotMinutes: 45, viewingDistanceM: 2, light: '', necklineMm: 0 }
const inHand = useDocument<Setting>('settings', NOWHERE, settingCalls, {
  saved: () => void catalogue.loadSettings().catch(() => undefined),
})
const doc = reactive(inHand)
const setting = useDocumentForm(inHand)
useUnloadGuard(doc)

const DRYING = [
  { label: say('settingEditor.inTheAir'), value: 'air' },
  { label: say('settingEditor.withAFan'), value: 'fan' },
  { label: say('settingEditor.creamsPowdered'), value: 'powder' },
]
const HANDS = [
  { label: say('settingEditor.rightHanded'), value: 'right' },
  { label: say('settingEditor.leftHanded'), value: 'left' },
]

async function open(id: string) {
  problem.value = ''
  await doc.close()
  try {
    if (id) await doc.open(id)
  } catch (error) {
    problem.value = (error as Error).message
  }
}

watch(shown, async (now) => {
  if (now) await open(preferences.setting)
  else await doc.close()
})

/** The setting as the studio has it now, or the one that stands in for it. */
async function again() {
  await catalogue.loadSettings()
  await open(preferences.setting)
}

async function goOnWith(id: string) {
  await catalogue.loadSettings()
  preferences.setting = id
  await open(id)
}

async function duplicate() {
  const name = say('settingEditor.copy', { name: setting.value.name })
  await goOnWith((await api.addSetting({ ...setting.value, id: '', name })).id)
}
</script>

<template>
  <dialog-box v-model:show="shown" :title="say('settingEditor.whereItIsWorn')" :width-px="560">
    <p v-if="problem" class="stop" role="alert">{{ problem }}</p>
    <div v-if="doc.id" class="form">
      <save-notice :doc="doc" @copied="goOnWith" />
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
          v-if="!setting.onOneself"
          v-model="setting.painters"
          :label="say('settingEditor.paintersOnTheFace')"
          v-bind="LIMITS.Setting.painters"
        />
        <p v-else class="faint">{{ say('settingEditor.slowerOneLidAtATime') }}</p>
        <label>
          <span class="faint">{{ say('settingEditor.hand') }}</span>
          <n-select
            :value="setting.rightHanded === false ? 'left' : 'right'"
            :options="HANDS"
            :aria-label="say('settingEditor.hand')"
            @update:value="(hand: string) => (setting.rightHanded = hand === 'right')"
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
      <n-checkbox
        :checked="setting.onOneself ?? false"
        @update:checked="(on: boolean) => (setting.onOneself = on)"
        >{{ say('settingEditor.iPaintMyself') }}</n-checkbox
      >
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
      <label v-if="setting.timesOf">
        <n-checkbox :checked="true" @update:checked="setting.timesOf = null">{{
          say('settingEditor.timesOf', { painter: setting.timesOf })
        }}</n-checkbox>
      </label>
      <label v-if="setting.timesOf">
        <n-checkbox :checked="true" @update:checked="setting.timesOf = null">{{
          say('settingEditor.timesOf', { painter: setting.timesOf })
        }}</n-checkbox>
      </label>
      <own-rates v-else v-model="setting.rates" />
      <setting-conditions v-model="setting" />
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
      <div class="foot">
        <save-state :state="doc.saveState" :message="doc.saveMessage" />
        <undo-buttons :doc="doc" />
        <span class="gap" />
        <document-menu
          :id="setting.id"
          kind="settings"
          :revision="doc.revision"
          :name="setting.name"
          :last="catalogue.settings.length === 1"
          :duplicate="duplicate"
          :reload="again"
          @removed="again"
        />
        <removed-menu kind="settings" :after="catalogue.settings" @back="catalogue.loadSettings()" />
        <n-button type="primary" @click="shown = false">{{ say('settingEditor.done') }}</n-button>
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
  align-items: center;
  gap: 7px;
}

.gap {
  flex: 1;
}

@media (width <= 560px) {
  .three {
    grid-template-columns: 1fr;
  }
}
</style>
