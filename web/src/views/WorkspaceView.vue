<script setup lang="ts">
import { say } from '../texts'
import { useEventListener } from '@vueuse/core'
import { NButton, useMessage } from 'naive-ui'
import { computed, ref, watch } from 'vue'
import { onBeforeRouteLeave, useRouter } from 'vue-router'
import BuildStrip from '../components/BuildStrip.vue'
import BustPanel from '../components/BustPanel.vue'
import ChartPanel from '../components/ChartPanel.vue'
import ComparePanel from '../components/ComparePanel.vue'
import LookInspector from '../components/LookInspector.vue'
import PartInspector from '../components/PartInspector.vue'
import PartLibrary from '../components/PartLibrary.vue'
import PointMenu, { type Pointed } from '../components/PointMenu.vue'
import SettingEditor from '../components/SettingEditor.vue'
import StageBar from '../components/StageBar.vue'
import WorkspaceHead from '../components/WorkspaceHead.vue'
import { LENSES, lensOf } from '../lenses/registry'
import { isTyping } from '../lib/keys'
import { shortcutOf, VIEWS, type ShortcutId } from '../lib/shortcuts'
import { useMapping } from '../stores/mapping'
import { useView } from '../stores/view'
import { useLook } from '../stores/look'
import { usePlan } from '../stores/plan'
import { useSelection } from '../stores/selection'
import { useLens } from '../stores/lens'

const props = defineProps<{ id: string }>()

const router = useRouter()
const message = useMessage()
const lookDoc = useLook()
const planning = usePlan()
const selection = useSelection()
const mapping = useMapping()
const view = useView()
const pointed = ref<string | null>(null)
const menu = ref<Pointed | null>(null)
const choosing = ref(false)
const missing = ref('')
const bust = ref<InstanceType<typeof BustPanel> | null>(null)
const placing = ref(false)

async function open() {
  missing.value = ''
  try {
    await lookDoc.open(props.id)
  } catch (error) {
    missing.value = (error as Error).message
  }
}

watch(() => props.id, open, { immediate: true })
onBeforeRouteLeave(() => lookDoc.close())

async function copyMine() {
  try {
    await router.push(`/looks/${await lookDoc.saveAsCopy()}`)
  } catch (error) {
    message.error((error as Error).message)
  }
}

function step(by: number) {
  const count = planning.plan?.steps.length ?? 0
  if (count === 0) return
  const next = (planning.shownSteps ?? count) + by
  planning.shownSteps = next >= count || next < 0 ? null : next
}

const lens = useLens()
const inspector = computed(() => lensOf(lens.id).inspector)

/** What each key does; false when it has nothing to do here. */
const ACTIONS: Record<ShortcutId, (event: KeyboardEvent) => boolean | void> = {
  save: () => void lookDoc.save(),
  undo: () => lookDoc.undo(),
  redo: () => lookDoc.redo(),
  letGo: () => {
    if (mapping.taping) mapping.putTapeAway()
    else if (menu.value) menu.value = null
    else selection.selected = null
  },
  remove: () => {
    if (!selection.selected) return false
    lookDoc.remove(selection.selected)
  },
  add: () => {
    choosing.value = true
  },
  tape: () => {
    if (lens.id !== 'map') return false
    if (mapping.taping) mapping.putTapeAway()
    else mapping.taping = true
  },
  turn: (event) => bust.value?.turn(event.key === ']' ? 10 : -10),
  view: (event) => view.show(VIEWS.find((v) => v.key === event.key)!.view),
  finished: () => {
    planning.shownSteps = null
  },
  arrows,
  // The help listens for itself on every page.
  help: () => false,
}

function onKey(event: KeyboardEvent) {
  // A dialog has the keys to itself.
  if (choosing.value || placing.value) return
  const shortcut = shortcutOf(event)
  if (shortcut && (shortcut.typing || !isTyping(event))) {
    if (ACTIONS[shortcut.id](event) !== false) event.preventDefault()
    return
  }
  if (isTyping(event) || event.ctrlKey || event.metaKey || event.altKey) return
  const asked = LENSES.find((l) => l.key === event.key.toLowerCase())
  if (asked) lens.id = lens.id === asked.id ? 'look' : asked.id
}

function arrows(event: KeyboardEvent): boolean {
  if (nudged(event)) return true
  if (event.key !== 'ArrowLeft' && event.key !== 'ArrowRight') return false
  const target = event.target as HTMLElement
  if (target.closest('[role="slider"], [role="radiogroup"]')) return false
  const by = event.key === 'ArrowRight' ? 1 : -1
  if (target.tagName === 'CANVAS') bust.value?.turn(by * 10)
  else step(by)
  return true
}

/** With the pointer's focus on the bust, arrows move the selected part by a millimetre, with Shift by five. */
function nudged(event: KeyboardEvent): boolean {
  if (!selection.selected || (event.target as HTMLElement).tagName !== 'CANVAS') return false
  const by = event.shiftKey ? 5 : 1
  const way = { ArrowLeft: [-by, 0], ArrowRight: [by, 0], ArrowUp: [0, by], ArrowDown: [0, -by] }[event.key]
  if (way) planning.nudge(selection.selected, way[0]!, way[1]!)
  return way !== undefined
}

// A check points at a place: the bust turns to it.
watch(
  () => mapping.spot,
  (at) => {
    if (at) bust.value?.face(at)
  },
)
watch(menu, () => (mapping.spot = null))

function warnBeforeClosing(event: BeforeUnloadEvent) {
  if (lookDoc.saveState !== 'saved' && lookDoc.saveMessage) event.preventDefault()
}

useEventListener('keydown', onKey)
useEventListener('beforeunload', warnBeforeClosing)
</script>

<template>
  <div v-if="missing" class="missing">
    <h2>{{ missing }}</h2>
    <n-button type="primary" @click="router.push('/looks')">{{ say('workspaceView.allLooks') }}</n-button>
  </div>
  <div v-else class="workspace">
    <workspace-head @add="choosing = true" @place="placing = true" />

    <div v-if="lookDoc.saveState === 'conflict'" class="notice" role="alert">
      <span>{{ lookDoc.saveMessage }}</span>
      <n-button size="small" @click="lookDoc.takeTheirs()">{{ say('workspaceView.loadTheNewest') }}</n-button>
      <n-button size="small" type="primary" @click="copyMine">{{
        say('workspaceView.saveMineAsACopy')
      }}</n-button>
    </div>
    <div
      v-else-if="lookDoc.saveState === 'offline' || lookDoc.saveState === 'refused'"
      class="notice"
      role="alert"
    >
      <span>{{ lookDoc.saveMessage }}</span>
      <n-button size="small" @click="lookDoc.save()">{{ say('workspaceView.tryNow') }}</n-button>
    </div>

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
      <compare-panel v-if="mapping.compared" class="flat" />
      <chart-panel v-else v-model:pointed="pointed" class="flat" @point="(at) => (menu = at)" />
      <aside class="side" :aria-label="say('workspaceView.inspector')">
        <component :is="inspector" v-if="inspector" />
        <part-inspector v-else-if="lookDoc.part" :part="lookDoc.part" />
        <look-inspector v-else />
      </aside>
    </div>
    <build-strip />

    <point-menu v-if="menu" :at="menu" @close="menu = null" />
    <part-library v-model:show="choosing" />
    <setting-editor v-model:show="placing" />
  </div>
</template>

<style scoped>
.workspace {
  height: 100%;
  min-height: 560px;
  display: flex;
  flex-direction: column;
}

.notice {
  display: flex;
  align-items: center;
  gap: 10px;
  padding: 7px 14px;
  background: color-mix(in srgb, var(--warning) 16%, var(--panel));
  border-bottom: 1px solid var(--line);
}

.notice span {
  flex: 1;
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
  color: #fff;
  background: rgba(30, 27, 36, 0.86);
}

.problem {
  background: #8a1f17;
}

.shown button {
  border: 0;
  background: none;
  color: #d9c8ff;
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

@media (max-width: 1100px) {
  .stage {
    grid-template-columns: minmax(0, 1fr) minmax(0, 0.8fr) 290px;
  }

  .stage.shows-bust,
  .stage.shows-chart {
    grid-template-columns: minmax(0, 1fr) 290px;
  }
}

@media (max-width: 860px) {
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
