<script setup lang="ts">
import { say } from '../texts'
import { NButton, NModal } from 'naive-ui'
import { ref, watch } from 'vue'
import { api, type Difference, type Revision } from '../api/client'
import { differenceWords } from '../lib/differences'
import { useCatalogue } from '../stores/catalogue'
import { useLook } from '../stores/look'

/** Every save of the look: what has changed since, and back to one of them. Nothing saved later is lost by it. */
const show = defineModel<boolean>('show', { required: true })
const MOST_SHOWN = 40

const lookDoc = useLook()
const catalogue = useCatalogue()
const saves = ref<Revision[]>([])
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
    await lookDoc.save()
    saves.value = await api.lookRevisions(lookDoc.id)
  })
})

const choose = (save: Revision) =>
  attempt(async () => {
    chosen.value = save
    differences.value = null
    differences.value = await api.lookDifferences(lookDoc.id, save.revision, lookDoc.revision)
  })

const restore = () =>
  attempt(async () => {
    if (!chosen.value) return
    await api.restoreLook(lookDoc.id, chosen.value.revision, lookDoc.revision)
    await lookDoc.open(lookDoc.id)
    show.value = false
  })

const line = (difference: Difference) =>
  differenceWords(difference, Object.fromEntries(lookDoc.look.parts.map((p) => [p.id, p.kind])), {
    kindOf: (id) => catalogue.kindOf(id)?.label ?? id,
    paintOf: (id) =>
      catalogue.kits.flatMap((k) => k.paints).find((p) => p.id === id)?.name ?? id.replaceAll('-', ' '),
  })
</script>

<template>
  <n-modal
    v-model:show="show"
    preset="card"
    :title="say('savesPanel.earlierSaves')"
    :aria-label="say('savesPanel.earlierSaves')"
    style="width: min(720px, 94vw)"
  >
    <p v-if="problem" role="alert" class="stop">{{ problem }}</p>
    <div class="saves">
      <ol :aria-label="say('savesPanel.savesNewestFirst')">
        <li v-for="save in saves" :key="save.revision">
          <button
            :class="{ on: save.revision === chosen?.revision }"
            :disabled="save.revision === lookDoc.revision"
            @click="choose(save)"
          >
            <span>{{ when(save) }}</span>
            <span class="faint">{{
              save.revision === lookDoc.revision
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
  </n-modal>
</template>

<style scoped>
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

ol button:hover:enabled,
ol button.on {
  border-color: var(--accent);
}

ol button:disabled {
  cursor: default;
}

@media (width <= 640px) {
  .saves {
    grid-template-columns: 1fr;
  }
}
</style>
