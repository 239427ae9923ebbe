<script setup lang="ts">
import { say } from '../texts'
import ColourSwatch from './ColourSwatch.vue'
import type { PaintOnSkin } from '../api/client'
import { MATERIALS } from '../lib/materials'

/** The paints of a kit as they behave on one skin. */
defineProps<{ paints: PaintOnSkin[] }>()
const emit = defineEmits<{ edit: [id: string] }>()

function coats(paint: PaintOnSkin) {
  if (paint.coatsToHide === null) return say('paintTable.moreThan8')
  return say(paint.coatsToHide === 1 ? 'paintTable.coat' : 'paintTable.coats', { count: paint.coatsToHide })
}
</script>

<template>
  <table>
    <thead>
      <tr>
        <th>{{ say('paintTable.paint') }}</th>
        <th :title="say('paintTable.theCardSFilmOverBlack')">{{ say('paintTable.card') }}</th>
        <th>{{ say('paintTable.oneCoatHere') }}</th>
        <th>{{ say('paintTable.toHideThisSkin') }}</th>
        <th :title="say('paintTable.ofOneCoatOverBlackAnd')">{{ say('paintTable.hides') }}</th>
        <th>{{ say('paintTable.driesIn') }}</th>
        <th>{{ say('paintTable.notFor') }}</th>
        <th>{{ say('paintTable.left') }}</th>
      </tr>
    </thead>
    <tbody>
      <tr v-for="p in paints" :key="p.id">
        <td>
          <button
            class="name"
            :title="say('paintTable.change', { name: p.name })"
            @click="emit('edit', p.id)"
          >
            <span class="paint-dot" :style="{ background: p.opaque }" /> {{ p.name }}
          </button>
          <span class="faint"
            >{{ p.stripe ? `${p.stripe.cake}, ${p.stripe.place}` : MATERIALS[p.material] }},
            {{ p.finish }}</span
          >
        </td>
        <td>
          <span class="card"
            ><span :style="{ background: p.overBlack }" /><span :style="{ background: p.overWhite }"
          /></span>
        </td>
        <td><colour-swatch :colour="p.oneCoat" :width-px="44" :height-px="24" /></td>
        <td class="figure">{{ coats(p) }}</td>
        <td>{{ Math.round(100 * p.contrastRatio) }} %</td>
        <td>{{ p.dryingSeconds }} s</td>
        <td :class="{ warning: !p.nearEyes || !p.onLips }">
          {{
            [p.nearEyes ? '' : say('paintTable.eyes'), p.onLips ? '' : say('paintTable.lips')]
              .filter(Boolean)
              .join(', ')
          }}
        </td>
        <td>
          {{ p.leftMl == null ? '' : `${p.leftMl} ml` }}
          <span v-if="p.price != null" class="faint price">{{
            say('paintTable.aPot', { price: p.price.toFixed(2) })
          }}</span>
        </td>
      </tr>
    </tbody>
  </table>
</template>

<style scoped>
table {
  border-collapse: collapse;
  width: 100%;
}

th {
  text-align: left;
  font-weight: 600;
  padding: 6px 8px;
}

td {
  border-top: 1px solid var(--line);
  padding: 7px 8px;
}

td .faint {
  display: block;
  padding-left: 22px;
}

.name {
  border: 0;
  padding: 0;
  background: none;
  min-height: 28px;
  cursor: pointer;
  text-align: left;
}

.name:hover {
  text-decoration: underline;
  text-underline-offset: 3px;
}

td .price {
  padding-left: 0;
}

.card {
  display: inline-flex;
  border: 1px solid var(--swatch-line);
  border-radius: 4px;
  overflow: hidden;
}

.card span {
  width: 24px;
  height: 24px;
}

.card span:first-child {
  box-shadow: inset 0 -4px 0 var(--card-black);
}

.card span:last-child {
  box-shadow: inset 0 -4px 0 var(--card-white);
}

@media (width <= 640px) {
  th:nth-child(5),
  td:nth-child(5),
  th:nth-child(6),
  td:nth-child(6) {
    display: none;
  }
}
</style>
