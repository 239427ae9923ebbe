<script setup lang="ts">
import { NButton, NDropdown, useDialog, useMessage } from 'naive-ui'
import { computed, h, ref } from 'vue'
import { everythingAbout } from '../api/addresses'
import { documents, type DocumentKind } from '../api/client'
import { useAttempt } from '../lib/attempt'
import { drafts } from '../lib/tabs'
import { useSession } from '../stores/session'
import { say } from '../texts'
import SavesPanel from './SavesPanel.vue'

/** What can be done with a document as a whole. */
const props = defineProps<{
  kind: DocumentKind
  id: string
  revision: number
  name: string
  /** Whether there is no other of its kind. */
  last: boolean
  /** Left out where a second one is of no use. */
  duplicate?: () => Promise<unknown>
  /** It was brought back to an earlier save, or put back: by then this menu may be gone, so it is no event. */
  reload: () => Promise<unknown>
}>()
const emit = defineEmits<{ removed: [] }>()

const session = useSession()
const menu = computed(() => [
  ...(session.canChange && props.duplicate
    ? [{ label: say('documentMenu.duplicate'), key: 'duplicate' }]
    : []),
  { label: say('documentMenu.saveAsFile'), key: 'file' },
  { label: say('documentMenu.earlierSaves'), key: 'saves' },
  ...(session.isOwner && props.kind === 'faces'
    ? [{ label: say('documentMenu.everything'), key: 'everything' }]
    : []),
  ...(session.canChange ? [{ label: say('documentMenu.remove'), key: 'remove' }] : []),
  ...(session.isOwner ? [{ label: say('documentMenu.erase'), key: 'erase' }] : []),
])

const dialog = useDialog()
const message = useMessage()
const attempt = useAttempt()
const saves = ref(false)

async function remove() {
  if (props.last) {
    message.warning(say('documentMenu.lastOne'), { duration: 6000 })
    return
  }
  const { id, kind, reload } = props
  await documents(kind).remove(id, props.revision)
  emit('removed')
  // Said with the way back beside it rather than asked beforehand.
  message.info(
    () =>
      h('span', [
        say('documentMenu.isRemoved', { name: props.name }),
        h(NButton, { size: 'tiny', onClick: () => void attempt(() => putBack(kind, id, reload)) }, () =>
          say('documentMenu.putItBack'),
        ),
      ]),
    { duration: 12000, closable: true },
  )
}

async function putBack(kind: DocumentKind, id: string, reload: () => Promise<unknown>) {
  await documents(kind).putBack(id)
  message.destroyAll()
  await reload()
}

// There is no way back from this, so it is asked beforehand.
function askToErase() {
  if (props.last) {
    message.warning(say('documentMenu.lastOne'), { duration: 6000 })
    return
  }
  dialog.warning({
    title: say('documentMenu.eraseTitle', { name: props.name }),
    content: say('documentMenu.eraseSays'),
    positiveText: say('documentMenu.erase'),
    negativeText: say('documentMenu.keep'),
    onPositiveClick: () => attempt(erase),
  })
}

async function erase() {
  await documents(props.kind).erase(props.id)
  drafts.drop(props.kind, props.id)
  emit('removed')
}

function choose(key: string) {
  if (key === 'duplicate' && props.duplicate) void attempt(props.duplicate)
  else if (key === 'file') window.location.assign(documents(props.kind).file(props.id))
  else if (key === 'saves') saves.value = true
  else if (key === 'everything') window.location.assign(everythingAbout(props.id))
  else if (key === 'erase') askToErase()
  else void attempt(remove)
}
</script>

<template>
  <n-dropdown trigger="click" :options="menu" @select="choose">
    <n-button quaternary :aria-label="say('documentMenu.moreFor', { name })">{{
      say('documentMenu.more')
    }}</n-button>
  </n-dropdown>
  <saves-panel :id="id" v-model:show="saves" :kind="kind" :revision="revision" @restored="reload" />
</template>
