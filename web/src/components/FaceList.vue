<script setup lang="ts">
import { useSession } from '../stores/session'
import { say } from '../texts'
import { NButton } from 'naive-ui'
import { useCatalogue } from '../stores/catalogue'

const session = useSession()

/** Everybody who is painted here. */
defineProps<{ here: string | undefined }>()
const emit = defineEmits<{ add: [] }>()

const catalogue = useCatalogue()
</script>

<template>
  <aside class="list">
    <h1>{{ say('faceList.faces') }}</h1>
    <router-link
      v-for="f in catalogue.faces"
      :key="f.id"
      :to="`/faces/${f.id}`"
      class="entry"
      :class="{ here: f.id === here }"
    >
      <span class="tone" :style="{ background: f.skinColour }" />
      <span
        >{{ f.face.name }}<br /><span class="faint">{{
          say('faceList.skin', { skinClass: f.skinClass })
        }}</span></span
      >
    </router-link>
    <n-button v-if="session.canChange" block @click="emit('add')">{{ say('faceList.newFace') }}</n-button>
  </aside>
</template>

<style scoped>
.list {
  padding: 22px 14px;
  border-right: 1px solid var(--line);
  display: grid;
  gap: 6px;
  align-content: start;
}

.list h1 {
  padding: 0 8px 10px;
}

.entry {
  display: grid;
  grid-template-columns: 34px 1fr;
  gap: 10px;
  align-items: center;
  padding: 7px 8px;
  border-radius: 9px;
  color: inherit;
  text-decoration: none;
}

.entry:hover,
.entry.here {
  background: var(--accent-soft);
}

.tone {
  width: 34px;
  height: 34px;
  border-radius: 50%;
  border: 1px solid var(--swatch-line);
}
</style>
