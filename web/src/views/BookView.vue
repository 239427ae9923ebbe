<script setup lang="ts">
import { NButton, NInput, NSelect } from 'naive-ui'
import { computed, reactive, ref, watch } from 'vue'
import { useRouter } from 'vue-router'
import { api, type LookHead, type Painting, type PaintingEntry } from '../api/client'
import { paintingCalls } from '../api/documentCalls'
import { LETTERS } from '../api/limits'
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
import { useLeaveGuard } from '../lib/leaveGuard'
import { found as foundIn } from '../lib/book'
import { useCatalogue } from '../stores/catalogue'
import { usePreferences } from '../stores/preferences'
import { useSession } from '../stores/session'
import { say } from '../texts'

/** Who was painted when and with which pots; searched by lot, it says on whom a pot was. */
const props = defineProps<{ id?: string }>()

const NOTHING: Painting = {
  name: '',
  look: '',
  face: null,
  kit: null,
  on: today(),
  paints: [],
  passed: [],
  reaction: null,
  notes: '',
  steps: [],
  lookRevision: null,
  setting: null,
  slotMinutes: null,
}

const router = useRouter()
const attempt = useAttempt()
const catalogue = useCatalogue()
const preferences = usePreferences()
const session = useSession()
const entries = ref<readonly PaintingEntry[] | null>(null)
const looks = ref<readonly LookHead[]>([])
const wanted = ref('')

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
const shown = computed(() => foundIn(newest.value, wanted.value, (p) => faceName(p.face)))
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
      <n-input
        v-model:value="wanted"
        size="small"
        clearable
        :placeholder="say('book.find')"
        :input-props="{ 'aria-label': say('book.find') }"
      />
      <p v-if="wanted && entries" class="faint" role="status">
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
          <reaction-note v-model="form.reaction" :on="form.on" />
        </div>
        <div>
          <used-paints v-model="form.paints" @find="(lot: string) => (wanted = lot)" />
          <session-steps v-if="form.steps?.length" :id="doc.id" :name="form.name" :steps="form.steps" />
        </div>
      </div>
    </section>
    <section v-else-if="entries && !stored" class="none">
      <h2>{{ say('book.noneYet') }}</h2>
      <p class="faint">{{ say('book.anEntryIs') }}</p>
      <n-button v-if="wanted" @click="wanted = ''">{{
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
