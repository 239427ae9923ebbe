<script setup lang="ts">
import { NSelect } from 'naive-ui'
import { computed, onMounted } from 'vue'
import { picture } from '../api/addresses'
import { useAttempt } from '../lib/attempt'
import { useReferences } from '../stores/references'
import { say } from '../texts'
import FileButton from './FileButton.vue'
import RemovedMenu from './RemovedMenu.vue'

/** Pictures to work after, small, beside each other; others can be added from a file or from the studio. */
const props = defineProps<{ ids: readonly string[]; chosen?: string | null; most: number; fixed?: boolean }>()
const emit = defineEmits<{ hang: [id: string]; choose: [id: string] }>()

const references = useReferences()
const attempt = useAttempt()
const others = computed(() =>
  references.all.filter((r) => !props.ids.includes(r.id)).map((r) => ({ value: r.id, label: r.name })),
)

onMounted(() => attempt(references.load))

const bring = (file: File) => attempt(async () => emit('hang', await references.bring(file)))
</script>

<template>
  <div class="shelf">
    <button
      v-for="id in ids"
      :key="id"
      class="thumb"
      :aria-pressed="id === chosen"
      :title="references.nameOf(id)"
      @click="emit('choose', id)"
    >
      <img :src="picture.reference(id)" :alt="references.nameOf(id)" />
    </button>
    <template v-if="!fixed && ids.length < most">
      <file-button
        size="small"
        :label="say('references.add')"
        :says="say('references.addFile')"
        accept="image/*"
        @chosen="bring"
      />
      <n-select
        v-if="others.length"
        class="others"
        size="small"
        :value="null"
        :options="others"
        :placeholder="say('references.ofTheStudio')"
        :aria-label="say('references.ofTheStudio')"
        @update:value="(id: string) => emit('hang', id)"
      />
    </template>
    <removed-menu kind="references" :after="references.all" @back="attempt(references.load)" />
  </div>
</template>

<style scoped>
.shelf {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 8px;
}

.thumb {
  width: 44px;
  height: 44px;
  padding: 2px;
  border: 2px solid var(--line);
  border-radius: 7px;
  background: none;
  cursor: pointer;
}

.thumb[aria-pressed='true'] {
  border-color: var(--accent);
}

.thumb img {
  width: 100%;
  height: 100%;
  object-fit: cover;
}

.others {
  width: 150px;
}
</style>
