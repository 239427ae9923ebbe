<script setup lang="ts">
import { say } from '../texts'
import { LETTERS } from '../api/limits'
import { NButton, NInput, NSelect } from 'naive-ui'
import { computed } from 'vue'
import { titled } from '../lib/shortcuts'
import { useCatalogue } from '../stores/catalogue'
import { usePreferences } from '../stores/preferences'
import { useLook } from '../stores/look'
import { useSession } from '../stores/session'
import DownloadMenu from './DownloadMenu.vue'
import SaveState from './SaveState.vue'
import UndoButtons from './UndoButtons.vue'

/** The look's name, on whom and for what it is, whether it is saved, and what is done with it. */
const emit = defineEmits<{ add: []; place: [] }>()

const lookDoc = useLook()
const catalogue = useCatalogue()
const preferences = usePreferences()
const session = useSession()

const faceOptions = computed(() => catalogue.faces.map((f) => ({ label: f.face.name, value: f.id })))
</script>

<template>
  <header class="top">
    <n-input
      class="name"
      :readonly="!session.canChange"
      :value="lookDoc.look.name"
      :maxlength="LETTERS.Look.name"
      :input-props="{ 'aria-label': say('workspaceHead.nameOfTheLook') }"
      @update:value="(v: string) => lookDoc.describe({ name: v }, 'name')"
    />
    <label class="pick">
      <span class="faint">{{ say('workspaceHead.on') }}</span>
      <n-select
        v-model:value="preferences.face"
        size="small"
        :options="faceOptions"
        :aria-label="say('workspaceHead.face')"
      />
    </label>
    <label class="pick">
      <span class="faint">{{ say('workspaceHead.for') }}</span>
      <n-select
        v-model:value="preferences.setting"
        size="small"
        :options="catalogue.settings.map((s) => ({ label: s.name, value: s.id }))"
        :aria-label="say('workspaceHead.setting')"
      />
      <n-button
        v-if="session.canChange"
        size="small"
        :title="say('workspaceHead.slotLightAndCostume')"
        :aria-label="say('workspaceHead.changeTheSetting')"
        @click="emit('place')"
        >…</n-button
      >
    </label>
    <save-state class="state" :state="lookDoc.saveState" :message="lookDoc.saveMessage" />
    <span class="gap" />
    <undo-buttons v-if="session.canChange" :doc="lookDoc" />
    <n-button
      v-if="session.canChange"
      class="near"
      size="small"
      :title="titled('add', say('workspaceHead.addAPart'))"
      :aria-label="say('workspaceHead.addAPart')"
      @click="emit('add')"
      ><span class="long">{{ say('workspaceHead.addAPart') }}</span
      ><span class="short">{{ say('workspaceHead.part') }}</span></n-button
    >
    <download-menu />
  </header>
</template>

<style scoped>
.top {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 8px 12px;
  padding: 9px 14px;
  background: var(--panel);
  border-bottom: 1px solid var(--line);
}

.top label {
  display: flex;
  align-items: center;
  gap: 7px;
}

.pick > :nth-child(2) {
  width: 160px;
}

.short {
  display: none;
}

.name {
  width: 230px;
  font-family: 'Fraunces Variable', serif;
  font-weight: 600;
  font-size: 16px;
}

.gap {
  flex: 1;
}

@media (width <= 1100px) {
  .name {
    width: 190px;
  }

  .pick > .faint {
    display: none;
  }

  .pick > :nth-child(2) {
    width: 138px;
  }
}

@media (width <= 860px) {
  /* Two rows: the look with what is done with it, and whom it is for. */
  .top {
    padding: 7px 8px;
    gap: 6px;
  }

  .name {
    flex: 1;
    min-width: 0;
    width: auto;
    order: 1;
  }

  .state {
    order: 2;
  }

  .near {
    order: 3;
  }

  .gap {
    order: 4;
    flex: 0 0 100%;
  }

  .pick {
    order: 5;
    flex: 1;
    min-width: 0;
  }

  .pick > .faint {
    display: none;
  }

  .pick > :nth-child(2) {
    width: auto;
    flex: 1;
    min-width: 0;
  }

  .top > :not(.name, .state, .near, .gap, .pick) {
    order: 6;
  }
}

@media (width <= 600px) {
  .long {
    display: none;
  }

  .short {
    display: inline;
  }
}
</style>
