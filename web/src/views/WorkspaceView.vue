<script setup lang="ts">
import { say } from '../texts'
import { NButton } from 'naive-ui'
import { computed, ref, watch } from 'vue'
import { useRouter } from 'vue-router'
import BuildStrip from '../components/BuildStrip.vue'
import BustPanel from '../components/BustPanel.vue'
import ChartPanel from '../components/ChartPanel.vue'
import ComparePanel from '../components/ComparePanel.vue'
import LookInspector from '../components/LookInspector.vue'
import PartInspector from '../components/PartInspector.vue'
import PartLibrary from '../components/PartLibrary.vue'
import PointMenu, { type Pointed } from '../components/PointMenu.vue'
import ReferencePanel from '../components/ReferencePanel.vue'
import SaveNotice from '../components/SaveNotice.vue'
import SettingEditor from '../components/SettingEditor.vue'
import StageBar from '../components/StageBar.vue'
import WorkspaceHead from '../components/WorkspaceHead.vue'
import { lensOf } from '../lenses/registry'
import { useLeaveGuard } from '../lib/leaveGuard'
import { useWorkspaceKeys } from '../lib/useWorkspaceKeys'
import { useMapping } from '../stores/mapping'
import { useView } from '../stores/view'
import { useLook } from '../stores/look'
import { usePlan } from '../stores/plan'
import { useLens } from '../stores/lens'
import { useSession } from '../stores/session'

const props = defineProps<{ id: string }>()

const router = useRouter()
const lookDoc = useLook()
const planning = usePlan()
const mapping = useMapping()
const view = useView()
const session = useSession()
const pointed = ref<string | null>(null)
const menu = ref<Pointed | null>(null)
const choosing = ref(false)
const missing = ref('')
const bust = ref<InstanceType<typeof BustPanel> | null>(null)

async function open() {
  missing.value = ''
  try {
    await lookDoc.open(props.id)
  } catch (error) {
    missing.value = (error as Error).message
  }
}

watch(() => props.id, open, { immediate: true })
useLeaveGuard(lookDoc)

const lens = useLens()
const inspector = computed(() => lensOf(lens.id).inspector)

useWorkspaceKeys({
  // A dialog has the keys to itself.
  busy: () => choosing.value || view.placing,
  add: () => {
    if (session.canChange) choosing.value = true
  },
  turn: (by) => bust.value?.turn(by),
  letGo: () => {
    if (!menu.value) return false
    menu.value = null
    return true
  },
})

// A check points at a place: the bust turns to it.
watch(
  () => mapping.spot,
  (at) => {
    if (at) bust.value?.face(at)
  },
)
watch(menu, () => (mapping.spot = null))
</script>

<template>
  <div v-if="missing" class="missing">
    <h2>{{ missing }}</h2>
    <n-button type="primary" @click="router.push('/looks')">{{ say('workspaceView.allLooks') }}</n-button>
  </div>
  <div v-else class="workspace">
    <workspace-head @add="choosing = true" @place="view.placing = true" />

    <save-notice :doc="lookDoc" @copied="(id) => router.push(`/looks/${id}`)" />

    <stage-bar />
    <div class="stage" :class="`shows-${view.layout}`">
      <bust-panel ref="bust" v-model:pointed="pointed" :quiet="menu !== null" @point="(at) => (menu = at)">
        <p v-if="planning.problem" class="problem" role="alert">{{ planning.problem }}</p>
        <p v-else-if="planning.shownSteps !== null" class="shown">
          {{
            say('workspaceView.afterStepOf', {
              shownSteps: planning.shownSteps,
              steps: planning.plan?.steps.length,
            })
          }}
          <button @click="planning.shownSteps = null">{{ say('workspaceView.showFinished') }}</button>
        </p>
      </bust-panel>
      <reference-panel v-if="view.layout === 'pictures'" class="flat" />
      <compare-panel v-else-if="mapping.compared" class="flat" />
      <chart-panel v-else v-model:pointed="pointed" class="flat" @point="(at) => (menu = at)" />
      <aside class="side" :aria-label="say('workspaceView.inspector')">
        <component :is="inspector" v-if="inspector" />
        <part-inspector v-else-if="lookDoc.part" :part="lookDoc.part" :inert="!session.canChange" />
        <look-inspector v-else :inert="!session.canChange" />
      </aside>
    </div>
    <build-strip />

    <point-menu v-if="menu && session.canChange" :at="menu" @close="menu = null" />
    <part-library v-model:show="choosing" />
    <setting-editor v-model:show="view.placing" />
  </div>
</template>

<style scoped>
.workspace {
  height: 100%;
  min-height: 560px;
  display: flex;
  flex-direction: column;
}

.stage {
  flex: 1;
  min-height: 0;
  display: grid;
  grid-template-columns: minmax(0, 1.25fr) minmax(0, 1fr) 318px;
}

.stage.shows-bust,
.stage.shows-chart {
  grid-template-columns: minmax(0, 1fr) 318px;
}

.shows-bust > .flat,
.shows-chart > .bust {
  display: none;
}

.side {
  overflow-y: auto;
  padding: 14px;
  background: var(--panel);
  border-left: 1px solid var(--line);
}

.problem,
.shown {
  position: absolute;
  left: 10px;
  right: 10px;
  bottom: 10px;
  width: fit-content;
  padding: 5px 12px;
  border-radius: 8px;
  color: var(--on-picture);
  background: var(--chip);
}

.problem {
  background: var(--refused);
}

.shown button {
  border: 0;
  background: none;
  color: var(--chip-link);
  text-decoration: underline;
  min-height: 28px;
  cursor: pointer;
}

.missing {
  padding: 48px;
  display: grid;
  gap: 14px;
  justify-items: start;
}

@media (width <= 1100px) {
  .stage {
    grid-template-columns: minmax(0, 1fr) minmax(0, 0.8fr) 290px;
  }

  .stage.shows-bust,
  .stage.shows-chart {
    grid-template-columns: minmax(0, 1fr) 290px;
  }
}

@media (width <= 860px) {
  .stage,
  .stage.shows-bust,
  .stage.shows-chart {
    grid-template-columns: minmax(0, 1fr);
    grid-template-rows: minmax(300px, 1fr) auto;
    overflow-y: auto;
  }

  .flat {
    display: none;
  }

  .shows-chart > .bust {
    display: block;
  }

  .side {
    border-left: 0;
    border-top: 1px solid var(--line);
    max-height: 46vh;
  }
}
</style>
