<script setup lang="ts">
import { NButton, NInput, NInputNumber, NSelect } from 'naive-ui'
import { computed, reactive, ref, watch } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import {
  api,
  type Character,
  type CharacterPart as Rules,
  type Conformity,
  type LookHead,
} from '../api/client'
import { characterCalls } from '../api/documentCalls'
import { LETTERS, LIMITS } from '../api/limits'
import CharacterBans from '../components/CharacterBans.vue'
import CharacterDraft from '../components/CharacterDraft.vue'
import CharacterList from '../components/CharacterList.vue'
import CharacterPart from '../components/CharacterPart.vue'
import CharacterPictures from '../components/CharacterPictures.vue'
import DocumentTop from '../components/DocumentTop.vue'
import WearerCard from '../components/WearerCard.vue'
import { useAttempt } from '../lib/attempt'
import { noLonger, numbered, offOnPart } from '../lib/conformity'
import { useDocument } from '../lib/document'
import { useDocumentForm } from '../lib/documentForm'
import { download, fileName } from '../lib/download'
import { useLatest } from '../lib/latest'
import { useLeaveGuard } from '../lib/leaveGuard'
import { useCatalogue } from '../stores/catalogue'
import { usePreferences } from '../stores/preferences'
import { useSession } from '../stores/session'
import { say } from '../texts'

/** A character: its rules on the left, everybody who wears it on the right. */
const props = defineProps<{ id?: string }>()

const NONE: Character = {
  name: '',
  parts: [],
  palette: [],
  forbidden: [],
  free: null,
  notes: '',
  wearers: [],
  references: [],
}
const PAUSE_MS = 400

const route = useRoute()
const router = useRouter()
const attempt = useAttempt()
const catalogue = useCatalogue()
const preferences = usePreferences()
const session = useSession()
const characters = ref<LookHead[] | null>(null)
const looks = ref<LookHead[]>([])
const drafting = ref(false)
const printing = ref(false)
const problem = ref('')
const found = ref<Conformity | null>(null)
/** As it was when the page was opened, or last saw every wearer judged anew. */
const before = ref<Conformity | null>(null)
const judging = useLatest()

const inHand = useDocument<Character>('characters', NONE, characterCalls, {
  saved: () => void load().catch(() => undefined),
})
const doc = reactive(inHand)
const character = useDocumentForm(inHand)
useLeaveGuard(doc)

const stored = computed(() => characters.value?.find((c) => c.id === props.id) ?? characters.value?.[0])
const rules = computed(() => numbered(found.value))
const lost = computed(() => noLonger(before.value, found.value))
const wearers = computed(() => character.value.wearers ?? [])
const pictures = computed({
  get: () => character.value.references ?? [],
  set: (ids) => (character.value.references = ids),
})
const newFace = ref<string | null>(null)
const newLook = ref<string | null>(null)

async function load() {
  ;[characters.value, looks.value] = await Promise.all([api.characters(), api.looks()])
}

void attempt(async () => {
  await load()
  if (typeof route.query.from === 'string') drafting.value = true
})

async function open(id: string | undefined) {
  await doc.close()
  found.value = before.value = null
  if (id) await attempt(() => doc.open(id))
}

watch(() => stored.value?.id, open)

async function judge() {
  if (!doc.id || !preferences.setting) return
  try {
    await judging.ask(async (signal) => {
      const next = await api.conformity({ character: doc.value, settingId: preferences.setting }, signal)
      found.value = next
      before.value ??= next
      problem.value = ''
    })
  } catch (error) {
    problem.value = (error as Error).message
  }
}

watch([() => doc.value, () => doc.id, () => preferences.setting], () => judging.later(PAUSE_MS, judge))

async function made(one: Character) {
  await attempt(async () => copied((await api.addCharacter(one)).id))
}

async function copied(id: string) {
  await load()
  await router.push(`/characters/${id}`)
}

const duplicate = () =>
  made({ ...character.value, name: say('characters.copy', { name: character.value.name }) })

async function reload() {
  await load()
  await open(stored.value?.id)
}

async function removed() {
  await load()
  await router.push('/characters')
}

async function mended(k: number, look: string) {
  looks.value = await api.looks()
  // In a look of its own, or in the one that it had.
  if (wearers.value[k]!.look === look) await judge()
  else character.value.wearers = wearers.value.map((w, n) => (n === k ? { ...w, look } : w))
}

function swap(k: number, by: number) {
  const parts = [...character.value.parts]
  const [part] = parts.splice(k, 1)
  parts.splice(k + by, 0, part as Rules)
  character.value.parts = parts
}

function addWearer() {
  if (!newFace.value || !newLook.value) return
  character.value.wearers = [...wearers.value, { face: newFace.value, look: newLook.value }]
  newFace.value = newLook.value = null
}

async function print(paper: string) {
  printing.value = true
  await attempt(async () =>
    download(
      await api.crewSheet({ character: doc.value, settingId: preferences.setting }, paper),
      fileName(`${doc.value.name} crew`, 'pdf'),
    ),
  )
  printing.value = false
}
</script>

<template>
  <div class="characters">
    <character-list v-if="characters" :characters="characters" :here="stored?.id" @add="drafting = true" />
    <section v-if="doc.id && stored" class="rules" :aria-label="say('characters.rules')">
      <document-top
        v-model:name="character.name"
        kind="characters"
        :doc="doc"
        :says="say('characters.nameOfTheCharacter')"
        :letters="LETTERS.Character.name"
        :last="false"
        :all="characters"
        :duplicate="duplicate"
        :reload="reload"
        @removed="removed"
        @copied="copied"
        @back="load()"
      />
      <p v-if="problem" class="stop" role="alert">{{ problem }}</p>
      <div :inert="!session.canChange">
        <character-pictures v-model="pictures" />
        <h2>{{ say('characters.whatEveryWearerHas') }}</h2>
        <p class="faint">{{ say('characters.inOrderOfImportance') }}</p>
        <character-part
          v-for="(part, k) in character.parts"
          :key="part.model.id"
          v-model="character.parts[k]!"
          :number="k + 1"
          :palette="character.palette"
          :colours="found?.palette ?? {}"
          :off="offOnPart(found, part.model.id)"
          :first="k === 0"
          :last="k === character.parts.length - 1"
          @up="swap(k, -1)"
          @down="swap(k, 1)"
          @remove="character.parts = character.parts.filter((_, n) => n !== k)"
        />
        <h2>{{ say('characters.palette') }}</h2>
        <div v-for="(colour, k) in character.palette" :key="colour.id" class="colour">
          <span class="dot" :style="{ background: found?.palette[colour.id] ?? 'none' }" />
          <n-input
            v-model:value="character.palette[k]!.name"
            size="small"
            :maxlength="LETTERS.CharacterColour.name"
            :input-props="{ 'aria-label': say('characters.nameOfTheColour') }"
          />
          <n-input-number
            size="small"
            :value="colour.withinDeltaE"
            v-bind="LIMITS.CharacterColour.withinDeltaE"
            :show-button="false"
            :input-props="{ 'aria-label': say('characters.tolerance', { colour: colour.name }) }"
            @update:value="(v: number | null) => v && (character.palette[k]!.withinDeltaE = v)"
          >
            <template #prefix>±</template>
            <template #suffix>ΔE</template>
          </n-input-number>
        </div>
        <h2>{{ say('characters.forbidden') }}</h2>
        <character-bans v-model:forbidden="character.forbidden" v-model:free="character.free" />
        <h2>{{ say('characters.notes') }}</h2>
        <n-input
          v-model:value="character.notes"
          type="textarea"
          :autosize="{ minRows: 2, maxRows: 8 }"
          :maxlength="LETTERS.Character.notes"
          :input-props="{ 'aria-label': say('characters.notes') }"
        />
      </div>
    </section>
    <section v-if="doc.id && stored" class="wearers" :aria-label="say('characters.wearers')">
      <header>
        <h2>{{ say('characters.wearers') }}</h2>
        <span v-if="judging.busy.value" class="faint" role="status">{{ say('characters.judging') }}</span>
        <span class="gap" />
        <n-select
          v-model:value="preferences.setting"
          class="setting"
          size="small"
          :options="catalogue.settings.map((s) => ({ label: s.name, value: s.id }))"
          :aria-label="say('characters.setting')"
        />
        <n-button size="small" type="primary" :loading="printing" @click="print('A4')">{{
          say('characters.crewSheet')
        }}</n-button>
      </header>
      <p v-if="lost.length" class="stop" role="alert">
        {{
          say('characters.noLonger', { wearers: lost.map((w) => `${w.faceName} (${w.lookName})`).join(', ') })
        }}
      </p>
      <ul :class="{ stale: judging.busy.value }">
        <wearer-card
          v-for="(w, k) in found?.wearers ?? []"
          :key="`${w.face} ${w.look} ${k}`"
          :wearer="w"
          :character="doc.value"
          :rules="rules"
          :look-revision="looks.find((l) => l.id === w.look)?.revision ?? 0"
          @remove="character.wearers = wearers.filter((_, n) => n !== k)"
          @mended="(look: string) => mended(k, look)"
        />
      </ul>
      <form v-if="session.canChange" class="add" @submit.prevent="addWearer">
        <n-select
          v-model:value="newFace"
          filterable
          size="small"
          :options="catalogue.faces.map((f) => ({ label: f.face.name, value: f.id }))"
          :placeholder="say('characters.who')"
          :aria-label="say('characters.who')"
          :input-props="{ 'aria-label': say('characters.who') }"
        />
        <n-select
          v-model:value="newLook"
          filterable
          size="small"
          :options="looks.map((l) => ({ label: l.name, value: l.id }))"
          :placeholder="say('characters.inWhichLook')"
          :aria-label="say('characters.inWhichLook')"
          :input-props="{ 'aria-label': say('characters.inWhichLook') }"
        />
        <n-button size="small" attr-type="submit" :disabled="!newFace || !newLook">{{
          say('characters.holdToIt')
        }}</n-button>
      </form>
    </section>
    <section v-else-if="characters && !stored" class="empty">
      <h2>{{ say('characters.noneYet') }}</h2>
      <p class="faint">{{ say('characters.aCharacterIs') }}</p>
      <n-button v-if="session.canChange" type="primary" @click="drafting = true">{{
        say('characters.makeTheFirst')
      }}</n-button>
    </section>
    <character-draft
      v-model:show="drafting"
      :looks="looks"
      :from="typeof route.query.from === 'string' ? route.query.from : undefined"
      @made="made"
    />
  </div>
</template>

<style scoped>
.characters {
  display: grid;
  grid-template-columns: 200px minmax(380px, 460px) minmax(0, 1fr);
  min-height: 100%;
}

.rules {
  padding: 6px 22px 40px;
  background: var(--panel);
  border-right: 1px solid var(--line);
}

h2 {
  margin: 22px 0 4px;
  font-size: 16px;
}

.colour {
  display: grid;
  grid-template-columns: 20px 1fr 110px;
  align-items: center;
  gap: 8px;
  padding: 3px 0;
}

.dot {
  width: 18px;
  height: 18px;
  border-radius: 50%;
  border: 1px solid var(--swatch-line);
}

.wearers {
  padding: 14px 22px 40px;
}

.wearers > header {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 10px;
  margin-bottom: 12px;
}

.wearers h2 {
  margin: 0;
}

.gap {
  flex: 1;
}

.setting {
  width: 160px;
}

.wearers ul {
  list-style: none;
  margin: 0;
  padding: 0;
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(220px, 1fr));
  gap: 14px;
}

.stale :deep(img) {
  opacity: 0.65;
}

.add {
  display: grid;
  grid-template-columns: 1fr 1fr auto;
  gap: 8px;
  margin-top: 16px;
  max-width: 520px;
}

.empty {
  grid-column: 2 / -1;
  display: grid;
  gap: 12px;
  justify-items: center;
  align-content: center;
}

@media (width <= 1100px) {
  .characters {
    grid-template-columns: 150px minmax(0, 1fr);
  }

  .rules,
  .wearers {
    grid-column: 2;
  }

  .wearers {
    grid-row: 1;
  }
}

@media (width <= 640px) {
  .characters {
    grid-template-columns: minmax(0, 1fr);
  }

  .rules,
  .wearers,
  .empty {
    grid-column: 1;
  }

  .wearers {
    grid-row: auto;
    padding: 14px;
  }

  /* On a phone it is looked up who is off; rules are written at a table. */
  .rules {
    order: 1;
    padding: 6px 14px 30px;
  }
}
</style>
