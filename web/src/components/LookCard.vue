<script setup lang="ts">
import { api, picture, type LookHead } from '../api/client'
import { useCatalogue } from '../stores/catalogue'
import { usePreferences } from '../stores/preferences'
import { say } from '../texts'
import DocumentMenu from './DocumentMenu.vue'

/** A look of the gallery, painted on the face chosen there. */
const props = defineProps<{ look: LookHead; reload: () => Promise<unknown> }>()

const catalogue = useCatalogue()
const preferences = usePreferences()

async function duplicate() {
  const stored = await api.look(props.look.id)
  await api.addLook({ ...stored.look, name: say('lookCard.copy', { name: stored.look.name }) })
  await props.reload()
}
</script>

<template>
  <li class="card">
    <router-link :to="`/looks/${look.id}`" class="open">
      <img
        :src="
          picture.look(
            look.id,
            look.revision,
            preferences.face,
            preferences.kit,
            preferences.setting,
            catalogue.face?.revision ?? 0,
          )
        "
        :alt="say('lookCard.painted', { name: look.name })"
        width="320"
        height="360"
      />
      <h2>{{ look.name }}</h2>
    </router-link>
    <div class="foot">
      <span class="faint">{{ say('lookCard.on', { name: catalogue.face?.face.name }) }}</span>
      <document-menu
        :id="look.id"
        kind="looks"
        :revision="look.revision"
        :name="look.name"
        :last="false"
        :duplicate="duplicate"
        :reload="reload"
        @removed="reload"
      />
    </div>
  </li>
</template>

<style scoped>
.card {
  background: var(--panel);
  border: 1px solid var(--line);
  border-radius: 12px;
  overflow: hidden;
}

.card:hover {
  border-color: var(--accent);
}

.open {
  color: inherit;
  text-decoration: none;
  display: block;
}

img {
  display: block;
  width: 100%;
  height: auto;
  aspect-ratio: 320 / 360;
  background: var(--surround);
}

.card h2 {
  padding: 12px 14px 0;
}

.foot {
  display: flex;
  align-items: center;
  justify-content: space-between;
  padding: 2px 8px 8px 14px;
}
</style>
