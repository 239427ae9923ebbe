<script setup lang="ts">
import { NButton } from 'naive-ui'
import { shallowRef, watch } from 'vue'
import { picture } from '../../api/addresses'
import { chair } from '../../api/chairCalls'
import type { SessionPhoto } from '../../api/client'
import { useAttempt } from '../../lib/attempt'
import { freshName } from '../../lib/freshName'
import { readPhoto, toKeep } from '../../lib/photo'
import { say } from '../../texts'
import FileButton from '../FileButton.vue'

/** Photos of a session: of a person, so each can be deleted at once and for good. */
const props = defineProps<{ id: string; fixed?: boolean }>()

const attempt = useAttempt()
const photos = shallowRef<readonly SessionPhoto[]>([])

async function load() {
  const id = props.id
  const found = await chair.photos(id)
  if (id === props.id) photos.value = found
}

watch(
  () => props.id,
  () => {
    photos.value = []
    void attempt(load)
  },
  { immediate: true },
)

const bring = (file: File) =>
  attempt(async () => {
    await chair.addPhoto(props.id, freshName(), new Date().toISOString(), await toKeep(await readPhoto(file)))
    await load()
  })

const remove = (photo: string) =>
  attempt(async () => {
    await chair.deletePhoto(props.id, photo)
    await load()
  })
</script>

<template>
  <section v-if="photos.length || !fixed" :aria-label="say('photos.title')">
    <div class="photos">
      <figure v-for="p in photos" :key="p.id">
        <a :href="picture.sessionPhoto(id, p.id)" target="_blank"
          ><img :src="picture.sessionPhoto(id, p.id)" :alt="say('photos.taken', { at: p.takenAt })"
        /></a>
        <n-button v-if="!fixed" size="tiny" @click="remove(p.id)">{{ say('photos.delete') }}</n-button>
      </figure>
    </div>
    <file-button
      v-if="!fixed"
      size="small"
      :label="say('photos.add')"
      :says="say('photos.add')"
      accept="image/*"
      @chosen="bring"
    />
  </section>
</template>

<style scoped>
.photos {
  display: flex;
  flex-wrap: wrap;
  gap: 10px;
  margin: 8px 0;
}

figure {
  display: grid;
  gap: 4px;
  margin: 0;
}

img {
  height: 120px;
  border-radius: 8px;
}
</style>
