<script setup lang="ts">
import { NModal } from 'naive-ui'
import { ref, useId } from 'vue'
import { say } from '../texts'

/** A dialog with a heading that names it. Escape, its cross and a click beside it close it; the keys stay inside. */
const show = defineModel<boolean>('show', { required: true })
defineProps<{ title: string; widthPx: number }>()

defineOptions({ inheritAttrs: false })
const heading = useId()
const dialog = ref<HTMLElement | null>(null)

// Once the keys are held inside, which they are after all is there.
const beginSoon = () => requestAnimationFrame(begin)

/** Where the hand begins: the field that asks for it, or the dialog itself. */
function begin() {
  const field = dialog.value?.querySelector<HTMLElement>('[autofocus]')
  ;(field ?? dialog.value)?.focus()
}
</script>

<template>
  <n-modal v-model:show="show" :auto-focus="false">
    <div
      ref="dialog"
      class="dialog"
      tabindex="-1"
      role="dialog"
      aria-modal="true"
      :aria-labelledby="heading"
      :style="{ width: `min(${widthPx}px, 94vw)` }"
      @vue:mounted="beginSoon"
    >
      <header>
        <h2 :id="heading">{{ title }}</h2>
        <button class="cross" :aria-label="say('dialogBox.close')" @click="show = false">✕</button>
      </header>
      <slot />
    </div>
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

.dialog:focus {
  outline: none;
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
