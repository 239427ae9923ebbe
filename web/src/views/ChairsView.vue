<script setup lang="ts">
import { NButton, NInput, NSelect } from 'naive-ui'
import { computed, onBeforeUnmount, onMounted, ref, shallowRef, watch } from 'vue'
import { useRouter } from 'vue-router'
import { chair, book } from '../api/chairCalls'
import { api, type LookHead, type OpenSession } from '../api/client'
import { LETTERS } from '../api/limits'
import FieldRow from '../components/FieldRow.vue'
import { useAttempt } from '../lib/attempt'
import { behindSeconds, chairState, currentStep, remainingSeconds } from '../lib/chair'
import { listenAtTheChair } from '../lib/chairLive'
import { sendWaiting } from '../lib/chairSend'
import { clock, today } from '../lib/format'
import { useCatalogue } from '../stores/catalogue'
import { useChairWishes } from '../stores/chairWishes'
import { usePreferences } from '../stores/preferences'
import { useSession } from '../stores/session'
import { say } from '../texts'

/** Who sits where and how far it is, for whoever calls the crew; and the way into a new session. */

const ASK_AGAIN_MS = 5000

const router = useRouter()
const attempt = useAttempt()
const catalogue = useCatalogue()
const preferences = usePreferences()
const session = useSession()
const wishes = useChairWishes()
const open = shallowRef<readonly OpenSession[] | null>(null)
const looks = ref<readonly LookHead[]>([])
const painters = ref<readonly string[]>([])
const now = ref(Date.now())
const calls = ref(false)
const look = ref<string | null>(null)
const parts = shallowRef<{ value: string; label: string }[]>([])
const only = ref<string[]>([])
const second = ref('')
const beginning = ref(false)

const faceName = (id: string | null | undefined) =>
  catalogue.faces.find((f) => f.id === id)?.face.name ?? say('book.nobody')
const lookName = (id: string) => looks.value.find((l) => l.id === id)?.name ?? id
const setting = computed(() => catalogue.settings.find((s) => s.id === preferences.setting))

const rows = computed(() =>
  (open.value ?? []).map(({ id, painting, events }) => {
    const state = chairState(painting.steps ?? [], events)
    const lanes = [1, 2]
      .filter((p) => state.steps.some((s) => s.step.painter === p))
      .map((p) => ({
        who:
          (p === 1 ? painting.painter : painting.secondPainter) ?? say('chair.painterNumber', { number: p }),
        step: currentStep(state, p)?.step.title ?? say('chair.isDone'),
      }))
    const bell =
      state.began !== null && painting.slotMinutes ? state.began + 60_000 * painting.slotMinutes : null
    const end = now.value + 1000 * remainingSeconds(state, now.value)
    return {
      id,
      look: lookName(painting.look),
      face: faceName(painting.face),
      begun: state.began !== null,
      resting: state.pauses.at(-1)?.to === null,
      lanes,
      behind: Math.round(behindSeconds(state, now.value)),
      end,
      late: bell === null ? 0 : Math.round((end - bell) / 1000),
      bell,
    }
  }),
)

const atTime = (ms: number) =>
  new Date(ms).toLocaleTimeString([], { hour: '2-digit', minute: '2-digit', hour12: false })

async function load() {
  // A chair that was left while the service was out of reach still has something to tell.
  await sendWaiting(localStorage, () => undefined)
  open.value = await chair.open()
}

async function begin() {
  beginning.value = true
  await attempt(async () => {
    const { look: found, revision } = await api.look(look.value!)
    const { id } = await chair.begin(
      {
        look: found,
        faceId: preferences.face,
        kitId: preferences.kit,
        settingId: preferences.setting,
        draft: false,
        onScreen: null,
      },
      {
        lookId: look.value!,
        revision,
        on: today(),
        chair: true,
        painter: wishes.painter.trim() || undefined,
        second: (setting.value?.painters === 2 && second.value.trim()) || undefined,
        only: only.value.length ? only.value.join(',') : undefined,
      },
    )
    await router.push(`/chair/${id}`)
  })
  beginning.value = false
}

watch(look, async (id) => {
  only.value = []
  parts.value = []
  if (!id) return
  await attempt(async () => {
    const { look: found } = await api.look(id)
    if (look.value === id)
      parts.value = found.parts.map((p) => ({
        value: p.id,
        label: p.name || (catalogue.kinds.find((k) => k.id === p.kind)?.label ?? p.kind),
      }))
  })
})

let timers: number[] = []
let deaf: (() => void) | undefined
onMounted(() => {
  void attempt(async () => {
    ;[looks.value, painters.value] = await Promise.all([api.looks(), book.painters()])
    await load()
  })
  if (!wishes.painter) wishes.painter = session.session?.name ?? ''
  timers = [
    window.setInterval(() => (now.value = Date.now()), 1000),
    window.setInterval(() => void load().catch(() => undefined), ASK_AGAIN_MS),
  ]
  deaf = listenAtTheChair(() => void load().catch(() => undefined))
})
onBeforeUnmount(() => {
  timers.forEach((t) => window.clearInterval(t))
  deaf?.()
})
</script>

<template>
  <div class="chairs" :class="{ calls }">
    <header>
      <h1>{{ say('chairs.title') }}</h1>
      <n-button size="large" @click="calls = !calls">{{
        calls ? say('chairs.notTheCaller') : say('chairs.theCaller')
      }}</n-button>
    </header>
    <section :aria-label="say('chairs.open')">
      <p v-if="open && !rows.length" class="faint">{{ say('chairs.none') }}</p>
      <router-link v-for="r in rows" :key="r.id" :to="`/chair/${r.id}`" class="row">
        <span class="who"
          ><b>{{ r.face }}</b> {{ r.look }}</span
        >
        <span class="at">
          <template v-if="!r.begun">{{ say('chairs.notBegun') }}</template>
          <template v-else-if="r.resting">{{ say('chairs.rests') }}</template>
          <template v-else>
            <span v-for="l in r.lanes" :key="l.who" class="lane">{{ l.who }}: {{ l.step }}</span>
          </template>
        </span>
        <span v-if="r.begun" class="when" :class="{ warning: r.late > 0 }">
          {{ say('chairs.endsAt', { time: atTime(r.end) }) }}
          <span v-if="r.bell !== null">{{
            r.late > 0
              ? say('chair.late', { time: clock(r.late) })
              : say('chairs.beforeTheBell', { time: clock(-r.late) })
          }}</span>
        </span>
      </router-link>
    </section>
    <section v-if="!calls && session.canChange" class="begin" :aria-label="say('chairs.begin')">
      <h2>{{ say('chairs.begin') }}</h2>
      <field-row :label="say('book.look')">
        <n-select
          v-model:value="look"
          filterable
          :options="looks.map((l) => ({ value: l.id, label: l.name }))"
          :placeholder="say('chairs.whichLook')"
          :input-props="{ 'aria-label': say('book.look') }"
        />
      </field-row>
      <field-row :label="say('book.face')">
        <n-select
          v-model:value="preferences.face"
          :options="catalogue.faces.map((f) => ({ value: f.id, label: f.face.name }))"
          :aria-label="say('book.face')"
        />
      </field-row>
      <field-row :label="say('book.kit')">
        <n-select
          v-model:value="preferences.kit"
          :options="catalogue.kits.map((k) => ({ value: k.id, label: k.name }))"
          :aria-label="say('book.kit')"
        />
      </field-row>
      <field-row :label="say('chairs.where')">
        <n-select
          v-model:value="preferences.setting"
          :options="catalogue.settings.map((s) => ({ value: s.id, label: s.name }))"
          :aria-label="say('chairs.where')"
        />
      </field-row>
      <field-row :label="say('chairs.painter')">
        <n-input
          v-model:value="wishes.painter"
          :maxlength="LETTERS.Painting.painter"
          :placeholder="say('chairs.name')"
          :input-props="{ 'aria-label': say('chairs.painter'), list: 'painters' }"
        />
      </field-row>
      <field-row v-if="setting?.painters === 2" :label="say('chairs.second')">
        <n-input
          v-model:value="second"
          :maxlength="LETTERS.Painting.secondPainter"
          :placeholder="say('chairs.name')"
          :input-props="{ 'aria-label': say('chairs.second'), list: 'painters' }"
        />
      </field-row>
      <datalist id="painters">
        <option v-for="p in painters" :key="p" :value="p" />
      </datalist>
      <field-row v-if="parts.length" :label="say('chairs.only')">
        <n-select
          v-model:value="only"
          multiple
          clearable
          :options="parts"
          :placeholder="say('chairs.whole')"
          :aria-label="say('chairs.only')"
        />
      </field-row>
      <n-button type="primary" size="large" :disabled="!look" :loading="beginning" @click="begin">{{
        say('chairs.intoTheChair')
      }}</n-button>
    </section>
  </div>
</template>

<style scoped>
.chairs {
  min-height: 100%;
  padding: 14px 24px 40px;
  background: var(--panel);
}

header {
  display: flex;
  flex-wrap: wrap;
  justify-content: space-between;
  align-items: center;
  gap: 12px;
}

h1 {
  margin: 6px 0;
  font-size: 26px;
}

.row {
  display: grid;
  grid-template-columns: minmax(0, 1.2fr) minmax(0, 2fr) auto;
  gap: 6px 20px;
  align-items: center;
  min-height: 56px;
  padding: 6px 10px;
  border-bottom: 1px solid var(--line);
  color: var(--ink);
  font-size: 18px;
  text-decoration: none;
}

.row:hover {
  background: var(--accent-soft);
}

.lane {
  display: block;
}

.when {
  font-variant-numeric: tabular-nums;
  text-align: right;
}

.warning {
  color: var(--warning);
}

.calls .row {
  min-height: 84px;
  font-size: clamp(20px, 2.6vw, 34px);
}

.begin {
  display: grid;
  gap: 8px;
  justify-items: start;
  max-width: 520px;
  margin-top: 24px;
}

.begin :deep(.line) {
  display: grid;
  grid-template-columns: 110px minmax(0, 1fr);
  width: 100%;
}

@media (width <= 760px) {
  .row {
    grid-template-columns: minmax(0, 1fr);
  }

  .when {
    text-align: left;
  }
}
</style>
