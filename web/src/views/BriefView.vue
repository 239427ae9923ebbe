<script setup lang="ts">
import { NButton, NInput, NSelect, NSwitch, useMessage } from 'naive-ui'
import { computed, onMounted, ref } from 'vue'
import { useRouter } from 'vue-router'
import { api, type IdeaHead, type Look } from '../api/client'
import { LIMITS } from '../api/limits'
import FieldRow from '../components/FieldRow.vue'
import IdeaList from '../components/IdeaList.vue'
import NumberBox from '../components/NumberBox.vue'
import ProposalCard from '../components/ProposalCard.vue'
import { useBrief } from '../stores/brief'
import { useCatalogue } from '../stores/catalogue'
import { usePreferences } from '../stores/preferences'
import { say } from '../texts'

/** A new look begins with a word: whole faces to choose from, on the right. */
const router = useRouter()
const message = useMessage()
const catalogue = useCatalogue()
const preferences = usePreferences()
const asks = useBrief()
const brief = asks.brief
const ideas = ref<IdeaHead[]>([])

const TEMPERS = [
  { id: 'angry', label: say('briefView.angry') },
  { id: 'sad', label: say('briefView.sad') },
  { id: 'sly', label: say('briefView.sly') },
  { id: 'gentle', label: say('briefView.gentle') },
  { id: 'noble', label: say('briefView.noble') },
  { id: 'frightened', label: say('briefView.frightened') },
] as const

const ALLOWED = ''
const EXTENTS = [
  { value: ALLOWED, label: say('briefView.asMuchAsTheMinutesAllow') },
  { value: 'eyes', label: say('briefView.eyes') },
  { value: 'halfFace', label: say('briefView.halfFace') },
  { value: 'face', label: say('briefView.face') },
  { value: 'faceAndNeck', label: say('briefView.faceAndNeck') },
  { value: 'toChest', label: say('briefView.toChest') },
]

const EITHER = ''
const SIDES = [
  { value: EITHER, label: say('briefView.either') },
  { value: 'left', label: say('briefView.left') },
  { value: 'right', label: say('briefView.right') },
]

// Chosen, or named in the words.
const isMeant = (temper: string) =>
  brief.temper
    ? brief.temper === temper
    : brief
        .words!.toLowerCase()
        .split(/[\s,]+/)
        .includes(temper)

const paints = computed(() => (catalogue.kit?.paints ?? []).map((p) => ({ value: p.id, label: p.name })))
const forLips = computed(() =>
  (catalogue.kit?.paints ?? []).filter((p) => p.onLips).map((p) => ({ value: p.id, label: p.name })),
)
const kept = computed(() =>
  (brief.keep ?? []).map((p) => p.name ?? catalogue.kindOf(p.kind)?.label ?? p.kind).join(', '),
)
const isChosen = (idea: IdeaHead) => brief.words!.toLowerCase().includes(idea.name.toLowerCase())

const listing = ref(false)

async function loadIdeas() {
  try {
    ideas.value = await api.ideas()
  } catch (error) {
    message.error((error as Error).message)
  }
}

onMounted(async () => {
  if (asks.shown.length === 0) void asks.propose()
  await loadIdeas()
})

/** The idea instead of any other that the words name; the rest of the words stays. */
function choose(idea: IdeaHead) {
  const known = ideas.value.map((i) => i.name.toLowerCase())
  const rest = known.reduce((words, name) => words.replace(name, ''), brief.words!.toLowerCase())
  brief.words = [isChosen(idea) ? '' : idea.name.toLowerCase(), rest.trim()].filter(Boolean).join(', ')
  brief.keep = []
}

async function keepLook(look: Look) {
  try {
    const saved = await api.addLook(look)
    await router.push(`/looks/${saved.id}`)
  } catch (error) {
    message.error((error as Error).message, { duration: 9000, closable: true })
  }
}

const empty = () => keepLook({ name: say('looksView.newLook'), notes: '', mapping: 'pencil', parts: [] })

function bolder(by: number) {
  brief.boldness = Math.max(-2, Math.min(2, (brief.boldness ?? 0) + by))
}
</script>

<template>
  <div class="brief">
    <section class="wish" :aria-label="say('briefView.whatItShallBe')">
      <h1>{{ say('briefView.aNewLook') }}</h1>
      <n-input
        v-model:value="brief.words"
        size="large"
        :placeholder="say('briefView.aWordOrTwo')"
        :input-props="{ 'aria-label': say('briefView.theIdeaInYourWords'), maxlength: 200 }"
      />
      <div class="chips">
        <button
          v-for="idea in ideas"
          :key="idea.id ?? idea.name"
          :aria-pressed="isChosen(idea)"
          :title="idea.words.join(', ')"
          @click="choose(idea)"
        >
          {{ idea.name.toLowerCase() }}
        </button>
        <button class="more" @click="listing = true">{{ say('ideas.more') }}</button>
      </div>
      <h2>{{ say('briefView.temper') }}</h2>
      <div class="chips">
        <button
          v-for="t in TEMPERS"
          :key="t.id"
          :aria-pressed="isMeant(t.id)"
          @click="brief.temper = brief.temper === t.id ? null : t.id"
        >
          {{ t.label }}
        </button>
      </div>
      <div class="rows">
        <field-row :label="say('briefView.wearer')">
          <n-select
            v-model:value="preferences.face"
            :options="catalogue.faces.map((f) => ({ label: f.face.name, value: f.id }))"
            :aria-label="say('briefView.wearer')"
          />
        </field-row>
        <field-row :label="say('briefView.howFar')">
          <n-select
            :value="brief.extent ?? ALLOWED"
            :options="EXTENTS"
            :aria-label="say('briefView.howFar')"
            @update:value="(v: string) => (brief.extent = (v || null) as typeof brief.extent)"
          />
        </field-row>
        <field-row :label="say('briefView.minutes')">
          <number-box
            v-model:value="brief.minutes"
            clearable
            v-bind="LIMITS.Brief.minutes"
            :placeholder="say('briefView.slotOf', { minutes: catalogue.setting?.slotMinutes })"
            :says="say('briefView.minutes')"
          />
        </field-row>
        <field-row :label="say('briefView.kit')">
          <n-select
            v-model:value="preferences.kit"
            :options="catalogue.kits.map((k) => ({ label: k.name, value: k.id }))"
            :aria-label="say('briefView.kit')"
          />
        </field-row>
        <field-row :label="say('briefView.seen')">
          <n-select
            v-model:value="preferences.setting"
            :options="catalogue.settings.map((s) => ({ label: s.name, value: s.id }))"
            :aria-label="say('briefView.seen')"
          />
        </field-row>
        <field-row :label="say('briefView.not')">
          <n-select
            v-model:value="brief.without"
            multiple
            clearable
            max-tag-count="responsive"
            :options="paints"
            :placeholder="say('briefView.anyPaint')"
            :aria-label="say('briefView.paintsNotToUse')"
          />
        </field-row>
        <field-row :label="say('briefView.lips')">
          <n-select
            v-model:value="brief.lips"
            clearable
            :options="forLips"
            :placeholder="say('briefView.whatFits')"
            :aria-label="say('briefView.lips')"
          />
        </field-row>
        <field-row :label="say('briefView.old')" tag="label">
          <n-switch v-model:value="brief.old" :aria-label="say('briefView.old')" />
        </field-row>
        <field-row :label="say('briefView.side')">
          <n-select
            :value="brief.side ?? EITHER"
            :options="SIDES"
            :aria-label="say('briefView.side')"
            @update:value="(v: string) => (brief.side = (v || null) as typeof brief.side)"
          />
        </field-row>
        <field-row :label="say('briefView.ornament')" tag="label">
          <n-switch v-model:value="brief.ornament" :aria-label="say('briefView.ornament')" />
        </field-row>
      </div>
      <p class="faint">{{ say('briefView.oneWordIsEnough') }}</p>
      <n-button quaternary @click="empty">{{ say('briefView.bareHead') }}</n-button>
    </section>
    <section class="faces" :aria-label="say('briefView.waysToDoIt')">
      <header>
        <h2>{{ say('briefView.waysToDoIt') }}</h2>
        <span v-if="asks.busy" class="faint" role="status">{{ say('briefView.drawing') }}</span>
        <span class="gap" />
        <n-button :disabled="brief.boldness === -2" @click="bolder(-1)">{{
          say('briefView.simpler')
        }}</n-button>
        <n-button :disabled="brief.boldness === 2" @click="bolder(1)">{{ say('briefView.bolder') }}</n-button>
        <n-button @click="asks.others">{{ say('briefView.others') }}</n-button>
      </header>
      <p v-if="kept" class="kept">
        {{ say('briefView.keeps', { kept }) }}
        <n-button size="small" @click="asks.keep([])">{{ say('briefView.keepNothing') }}</n-button>
      </p>
      <p v-if="asks.problem" class="stop" role="alert">{{ asks.problem }}</p>
      <p v-else-if="!asks.busy && asks.shown.length === 0" class="faint">
        {{ say('briefView.nothingCanBe') }}
      </p>
      <ul :class="{ stale: asks.busy }">
        <proposal-card
          v-for="s in asks.shown"
          :key="s.proposal.look.name + s.proposal.title + s.proposal.likelySeconds"
          :proposal="s.proposal"
          :picture="s.picture"
          @take="keepLook(s.proposal.look)"
          @like="asks.moreLike(s.proposal)"
          @keep="(part) => asks.keep([part])"
        />
      </ul>
    </section>
    <idea-list v-model:show="listing" :ideas="ideas" @changed="loadIdeas" />
  </div>
</template>

<style scoped>
.brief {
  display: grid;
  grid-template-columns: 340px 1fr;
  min-height: 100%;
}

.wish {
  padding: 22px 24px 30px;
  background: var(--panel);
  border-right: 1px solid var(--line);
}

.wish h1 {
  margin-bottom: 12px;
}

.wish h2 {
  margin: 16px 0 4px;
  font-size: 16px;
}

.rows {
  display: grid;
  gap: 6px;
  margin-top: 18px;
}

.rows :deep(.n-select),
.rows :deep(.n-input-number) {
  width: 190px;
}

.faces {
  padding: 22px 24px 30px;
}

.faces header {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 10px;
  margin-bottom: 14px;
}

.gap {
  flex: 1;
}

.faces ul {
  list-style: none;
  margin: 0;
  padding: 0;
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(230px, 1fr));
  gap: 16px;
}

.stale :deep(img) {
  opacity: 0.65;
}

.kept {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 10px;
}

@media (width <= 760px) {
  .brief {
    grid-template-columns: 1fr;
  }

  .wish {
    border-right: 0;
    border-bottom: 1px solid var(--line);
  }
}
</style>
