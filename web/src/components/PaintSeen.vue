<script setup lang="ts">
import type { PaintOnSkin } from '../api/client'
import { say } from '../texts'
import ColourSwatch from './ColourSwatch.vue'

/** What a paint looks like, over the card and on this skin, and how surely its card was read. */
defineProps<{ seen: PaintOnSkin }>()
</script>

<template>
  <div>
    <div class="seen">
      <colour-swatch :colour="seen.overBlack" :width-px="32" :height-px="22" />
      {{ say('paintSeen.overBlack') }}
      <colour-swatch :colour="seen.overWhite" :width-px="32" :height-px="22" />
      {{ say('paintSeen.overWhite') }} <colour-swatch :colour="seen.oneCoat" :width-px="32" :height-px="22" />
      {{ say('paintSeen.oneCoatOnThisSkin') }}
      <colour-swatch :colour="seen.opaque" :width-px="32" :height-px="22" />
      {{
        say('paintSeen.opaque', {
          skin: seen.coatsToHide
            ? say('paintSeen.thisSkin', {
                coatsToHide: seen.coatsToHide,
                hide: seen.coatsToHide === 1 ? say('paintSeen.coatHides') : say('paintSeen.coatsHide'),
              })
            : say('paintSeen.moreThan8CoatsToHide'),
        })
      }}
    </div>
    <p class="faint">
      {{
        say('paintSeen.readFromTheCardOffBy', {
          missOverBlack: seen.card.missOverBlack,
          missOverWhite: seen.card.missOverWhite,
          spreadK: Math.round(100 * seen.card.spreadK),
          spreadS: Math.round(100 * seen.card.spreadS),
        })
      }}
    </p>
    <p v-if="seen.card.doubt" class="warning" role="status">{{ seen.card.doubt }}</p>
  </div>
</template>

<style scoped>
.seen {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 7px;
  margin-top: 12px;
}
</style>
