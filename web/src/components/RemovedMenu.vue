<script setup lang="ts">
import { NButton, NDropdown, useMessage } from 'naive-ui'
import { ref, watch } from 'vue'
import { documents, type DocumentKind } from '../api/client'
import { useSession } from '../stores/session'
import { say } from '../texts'

/** What was removed and can be put back; nothing is shown when there is nothing. */
const props = defineProps<{
  kind: DocumentKind
  /** Asked anew whenever this changes. */
  after: unknown
}>()
const emit = defineEmits<{ back: [] }>()

const session = useSession()
const message = useMessage()
const removed = ref<{ id: string; name: string }[]>([])

async function load() {
  try {
    removed.value = await documents(props.kind).removed()
  } catch {
    removed.value = []
  }
}

async function putBack(id: string) {
  try {
    await documents(props.kind).putBack(id)
    message.destroyAll()
    emit('back')
    await load()
  } catch (error) {
    message.error((error as Error).message, { duration: 9000, closable: true })
  }
}

watch(() => props.after, load, { immediate: true })
</script>

<template>
  <n-dropdown
    v-if="removed.length > 0 && session.canChange"
    trigger="click"
    :options="removed.map((d) => ({ label: say('removedMenu.putBack', { name: d.name }), key: d.id }))"
    @select="putBack"
  >
    <n-button quaternary>{{ say('removedMenu.removed', { count: removed.length }) }}</n-button>
  </n-dropdown>
</template>
