<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { api, type GalleryEntry, type Look } from '../api/client'
import { useCatalogue } from '../stores/catalogue'
import { say } from '../texts'
import DialogBox from './DialogBox.vue'
import LookPicture from './LookPicture.vue'

/** Two looks beside each other on the same face: pictures, minutes, and what only one of them has. */
const show = defineModel<boolean>('show', { required: true })
const props = defineProps<{ looks: GalleryEntry[] }>()

const catalogue = useCatalogue()
const read = ref<Look[]>([])
const problem = ref('')

watch(show, async (open) => {
  read.value = []
  problem.value = ''
  if (!open) return
  try {
    read.value = (await Promise.all(props.looks.map((l) => api.look(l.id)))).map((l) => l.look)
  } catch (error) {
    problem.value = (error as Error).message
  }
})

const partsOf = (look: Look | undefined) =>
  new Set((look?.parts ?? []).map((p) => catalogue.words.kindOf(p.kind)))
const paintsOf = (look: Look | undefined) =>
  new Set(
    (look?.parts ?? []).flatMap((p) =>
      Object.values(p.paints ?? {}).flatMap((m) => m.map((s) => catalogue.words.paintOf(s.paint))),
    ),
  )
const only = (of: (look: Look | undefined) => Set<string>, k: number) =>
  [...of(read.value[k])].filter((x) => !of(read.value[1 - k]).has(x)).join(', ') || say('gallery.nothing')
const both = computed(
  () =>
    [...partsOf(read.value[0])].filter((x) => partsOf(read.value[1]).has(x)).join(', ') ||
    say('gallery.nothing'),
)
</script>

<template>
  <dialog-box v-model:show="show" :title="say('gallery.twoLooks')" :width-px="860">
    <p v-if="problem" class="stop" role="alert">{{ problem }}</p>
    <div class="two">
      <section v-for="(look, k) in looks" :key="look.id">
        <look-picture :look="look" />
        <h3>
          <router-link :to="`/looks/${look.id}`">{{ look.name }}</router-link>
        </h3>
        <p v-if="look.facts">
          {{
            say('gallery.facts', {
              minutes: look.facts.sureMinutes,
              steps: look.facts.steps,
              area: look.facts.paintedCm2,
            })
          }}
        </p>
        <template v-if="read.length === 2">
          <p>
            <span class="faint">{{ say('gallery.onlyHere') }}</span> {{ only(partsOf, k) }}
          </p>
          <p>
            <span class="faint">{{ say('gallery.paintsOnlyHere') }}</span> {{ only(paintsOf, k) }}
          </p>
        </template>
      </section>
    </div>
    <p v-if="read.length === 2">
      <span class="faint">{{ say('gallery.inBoth') }}</span> {{ both }}
    </p>
  </dialog-box>
</template>

<style scoped>
.two {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 20px;
}

img {
  width: 100%;
  height: auto;
  border-radius: 10px;
}

h3,
p {
  margin: 8px 0 0;
}
</style>
