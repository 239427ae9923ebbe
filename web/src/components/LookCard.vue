<script setup lang="ts">
import { NButton, NDropdown } from 'naive-ui'
import { picture, type LookHead } from '../api/client'
import { useCatalogue } from '../stores/catalogue'
import { usePreferences } from '../stores/preferences'
import { say } from '../texts'

/** A look of the gallery, painted on the face chosen there. */
defineProps<{ look: LookHead }>()
const emit = defineEmits<{ choose: [key: string] }>()

const catalogue = useCatalogue()
const preferences = usePreferences()

const MENU = [
  { label: say('looksView.duplicate'), key: 'duplicate' },
  { label: say('looksView.saveAsFile'), key: 'file' },
  { label: say('looksView.remove'), key: 'remove' },
]
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
        :alt="say('looksView.painted', { name: look.name })"
        width="320"
        height="360"
      />
      <h2>{{ look.name }}</h2>
    </router-link>
    <div class="foot">
      <span class="faint">{{ say('looksView.on', { name: catalogue.face?.face.name }) }}</span>
      <n-dropdown trigger="click" :options="MENU" @select="(key: string) => emit('choose', key)">
        <n-button quaternary size="small" :aria-label="say('looksView.moreFor', { name: look.name })">{{
          say('looksView.more')
        }}</n-button>
      </n-dropdown>
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
