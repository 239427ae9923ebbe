<script setup lang="ts">
import { computed } from 'vue'
import type { Packed } from '../api/client'
import { say } from '../texts'
import ColourSwatch from './ColourSwatch.vue'

/** Everything that goes along, pocket by pocket. */
const props = defineProps<{ packed: Packed; evenings: number }>()

type Paint = Packed['packed']['paints'][number]
const found = computed(() => props.packed.packed)
const fresh = computed(() => found.value.tools.filter((t) => t.fresh))
const others = computed(() => found.value.tools.filter((t) => !t.fresh))

const amount = (p: Paint) =>
  p.pieces > 0
    ? say('packedList.pieces', { count: p.pieces })
    : say('packedList.ml', { ml: p.ml.toFixed(1), grams: p.grams.toFixed(1) })

const left = (p: Paint) => Math.round(10 * (p.leftMl ?? 0)) / 10

// From here on somebody should do something about it.
const SHORT = 0.05
function there(p: Paint) {
  if (p.pieces > 0) return ''
  if (p.leftMl === null) return say('packedList.lookHowFull')
  if ((p.buyPots ?? 0) > 0) return say('packedList.buy', { left: left(p), pots: p.buyPots })
  if ((p.lastsEvenings ?? props.evenings) < props.evenings)
    return say('packedList.lastsEvenings', { left: left(p), evenings: p.lastsEvenings })
  if ((p.shortChance ?? 0) > SHORT)
    return say('packedList.mayRunOut', {
      left: left(p),
      chance: Math.round(100 * p.shortChance!),
    })
  return say('packedList.lasts', { left: left(p) })
}

/** What else there is to know of a pot. */
const more = (p: Paint) =>
  [
    p.lastDay && !p.goesOff && say('packedList.lastDay', { on: p.lastDay }),
    p.instead && say('packedList.else', { instead: p.instead }),
  ]
    .filter(Boolean)
    .join('; ')
const isShort = (p: Paint) => (p.buyPots ?? 0) > 0 || (p.shortChance ?? 0) > SHORT
</script>

<template>
  <p class="sum">
    {{ say('packedList.faces', { faces: found.faces, hours: (found.minutes / 60).toFixed(1) }) }}
    <span v-if="found.cost !== null && found.faces > 0">{{
      say('packedList.cost', {
        cost: found.cost.toFixed(2),
        each: (found.cost / found.faces).toFixed(2),
      })
    }}</span>
    <span v-else-if="found.faces > 0" class="faint">{{ say('packedList.costUnknown') }}</span>
  </p>
  <table v-if="found.paints.length" :aria-label="say('packedList.paints')">
    <thead>
      <tr>
        <th>{{ say('packedList.paints') }}</th>
        <th class="n">{{ say('packedList.likely') }}</th>
        <th class="n">{{ say('packedList.pack') }}</th>
        <th>{{ say('packedList.there') }}</th>
      </tr>
    </thead>
    <tbody>
      <tr v-for="p in found.paints" :key="p.paint">
        <td>
          <span class="what"><colour-swatch :colour="p.colour" :width-px="16" /> {{ p.name }}</span>
        </td>
        <td class="n faint">{{ p.pieces > 0 ? '' : `${p.likelyMl.toFixed(1)} ml` }}</td>
        <td class="n">
          <b>{{ amount(p) }}</b>
        </td>
        <td :class="isShort(p) ? 'stop' : 'faint'">
          {{ there(p) }}
          <span v-if="p.goesOff" class="line stop">{{ say('packedList.goesOff', { on: p.lastDay }) }}</span>
          <span v-if="more(p)" class="line faint">{{ more(p) }}</span>
        </td>
      </tr>
    </tbody>
  </table>
  <div class="pockets">
    <section v-if="fresh.length">
      <h3>{{ say('packedList.fresh') }}</h3>
      <ul>
        <li v-for="t in fresh" :key="t.tool">
          <b>{{ t.count }}</b> {{ t.name }}
          <span v-if="t.instead" class="faint">{{ say('packedList.else', { instead: t.instead }) }}</span>
        </li>
      </ul>
    </section>
    <section v-if="others.length">
      <h3>{{ say('packedList.others') }}</h3>
      <ul>
        <li v-for="t in others" :key="t.tool">
          <b>{{ t.count }}</b> {{ t.name }}
          <span v-if="t.instead" class="faint">{{ say('packedList.else', { instead: t.instead }) }}</span>
        </li>
      </ul>
    </section>
    <section v-if="packed.small.length">
      <h3>{{ say('packedList.beside') }}</h3>
      <ul>
        <li v-for="s in packed.small" :key="s.name">
          <b>{{ s.count }}</b> {{ s.name }}
        </li>
      </ul>
    </section>
  </div>
  <p class="faint">{{ say('packedList.estimates') }}</p>
</template>

<style scoped>
.sum {
  margin: 6px 0 12px;
}

table {
  width: 100%;
  border-spacing: 0;
}

th {
  text-align: left;
  font-weight: 600;
}

th,
td {
  padding: 5px 10px 5px 0;
  border-bottom: 1px solid var(--line);
}

.n {
  text-align: right;
  white-space: nowrap;
}

.line {
  display: block;
}

.what {
  display: flex;
  align-items: center;
  gap: 8px;
}

.pockets {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(210px, 1fr));
  gap: 6px 26px;
  margin: 18px 0;
}

h3 {
  margin: 0 0 4px;
}

ul {
  list-style: none;
  margin: 0;
  padding: 0;
}

li {
  padding: 2px 0;
}
</style>
