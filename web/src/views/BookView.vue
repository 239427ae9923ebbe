<script setup lang="ts">
import { NButton, NDropdown, NInput, NSelect, useMessage } from 'naive-ui'
import { computed, reactive, ref, watch } from 'vue'
import { useRouter } from 'vue-router'
import { api, type LookHead, type Painting, type PaintingEntry } from '../api/client'
import { book } from '../api/chairCalls'
import { paintingCalls } from '../api/documentCalls'
import { LETTERS, LIMITS } from '../api/limits'
import CompareSessions from '../components/book/CompareSessions.vue'
import QuickerList from '../components/book/QuickerList.vue'
import SessionPhotos from '../components/book/SessionPhotos.vue'
import FileButton from '../components/FileButton.vue'
import NumberField from '../components/NumberField.vue'
import DayField from '../components/DayField.vue'
import DocumentTop from '../components/DocumentTop.vue'
import FieldRow from '../components/FieldRow.vue'
import ReactionNote from '../components/ReactionNote.vue'
import SessionSteps from '../components/SessionSteps.vue'
import SideList from '../components/SideList.vue'
import UsedPaints from '../components/UsedPaints.vue'
import { useAttempt } from '../lib/attempt'
import { useDocument } from '../lib/document'
import { useDocumentForm } from '../lib/documentForm'
import { today } from '../lib/format'
import { newPainting } from '../lib/newPainting'
import { useLeaveGuard } from '../lib/leaveGuard'
import { download } from '../lib/download'
import { EVERYTHING, found as foundIn, type Wanted } from '../lib/book'
import { useCatalogue } from '../stores/catalogue'
import { usePreferences } from '../stores/preferences'
import { useSession } from '../stores/session'
import { say } from '../texts'

/** Who was painted when and with which pots; searched by lot, it says on whom a pot was. */
const props = defineProps<{ id?: string }>()

const NOTHING = newPainting()

const router = useRouter()
const attempt = useAttempt()
const catalogue = useCatalogue()
const preferences = usePreferences()
const session = useSession()
const entries = ref<readonly PaintingEntry[] | null>(null)
const looks = ref<readonly LookHead[]>([])
const wanted = reactive<Wanted>({ ...EVERYTHING })
const message = useMessage()

const inHand = useDocument<Painting>('paintings', NOTHING, paintingCalls, {
  saved: () => void load().catch(() => undefined),
})
const doc = reactive(inHand)
const form = useDocumentForm(inHand)
useLeaveGuard(doc)

const faceName = (id: string | null | undefined) =>
  catalogue.faces.find((f) => f.id === id)?.face.name ?? say('book.nobody')
const newest = computed(() =>
  [...(entries.value ?? [])].sort((a, b) => b.painting.on.localeCompare(a.painting.on)),
)
const shown = computed(() => foundIn(newest.value, wanted, (p) => faceName(p.face)))
const stored = computed(() => newest.value.find((e) => e.id === props.id) ?? shown.value[0])

async function load() {
  ;[entries.value, looks.value] = await Promise.all([api.paintings(), api.looks()])
}

void attempt(load)

async function open(id: string | undefined) {
  await doc.close()
  if (id) await attempt(() => doc.open(id))
}

watch(() => stored.value?.id, open)

async function made(one: Painting) {
  await attempt(async () => {
    const { id } = await api.addPainting(one)
    await load()
    await router.push(`/book/${id}`)
  })
}

const add = () =>
  made({
    ...NOTHING,
    name: say('book.newEntry'),
    look: looks.value[0]?.id ?? '',
    face: preferences.face || null,
    kit: preferences.kit || null,
  })

const duplicate = () => made({ ...form.value, name: say('book.copy', { name: form.value.name }) })

const painters = computed(() =>
  [...new Set(newest.value.flatMap((e) => [e.painting.painter, e.painting.secondPainter]))]
    .filter((p): p is string => !!p)
    .sort(),
)
const looksHere = computed(() =>
  looks.value.filter((l) => newest.value.some((e) => e.painting.look === l.id)),
)
const narrowed = computed(() => Object.values(wanted).some((w) => w))

const OUT = [
  { key: 'table', label: say('book.outTable') },
  { key: 'file', label: say('book.outFile') },
]

const out = (key: string) =>
  attempt(async () =>
    key === 'table' ? download(await book.table(), 'book.csv') : download(await book.file(), 'book.json'),
  )

const bring = (file: File) =>
  attempt(async () => {
    const { added } = await book.bringTable(await file.text())
    message.success(say('book.brought', { count: added }))
    await load()
  })

async function reload() {
  await load()
  await open(stored.value?.id)
}

async function removed() {
  await load()
  await router.push('/book')
}
</script>

<template>
  <div class="book">
    <side-list :title="say('book.book')" :add-label="say('book.note')" @add="add">
      <div class="ways">
        <router-link class="link" to="/book/times">{{ say('book.toTimes') }}</router-link>
        <n-dropdown trigger="click" :options="OUT" @select="out">
          <n-button size="tiny">{{ say('book.out') }}</n-button>
        </n-dropdown>
        <file-button
          v-if="session.canChange"
          size="small"
          :label="say('book.in')"
          :says="say('book.inTable')"
          accept=".csv,text/csv"
          @chosen="bring"
        />
      </div>
      <n-input
        v-model:value="wanted.words"
        size="small"
        clearable
        :placeholder="say('book.find')"
        :input-props="{ 'aria-label': say('book.find') }"
      />
      <n-select
        v-if="looksHere.length > 1"
        v-model:value="wanted.look"
        size="small"
        clearable
        :options="looksHere.map((l) => ({ value: l.id, label: l.name }))"
        :placeholder="say('book.anyLook')"
        :aria-label="say('book.anyLook')"
      />
      <n-select
        v-if="painters.length"
        v-model:value="wanted.painter"
        size="small"
        clearable
        :options="painters.map((p) => ({ value: p, label: p }))"
        :placeholder="say('book.anyPainter')"
        :aria-label="say('book.anyPainter')"
      />
      <n-select
        v-model:value="wanted.only"
        size="small"
        clearable
        :options="[
          { value: 'chair', label: say('book.onlyChair') },
          { value: 'reaction', label: say('book.onlyReaction') },
        ]"
        :placeholder="say('book.anySession')"
        :aria-label="say('book.anySession')"
      />
      <p v-if="narrowed && entries" class="faint" role="status">
        {{ say('book.found', { count: shown.length, all: entries.length }) }}
      </p>
      <router-link
        v-for="e in shown"
        :key="e.id"
        :to="`/book/${e.id}`"
        class="entry"
        :class="{ here: e.id === stored?.id }"
        >{{ e.painting.name }}
        <span class="faint"
          >{{ faceName(e.painting.face)
          }}<b v-if="e.painting.reaction" class="stop"> · {{ say('book.reacted') }}</b></span
        ></router-link
      >
    </side-list>
    <section v-if="doc.id && stored" class="entry-of" :aria-label="form.name">
      <document-top
        v-model:name="form.name"
        kind="paintings"
        :doc="doc"
        :says="say('book.nameOfTheEntry')"
        :letters="LETTERS.Painting.name"
        :last="false"
        :all="newest"
        :duplicate="duplicate"
        :reload="reload"
        @removed="removed"
        @copied="reload"
        @back="load()"
      />
      <div class="columns" :inert="!session.canChange">
        <div>
          <field-row :label="say('book.day')">
            <day-field
              :model-value="form.on"
              :says="say('book.day')"
              :max="today()"
              @update:model-value="(on: string | null) => (form.on = on ?? form.on)"
            />
          </field-row>
          <field-row :label="say('book.look')">
            <n-select
              v-model:value="form.look"
              size="small"
              filterable
              :options="looks.map((l) => ({ value: l.id, label: l.name }))"
              :aria-label="say('book.look')"
              :input-props="{ 'aria-label': say('book.look') }"
            />
          </field-row>
          <p v-if="form.lookRevision" class="faint">
            {{ say('book.ofSave', { revision: form.lookRevision }) }}
          </p>
          <field-row :label="say('book.face')">
            <n-select
              v-model:value="form.face"
              size="small"
              clearable
              :options="catalogue.faces.map((f) => ({ value: f.id, label: f.face.name }))"
              :placeholder="say('book.nobody')"
              :aria-label="say('book.face')"
            />
          </field-row>
          <field-row :label="say('book.kit')">
            <n-select
              v-model:value="form.kit"
              size="small"
              clearable
              :options="catalogue.kits.map((k) => ({ value: k.id, label: k.name }))"
              :aria-label="say('book.kit')"
            />
          </field-row>
          <field-row :label="say('book.painter')">
            <n-input
              class="name"
              size="small"
              :value="form.painter ?? ''"
              :maxlength="LETTERS.Painting.painter"
              :input-props="{ 'aria-label': say('book.painter') }"
              @update:value="(who: string) => (form.painter = who || null)"
            />
          </field-row>
          <number-field
            v-if="!form.steps?.length"
            :model-value="form.takenMinutes ?? undefined"
            :label="say('book.minutes')"
            unit="min"
            v-bind="LIMITS.Painting.takenMinutes"
            @update:model-value="(m: number | undefined) => (form.takenMinutes = m ?? null)"
          />
          <n-input
            v-model:value="form.notes"
            type="textarea"
            :placeholder="say('book.notes')"
            :maxlength="LETTERS.Painting.notes"
            :autosize="{ minRows: 2, maxRows: 8 }"
            :input-props="{ 'aria-label': say('book.notes') }"
          />
          <template v-if="form.passed?.length">
            <h2>{{ say('book.passed') }}</h2>
            <ul>
              <li v-for="(p, k) in form.passed" :key="k">{{ p.words }}</li>
            </ul>
          </template>
          <p v-if="form.steps?.length">
            <router-link class="link" :to="`/chair/${doc.id}`">{{ say('book.inTheChair') }}</router-link>
          </p>
          <p v-if="form.look">
            <router-link class="link" :to="`/over?session=${doc.id}`">{{ say('over.lookOver') }}</router-link>
          </p>
          <template v-if="form.findings?.length">
            <h2>{{ say('over.findings') }}</h2>
            <ul>
              <li v-for="(f, k) in form.findings" :key="k">
                {{ f.words }} <span class="faint">{{ f.mending }}</span>
              </li>
            </ul>
          </template>
          <session-photos :id="doc.id" />
          <reaction-note v-model="form.reaction" :on="form.on" />
        </div>
        <div>
          <used-paints v-model="form.paints" @find="(lot: string) => (wanted.words = lot)" />
          <session-steps
            v-if="form.steps?.length"
            :id="doc.id"
            v-model:typed="form.typed"
            :name="form.name"
            :steps="form.steps"
          />
          <compare-sessions v-if="form.steps?.length" :here="stored" :all="newest" />
          <quicker-list v-if="form.steps?.length" :painting="form" />
        </div>
      </div>
    </section>
    <section v-else-if="entries && !stored" class="none">
      <h2>{{ say('book.noneYet') }}</h2>
      <p class="faint">{{ say('book.anEntryIs') }}</p>
      <n-button v-if="narrowed" @click="Object.assign(wanted, EVERYTHING)">{{
        say('book.found', { count: 0, all: entries.length })
      }}</n-button>
    </section>
  </div>
</template>

<style scoped>
.book {
  display: grid;
  grid-template-columns: 250px minmax(0, 1fr);
  min-height: 100%;
}

.entry {
  display: grid;
}

.ways {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 8px;
  margin-bottom: 4px;
}

.name {
  max-width: 230px;
}

.entry-of {
  padding: 6px 24px 40px;
  background: var(--panel);
}

.columns {
  display: grid;
  grid-template-columns: minmax(0, 420px) minmax(0, 1fr);
  gap: 10px 40px;
}

.columns :deep(.n-select) {
  max-width: 230px;
}

h2 {
  margin: 16px 0 4px;
  font-size: 16px;
}

.none {
  display: grid;
  gap: 12px;
  justify-items: center;
  align-content: center;
}

@media (width <= 1000px) {
  .columns {
    grid-template-columns: minmax(0, 1fr);
  }
}

@media (width <= 640px) {
  .book {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
