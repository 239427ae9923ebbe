<script setup lang="ts">
import type { PaintOnSkin } from '../api/client'
import { say } from '../texts'

/** What a paint looks like, over the card and on this skin, and how surely its card was read. */
defineProps<{ seen: PaintOnSkin }>()
</script>

<template>
  <div>
    <div class="seen">
      <span class="swatch" :style="{ background: seen.overBlack }" /> {{ say('paintSeen.overBlack') }}
      <span class="swatch" :style="{ background: seen.overWhite }" /> {{ say('paintSeen.overWhite') }}
      <span class="swatch" :style="{ background: seen.oneCoat }" /> {{ say('paintSeen.oneCoatOnThisSkin') }}
      <span class="swatch" :style="{ background: seen.opaque }" />
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

.swatch {
  width: 32px;
  height: 22px;
  border-radius: 4px;
  border: 1px solid var(--swatch-line);
}
</style>
