<script setup lang="ts">
import { picture } from '../api/addresses'
import type { GalleryEntry } from '../api/client'
import { useCatalogue } from '../stores/catalogue'
import { usePreferences } from '../stores/preferences'
import { say } from '../texts'
import RetriedImage from './RetriedImage.vue'

/** A look of the gallery, painted on the face chosen there. */
defineProps<{ look: GalleryEntry }>()

const catalogue = useCatalogue()
const preferences = usePreferences()
</script>

<template>
  <retried-image
    :src="
      picture.look(
        look.id,
        look.revision,
        preferences.face,
        preferences.kit,
        preferences.setting,
        catalogue.face?.revision ?? 0,
      )
    "
    :alt="say('lookCard.painted', { name: look.name })"
    :width="320"
    :height="360"
  />
</template>
