<script setup lang="ts">
import { NButton } from 'naive-ui'
import { computed } from 'vue'
import { api, type GalleryEntry } from '../api/client'
import { say } from '../texts'
import DocumentMenu from './DocumentMenu.vue'
import LookPicture from './LookPicture.vue'

/** A look of the gallery, painted on the face chosen there. */
const props = defineProps<{ look: GalleryEntry; reload: () => Promise<unknown>; compared: boolean }>()
defineEmits<{ compare: [] }>()

const said = computed(() =>
  [
    props.look.facts
      ? say('gallery.minutes', { minutes: props.look.facts.sureMinutes })
      : say('gallery.notDrawn'),
    props.look.production ?? '',
  ]
    .filter(Boolean)
    .join(' · '),
)

async function duplicate() {
  const stored = await api.look(props.look.id)
  await api.addLook({ ...stored.look, name: say('lookCard.copy', { name: stored.look.name }) })
  await props.reload()
}
</script>

<template>
  <li class="card">
    <router-link :to="`/looks/${look.id}`" class="open">
      <look-picture :look="look" />
      <h2>{{ look.name }}</h2>
    </router-link>
    <div class="foot">
      <span class="faint">{{ said }}</span>
      <n-button size="tiny" quaternary :aria-pressed="compared" @click="$emit('compare')">{{
        compared ? say('gallery.compared') : say('gallery.compare')
      }}</n-button>
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
