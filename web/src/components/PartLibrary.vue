<script setup lang="ts">
import { say } from '../texts'
import DialogBox from './DialogBox.vue'
import { useEventListener } from '@vueuse/core'
import { NInput } from 'naive-ui'
import { computed, nextTick, ref, watch } from 'vue'
import { picture } from '../api/addresses'
import { api, type Kind } from '../api/client'
import { useCatalogue } from '../stores/catalogue'
import { usePreferences } from '../stores/preferences'
import { OWN_LINE, useDrawing } from '../stores/drawing'
import { useLook } from '../stores/look'

const FAMILIES: Record<Kind['family'], string> = {
  bone: say('partLibrary.bone'),
  flesh: say('partLibrary.fleshAndMonster'),
  creature: say('partLibrary.creature'),
  ornament: say('partLibrary.ornament'),
  attached: say('partLibrary.attachedAndLit'),
  carried: say('partLibrary.overTheBody'),
}

const shown = defineModel<boolean>('show', { required: true })

const catalogue = useCatalogue()
const preferences = usePreferences()
const lookDoc = useLook()
const drawing = useDrawing()
const words = ref('')
const problem = ref('')
const field = ref<InstanceType<typeof NInput> | null>(null)

const first = ref(0)

watch(shown, () => {
  words.value = ''
  problem.value = ''
  near.value = null
})
watch(words, () => (first.value = 0))
// Before anything else hears it, so that what is typed while it opens finds the search.
useEventListener('keydown', (event) => shown.value && onKey(event), { capture: true })

/** How well a kind answers what was typed: its name, then a word of its name, then its family or zones; null when it does not. */
function rank(kind: Kind, wanted: string[]): number | null {
  const label = kind.label.toLowerCase()
  const text = [label, FAMILIES[kind.family], ...kind.hangsOn].join(' ').toLowerCase()
  if (!wanted.every((word) => text.includes(word))) return null
  const typed = wanted.join(' ')
  if (label.startsWith(typed)) return 0
  if (wanted.every((word) => label.split(/[ -]/).some((w) => w.startsWith(word)))) return 1
  return wanted.every((word) => label.includes(word)) ? 2 : 3
}

/** Kinds whose name, family or zones hold every word typed; while something is typed, the likeliest first. */
const groups = computed(() => {
  const wanted = words.value.toLowerCase().split(/\s+/).filter(Boolean)
  const found = catalogue.kinds
    .map((kind) => ({ kind, rank: rank(kind, wanted) }))
    .filter((k): k is { kind: Kind; rank: number } => k.rank !== null)
  if (wanted.length > 0) {
    const kinds = found.sort((a, b) => a.rank - b.rank).map((k) => k.kind)
    return kinds.length > 0 ? [{ name: say('partLibrary.found', { kinds: kinds.length }), kinds }] : []
  }
  return (Object.keys(FAMILIES) as Kind['family'][])
    .map((family) => ({
      name: FAMILIES[family],
      kinds: found.filter((k) => k.kind.family === family).map((k) => k.kind),
    }))
    .filter((group) => group.kinds.length > 0)
})
const inOrder = computed(() => groups.value.flatMap((g) => g.kinds))
/** What the pointer or the focus is on, shown larger at the side. */
const near = ref<Kind | null>(null)
const large = computed(() => near.value ?? inOrder.value.find((k) => k.id === marked.value) ?? null)
/** What Enter takes. */
const marked = computed(() => (words.value ? inOrder.value[first.value]?.id : undefined))

/** Letters go to the search from the first moment on, wherever the focus is; Enter takes what is marked. */
function onKey(event: KeyboardEvent) {
  if (event.ctrlKey || event.metaKey || event.altKey) return
  const target = event.target as HTMLElement
  if (event.key === 'Enter' && marked.value && target.tagName !== 'BUTTON') {
    event.preventDefault()
    event.stopPropagation()
    void hang(inOrder.value[first.value]!)
  } else if ((event.key === 'ArrowDown' || event.key === 'ArrowUp') && words.value) {
    event.preventDefault()
    const by = event.key === 'ArrowDown' ? 1 : -1
    first.value = Math.max(0, Math.min(inOrder.value.length - 1, first.value + by))
  } else if (event.key.length === 1 && target.tagName !== 'INPUT') {
    event.preventDefault()
    event.stopPropagation()
    words.value += event.key
    void nextTick(() => field.value?.focus())
  }
}

/** Closed at once, so that the next key finds the workspace; a refusal opens it again. */
async function hang(kind: Kind) {
  ;(document.activeElement as HTMLElement | null)?.blur()
  shown.value = false
  try {
    const offer = await api.newPart(
      preferences.face,
      kind.id,
      preferences.kit,
      preferences.setting,
      lookDoc.colours,
    )
    lookDoc.add(offer.part)
    if (kind.id === OWN_LINE && lookDoc.part) drawing.start(lookDoc.part.id)
  } catch (error) {
    shown.value = true
    await nextTick()
    problem.value = (error as Error).message
  }
}
</script>

<template>
  <dialog-box v-model:show="shown" :title="say('partLibrary.addAPart')" :width-px="1080">
    <n-input
      ref="field"
      v-model:value="words"
      :placeholder="say('partLibrary.aWordOrAZoneTooth')"
      clearable
      :input-props="{ 'aria-label': say('partLibrary.searchTheLibrary'), autofocus: true }"
    />
    <p v-if="problem" class="stop" role="alert">{{ problem }}</p>
    <p v-if="groups.length === 0" class="faint none">{{ say('partLibrary.nothingOfThatNameTryThe') }}</p>
    <div class="both">
      <div class="groups">
        <section v-for="group in groups" :key="group.name" :aria-label="group.name">
          <h3>{{ group.name }}</h3>
          <ul>
            <li v-for="kind in group.kinds" :key="kind.id">
              <button
                :class="{ marked: kind.id === marked }"
                :title="say('partLibrary.hangsOn', { hangsOn: kind.hangsOn.join(', ') })"
                @click="hang(kind)"
                @pointerenter="near = kind"
                @focus="near = kind"
              >
                <img
                  :src="picture.kind(kind.id, preferences.kit)"
                  alt=""
                  width="92"
                  height="92"
                  loading="lazy"
                />
                <span>{{ kind.label }}</span>
              </button>
            </li>
          </ul>
        </section>
      </div>
      <aside class="large" :aria-label="say('partLibrary.larger')">
        <template v-if="large">
          <img :src="picture.kind(large.id, preferences.kit)" alt="" width="264" height="264" />
          <h3>{{ large.label }}</h3>
          <p class="faint">{{ say('partLibrary.hangsOn', { hangsOn: large.hangsOn.join(', ') }) }}</p>
          <p class="faint">
            {{ say('partLibrary.lays', { coats: large.roles.map((r) => r.label.toLowerCase()).join(', ') }) }}
          </p>
        </template>
        <p v-else class="faint">{{ say('partLibrary.pointAtOne') }}</p>
      </aside>
    </div>
  </dialog-box>
</template>

<style scoped>
.groups {
  max-height: 62vh;
  overflow-y: auto;
  margin-top: 12px;
  display: grid;
  gap: 14px;
}

.both {
  display: grid;
  grid-template-columns: 1fr 264px;
  gap: 18px;
}

.large {
  margin-top: 12px;
  display: grid;
  align-content: start;
  gap: 6px;
}

@media (width <= 900px) {
  .both {
    grid-template-columns: 1fr;
  }

  .large {
    display: none;
  }
}

.none {
  padding: 24px 0;
}

ul {
  list-style: none;
  margin: 8px 0 0;
  padding: 0;
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(104px, 1fr));
  gap: 8px;
}

button {
  width: 100%;
  padding: 5px;
  border: 1px solid var(--line);
  border-radius: 9px;
  background: var(--ground);
  cursor: pointer;
  display: grid;
  justify-items: center;
  gap: 3px;
  font-size: 12.5px;
}

button:hover,
button:focus-visible,
button.marked {
  border-color: var(--accent);
  background: var(--accent-soft);
}

img {
  border-radius: 6px;
  background: var(--surround);
}

.large img {
  width: 100%;
  height: auto;
}
</style>
