<script setup lang="ts">
import { NInput, NModal } from 'naive-ui'
import { computed, ref, watch } from 'vue'
import { api, picture, type Kind } from '../api/client'
import { useCatalogue } from '../stores/catalogue'
import { usePreferences } from '../stores/preferences'
import { useWorkspace } from '../stores/workspace'

const FAMILIES: Record<Kind['family'], string> = {
  bone: 'Bone',
  flesh: 'Flesh and monster',
  creature: 'Creature',
  ornament: 'Ornament',
  attached: 'Attached and lit',
  carried: 'Over the body',
}

const shown = defineModel<boolean>('show', { required: true })

const catalogue = useCatalogue()
const preferences = usePreferences()
const workspace = useWorkspace()
const words = ref('')
const problem = ref('')

watch(shown, () => {
  words.value = ''
  problem.value = ''
})

/** Kinds whose name, family or zones hold every word typed. */
const groups = computed(() => {
  const wanted = words.value.toLowerCase().split(/\s+/).filter(Boolean)
  const found = catalogue.kinds.filter((kind) => {
    const text = [kind.label, FAMILIES[kind.family], ...kind.hangsOn].join(' ').toLowerCase()
    return wanted.every((word) => text.includes(word))
  })
  return (Object.keys(FAMILIES) as Kind['family'][])
    .map((family) => ({ name: FAMILIES[family], kinds: found.filter((k) => k.family === family) }))
    .filter((group) => group.kinds.length > 0)
})

async function hang(kind: Kind) {
  try {
    const offer = await api.newPart(preferences.face, kind.id, preferences.kit, preferences.setting)
    workspace.add(offer.part)
    shown.value = false
  } catch (error) {
    problem.value = (error as Error).message
  }
}
</script>

<template>
  <n-modal v-model:show="shown" preset="card" title="Add a part" style="width: min(860px, 94vw)">
    <n-input
      v-model:value="words"
      placeholder="A word or a zone: tooth, web, temple"
      clearable
      :input-props="{ 'aria-label': 'Search the library', autofocus: true }"
    />
    <p v-if="problem" class="stop" role="alert">{{ problem }}</p>
    <p v-if="groups.length === 0" class="faint none">Nothing of that name. Try the zone it sits on.</p>
    <div class="groups">
      <section v-for="group in groups" :key="group.name" :aria-label="group.name">
        <h3>{{ group.name }}</h3>
        <ul>
          <li v-for="kind in group.kinds" :key="kind.id">
            <button :title="`Hangs on ${kind.hangsOn.join(', ')}`" @click="hang(kind)">
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
  </n-modal>
</template>

<style scoped>
.groups {
  max-height: 62vh;
  overflow-y: auto;
  margin-top: 12px;
  display: grid;
  gap: 14px;
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
button:focus-visible {
  border-color: var(--accent);
  background: var(--accent-soft);
}

img {
  border-radius: 6px;
  background: var(--surround);
}
</style>
