<script setup lang="ts">
import { NButton } from 'naive-ui'
import { computed, ref } from 'vue'
import { say } from '../texts'

/** A link that is told this once, to be handed on. */
const props = defineProps<{ path: string; says: string }>()
const address = computed(() => window.location.origin + props.path)
const copied = ref(false)

/** Without TLS a browser has no clipboard for pages: then the link can be marked and copied by hand. */
const canCopy = !!navigator.clipboard

async function copy() {
  await navigator.clipboard.writeText(address.value)
  copied.value = true
}
</script>

<template>
  <div class="link" role="status">
    <span class="faint">{{ says }}</span>
    <code>{{ address }}</code>
    <n-button v-if="canCopy" size="small" @click="copy">{{
      copied ? say('oneLink.copied') : say('oneLink.copy')
    }}</n-button>
  </div>
</template>

<style scoped>
.link {
  display: grid;
  gap: 6px;
  justify-items: start;
  padding: 10px 12px;
  border-radius: 8px;
  background: var(--accent-soft);
}

code {
  overflow-wrap: anywhere;
  user-select: all;
}
</style>
