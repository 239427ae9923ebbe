<script setup lang="ts">
import { NButton } from 'naive-ui'
import { address, ideaFile } from '../api/addresses'
import { api, documents, type IdeaHead } from '../api/client'
import { useAttempt } from '../lib/attempt'
import { useSession } from '../stores/session'
import { say } from '../texts'
import DialogBox from './DialogBox.vue'
import FileButton from './FileButton.vue'
import RemovedMenu from './RemovedMenu.vue'

/** The ideas that words can name: those of the program, and the studio's own, which come from files and go out as files. */
const show = defineModel<boolean>('show', { required: true })
defineProps<{ ideas: IdeaHead[] }>()
const emit = defineEmits<{ changed: [] }>()

const session = useSession()
const attempt = useAttempt()

const change = async (work: () => Promise<unknown>) => {
  if (await attempt(work)) emit('changed')
}

const bring = (file: File) => change(async () => api.importIdea(await file.text()))
const takeOut = (idea: IdeaHead) => change(() => documents('ideas').remove(idea.id!, idea.revision!))
</script>

<template>
  <dialog-box v-model:show="show" :title="say('ideas.ideas')" :width-px="620">
    <p class="faint">
      {{ say('ideas.anIdeaIsAFile') }}
      <a :href="address('/schemas/idea-1.schema.json', {})" target="_blank">{{ say('ideas.whatItSays') }}</a>
    </p>
    <ul>
      <li v-for="idea in ideas" :key="idea.id ?? idea.name">
        <span
          ><b>{{ idea.name }}</b>
          <span v-if="idea.id" class="own">{{ say('ideas.yourOwn') }}</span><br /><span class="faint">{{
            idea.words.join(', ')
          }}</span></span
        >
        <a
          :href="ideaFile(idea.id, idea.name)"
          download
          :aria-label="say('ideas.saveAsAFile', { idea: idea.name })"
          >{{ say('ideas.file') }}</a
        >
        <n-button
          v-if="idea.id && session.canChange"
          size="small"
          :aria-label="say('ideas.takeOutOf', { idea: idea.name })"
          @click="takeOut(idea)"
          >{{ say('ideas.takeOut') }}</n-button
        >
      </li>
    </ul>
    <div class="row">
      <file-button
        v-if="session.canChange"
        :label="say('ideas.bringIn')"
        :says="say('ideas.ideaFile')"
        accept=".json,application/json"
        @chosen="bring"
      />
      <removed-menu kind="ideas" :after="ideas" @back="emit('changed')" />
    </div>
  </dialog-box>
</template>

<style scoped>
ul {
  list-style: none;
  margin: 10px 0 14px;
  padding: 0;
  max-height: 52vh;
  overflow-y: auto;
}

li {
  display: grid;
  grid-template-columns: 1fr auto auto;
  align-items: center;
  gap: 14px;
  padding: 6px 8px 6px 0;
  border-bottom: 1px solid var(--line);
}

.own {
  padding: 1px 7px;
  border-radius: 9px;
  background: var(--accent-soft);
  font-size: 12px;
}

.row {
  display: flex;
  gap: 12px;
}
</style>
