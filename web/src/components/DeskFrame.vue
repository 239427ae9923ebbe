<script setup lang="ts" generic="T extends { name: string }, E extends { id: string; name: string }, A">
import { computed } from 'vue'
import type { useDocumentDesk } from '../lib/documentDesk'
import { useSession } from '../stores/session'
import DocumentTop from './DocumentTop.vue'
import SideList from './SideList.vue'

/** A page about documents of one kind: all of them down the side, the fields of the one in hand, and what follows from it. */
const props = defineProps<{
  desk: ReturnType<typeof useDocumentDesk<T, E, A>>
  /** Of the list, and of a new one in it. */
  title: string
  addLabel: string
  /** How the name of the one in hand is called, and how long it may be. */
  nameSays: string
  letters: number
  /** What a screen reader says of the fields, and of what follows from them. */
  fields: string
  follows: string
  noneYet: string
  whatItIs: string
  duplicate: () => Promise<unknown>
}>()
const emit = defineEmits<{ add: [] }>()

const session = useSession()
const entries = computed(() => props.desk.entries.value)
const stored = computed(() => props.desk.stored.value)
const name = computed({
  get: () => props.desk.form.value.name,
  set: (value: string) => {
    const { form } = props.desk
    form.value.name = value
  },
})
</script>

<template>
  <div class="case">
    <side-list :title="title" :add-label="addLabel" @add="emit('add')">
      <router-link
        v-for="e in entries ?? []"
        :key="e.id"
        :to="`${desk.path}/${e.id}`"
        class="entry"
        :class="{ here: e.id === stored?.id }"
        >{{ e.name }}</router-link
      >
      <slot name="links" />
    </side-list>
    <section v-if="desk.doc.id && stored" class="wanted" :aria-label="fields">
      <document-top
        v-model:name="name"
        :kind="desk.kind"
        :doc="desk.doc"
        :says="nameSays"
        :letters="letters"
        :last="false"
        :all="entries"
        :duplicate="duplicate"
        :reload="desk.reload"
        @removed="desk.removed"
        @copied="desk.reload"
        @back="desk.load()"
      />
      <slot name="open" />
      <div :inert="!session.canChange"><slot /></div>
    </section>
    <section v-if="desk.doc.id && stored" class="packed" :aria-label="follows">
      <slot name="follows" />
    </section>
    <section v-else-if="entries && !stored" class="none">
      <h2>{{ noneYet }}</h2>
      <p class="faint">{{ whatItIs }}</p>
    </section>
  </div>
</template>

<style scoped src="./sideBySide.css"></style>
