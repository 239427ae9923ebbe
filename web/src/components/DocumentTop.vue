<script setup lang="ts">
import { NInput } from 'naive-ui'
import type { DocumentKind } from '../api/client'
import type { SavedDocument } from '../lib/document'
import { useSession } from '../stores/session'
import DocumentMenu from './DocumentMenu.vue'
import RemovedMenu from './RemovedMenu.vue'
import SaveNotice from './SaveNotice.vue'
import SaveState from './SaveState.vue'
import UndoButtons from './UndoButtons.vue'

/** The head of a page on which one document is written: its name, whether it is saved, and what can be done with it as a whole. */
const name = defineModel<string>('name', { required: true })
defineProps<{
  kind: DocumentKind
  doc: SavedDocument
  /** How its name is called. */
  says: string
  letters: number
  last: boolean
  /** Everything of its kind: what was removed is asked for again when it changes. */
  all: unknown
  duplicate: () => Promise<unknown>
  reload: () => Promise<unknown>
}>()
const emit = defineEmits<{ removed: []; copied: [id: string]; back: [] }>()

const session = useSession()
</script>

<template>
  <header>
    <n-input
      v-model:value="name"
      class="name"
      :readonly="!session.canChange"
      :maxlength="letters"
      :input-props="{ 'aria-label': says }"
    />
    <save-state :state="doc.saveState" :message="doc.saveMessage" />
    <div v-if="session.canChange" class="undo"><undo-buttons :doc="doc" /></div>
    <document-menu
      :id="doc.id"
      :kind="kind"
      :revision="doc.revision"
      :name="doc.value.name"
      :last="last"
      :duplicate="duplicate"
      :reload="reload"
      @removed="emit('removed')"
    />
    <removed-menu :kind="kind" :after="all" @back="emit('back')" />
    <div class="notice"><save-notice :doc="doc" @copied="(id: string) => emit('copied', id)" /></div>
  </header>
</template>

<style scoped>
/* Stays in sight: whether it is saved, and what stands in the way, concerns every field below. */
header {
  position: sticky;
  top: 0;
  z-index: 2;
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 8px 12px;
  padding: 14px 0;
  background: var(--panel);
}

.undo {
  display: flex;
  gap: 12px;
}

.notice {
  flex-basis: 100%;
}

.notice:empty {
  display: none;
}

.name {
  flex: 1 1 250px;
  max-width: 340px;
  font-family: 'Fraunces Variable', serif;
  font-size: 18px;
}
</style>
