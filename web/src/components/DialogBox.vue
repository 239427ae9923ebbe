<script setup lang="ts">
import { NModal } from 'naive-ui'
import { useId } from 'vue'
import { say } from '../texts'

/** A dialog with a heading that names it. Escape, its cross and a click beside it close it; the keys stay inside. */
const show = defineModel<boolean>('show', { required: true })
defineProps<{ title: string; widthPx: number }>()

defineOptions({ inheritAttrs: false })
const heading = useId()
</script>

<template>
  <n-modal v-model:show="show">
    <section
      class="dialog"
      role="dialog"
      aria-modal="true"
      :aria-labelledby="heading"
      :style="{ width: `min(${widthPx}px, 94vw)` }"
    >
      <header>
        <h2 :id="heading">{{ title }}</h2>
        <button class="cross" :aria-label="say('dialogBox.close')" @click="show = false">✕</button>
      </header>
      <slot />
    </section>
  </n-modal>
</template>

<style scoped>
.dialog {
  margin: 16px auto;
  padding: 16px 24px 20px;
  border-radius: 12px;
  color: var(--ink);
  background: var(--panel);
  border: 1px solid var(--line);
}

header {
  display: flex;
  align-items: center;
  justify-content: space-between;
  margin-bottom: 12px;
}

.cross {
  width: 34px;
  height: 34px;
  border: 0;
  border-radius: 8px;
  color: inherit;
  background: none;
  cursor: pointer;
}

.cross:hover {
  background: var(--accent-soft);
}
</style>
