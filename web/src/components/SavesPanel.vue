<script setup lang="ts">
import { say } from '../texts'
import DialogBox from './DialogBox.vue'
import { NButton } from 'naive-ui'
import { ref, watch } from 'vue'
import { picture } from '../api/addresses'
import { api, documents, type Difference, type DocumentKind, type Revision } from '../api/client'
import { differenceWords } from '../lib/differences'
import { useCatalogue } from '../stores/catalogue'
import { usePreferences } from '../stores/preferences'
import RetriedImage from './RetriedImage.vue'

/** Every save of a document: what has changed since, and back to one of them. Nothing saved later is lost by it. */
const show = defineModel<boolean>('show', { required: true })
const props = defineProps<{
  kind: DocumentKind
  id: string
  revision: number
  /** Keeps what is in the hand before the saves are listed. */
  before?: () => Promise<unknown>
}>()
const emit = defineEmits<{ restored: [] }>()
const MOST_SHOWN = 40

const catalogue = useCatalogue()
const preferences = usePreferences()
const saves = ref<Revision[]>([])
/** Kinds of a look's parts by their ids, for the words of what has changed. */
const parts = ref<Record<string, string>>({})
const chosen = ref<Revision | null>(null)
const differences = ref<Difference[] | null>(null)
const problem = ref('')
const busy = ref(false)

const when = (save: Revision) =>
  new Date(save.savedAt).toLocaleString(undefined, {
    weekday: 'short',
    day: 'numeric',
    month: 'short',
    hour: '2-digit',
    minute: '2-digit',
    second: '2-digit',
  })

async function attempt(work: () => Promise<void>) {
  problem.value = ''
  busy.value = true
  try {
    await work()
  } catch (error) {
    problem.value = (error as Error).message
  } finally {
    busy.value = false
  }
}

watch(show, (open) => {
  chosen.value = null
  differences.value = null
  if (!open) return
  void attempt(async () => {
    await props.before?.()
    saves.value = await documents(props.kind).revisions(props.id)
    if (props.kind !== 'looks') return
    const { look } = await api.look(props.id)
    parts.value = Object.fromEntries(look.parts.map((p) => [p.id, p.kind]))
  })
})

const choose = (save: Revision) =>
  attempt(async () => {
    chosen.value = save
    differences.value = null
    differences.value = await documents(props.kind).differences(props.id, save.revision, props.revision)
  })

const restore = () =>
  attempt(async () => {
    if (!chosen.value) return
    await documents(props.kind).restore(props.id, chosen.value.revision, props.revision)
    show.value = false
    emit('restored')
  })

const line = (difference: Difference) => differenceWords(difference, parts.value, catalogue.words)
</script>

<template>
  <dialog-box v-model:show="show" :title="say('savesPanel.earlierSaves')" :width-px="720">
    <p v-if="problem" role="alert" class="stop">{{ problem }}</p>
    <div class="saves">
      <ol :aria-label="say('savesPanel.savesNewestFirst')">
        <li v-for="save in saves" :key="save.revision">
          <button
            :class="{ on: save.revision === chosen?.revision }"
            :disabled="save.revision === revision"
            @click="choose(save)"
          >
            <span>{{ when(save) }}</span>
            <span class="faint">{{
              save.revision === revision
                ? say('savesPanel.asItIsNow')
                : say('savesPanel.save', { revision: save.revision })
            }}</span>
          </button>
        </li>
      </ol>
      <section aria-live="polite">
        <p v-if="!chosen" class="faint">
          {{
            saves.length > 1
              ? say('savesPanel.chooseASaveToSeeWhat')
              : say('savesPanel.thereIsOnlyOneSaveYet')
          }}
        </p>
        <template v-else-if="differences">
          <div v-if="kind === 'looks'" class="pictures">
            <figure v-for="at in [chosen.revision, revision]" :key="at">
              <retried-image
                :src="picture.lookThen(id, at, preferences.face, preferences.kit, preferences.setting)"
                :alt="
                  at === revision ? say('savesPanel.asItIsNow') : say('savesPanel.save', { revision: at })
                "
                :width="320"
                :height="360"
              />
              <figcaption class="faint">
                {{ at === revision ? say('savesPanel.asItIsNow') : say('savesPanel.save', { revision: at }) }}
              </figcaption>
            </figure>
          </div>
          <h3>{{ say('savesPanel.changedSince') }}</h3>
          <p v-if="differences.length === 0" class="faint">{{ say('savesPanel.nothing') }}</p>
          <ul>
            <li v-for="(difference, k) in differences.slice(0, MOST_SHOWN)" :key="k">
              {{ line(difference) }}
            </li>
          </ul>
          <p v-if="differences.length > MOST_SHOWN" class="faint">
            {{ say('savesPanel.andMore', { mOST_SHOWN: differences.length - MOST_SHOWN }) }}
          </p>
          <n-button type="primary" :loading="busy" @click="restore">{{
            say('savesPanel.bringThisOneBack')
          }}</n-button>
          <p class="faint">{{ say('savesPanel.itBecomesTheNewestSaveThe') }}</p>
        </template>
      </section>
    </div>
  </dialog-box>
</template>

<style scoped>
.pictures {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 10px;
}

figure {
  margin: 0;
}

figure img {
  width: 100%;
  height: auto;
  border-radius: 8px;
}

.saves {
  display: grid;
  grid-template-columns: minmax(220px, 1fr) 1.4fr;
  gap: 18px;
  max-height: 62vh;
}

ol,
ul {
  list-style: none;
  margin: 0;
  padding: 0;
}

ol,
section {
  overflow-y: auto;
}

section ul li {
  padding: 3px 0;
}

section ul {
  margin-bottom: 12px;
}

ol button {
  width: 100%;
  display: flex;
  justify-content: space-between;
  gap: 10px;
  padding: 7px 9px;
  color: inherit;
  background: none;
  border: 1px solid transparent;
  border-radius: 6px;
  cursor: pointer;
}

ol button:disabled {
  cursor: default;
}

ol button:hover:enabled,
ol button.on {
  border-color: var(--accent);
}

@media (width <= 640px) {
  .saves {
    grid-template-columns: 1fr;
  }
}
</style>
