<script setup lang="ts">
import { NButton } from 'naive-ui'
import { titled } from '../lib/shortcuts'
import { say } from '../texts'

/** A step back, and forth again. */
defineProps<{ doc: { canUndo: boolean; canRedo: boolean; undo: () => void; redo: () => void } }>()
</script>

<template>
  <n-button
    size="small"
    :disabled="!doc.canUndo"
    :title="titled('undo')"
    :aria-label="say('workspaceHead.undo')"
    @click="doc.undo()"
    >↶</n-button
  >
  <n-button
    size="small"
    :disabled="!doc.canRedo"
    :title="titled('redo')"
    :aria-label="say('workspaceHead.redo')"
    @click="doc.redo()"
    >↷</n-button
  >
</template>
