<script setup lang="ts">
import { computed } from 'vue'
import type { MeasuredFace, PhotoMeasure } from '../../api/client'
import type { SkinTone } from '../../lib/shots'
import { say } from '../../texts'
import ColourSwatch from '../ColourSwatch.vue'

/** What photos tell of a face: measures with how far they may be off, and what still wants a caliper or tape. */
const props = defineProps<{
  found: MeasuredFace
  skinAt: Record<string, SkinTone>
  /** What hides skin in the photos, in words. */
  signs: readonly string[]
}>()

const taken = computed(() => props.found.measures.filter((m) => m.taken && m.group !== 'leftAndRight'))
const uneven = computed(() => props.found.measures.filter((m) => m.taken && m.group === 'leftAndRight'))
const open = computed(() => props.found.measures.filter((m) => !m.taken && m.group !== 'leftAndRight'))
const names = (measures: PhotoMeasure[]) => measures.map((m) => m.label.toLowerCase()).join(', ')
const ZONES: Record<string, string> = {
  forehead: say('shots.forehead'),
  cheek: say('shots.cheek'),
  neck: say('shots.neck'),
  chest: say('shots.chest'),
}
</script>

<template>
  <div>
    <p v-for="note in [...signs, ...found.notes]" :key="note" class="note">{{ note }}</p>
    <table class="rows">
      <thead>
        <tr>
          <th scope="col">{{ say('shots.measured') }}</th>
          <th scope="col" class="number">mm</th>
          <th scope="col" class="number" :title="say('shots.eightOfTen')">± mm</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="m in taken" :key="m.id">
          <td>{{ m.label }}</td>
          <td class="number">{{ m.mm.toFixed(1) }}</td>
          <td class="number">{{ m.plusMinusMm.toFixed(1) }}</td>
        </tr>
        <tr v-for="m in uneven" :key="m.id">
          <td>{{ m.label }}</td>
          <td class="number">{{ m.mm.toFixed(1) }}</td>
          <td class="number">{{ m.plusMinusMm.toFixed(1) }}</td>
        </tr>
      </tbody>
    </table>
    <p class="faint">{{ say('shots.eightOfTen') }}</p>
    <p v-if="open.length">
      <b>{{ say('shots.wantCaliper') }}</b> {{ names(open) }}
    </p>
    <template v-if="Object.keys(skinAt).length">
      <h3>{{ say('shots.skin') }}</h3>
      <ul class="tones">
        <li v-for="(tone, zone) in skinAt" :key="zone">
          <colour-swatch :colour="tone.hex" :width-px="30" :height-px="20" />
          {{ ZONES[zone] ?? zone }}
          <span class="faint">L* {{ tone.l.toFixed(0) }}</span>
        </li>
      </ul>
    </template>
  </div>
</template>

<style scoped>
.note {
  margin: 0 0 6px;
  padding: 6px 10px;
  border-left: 3px solid var(--warning);
  background: var(--ground);
}

.number {
  text-align: right;
  font-variant-numeric: tabular-nums;
}

table {
  width: 100%;
  max-width: 460px;
}

.tones {
  display: flex;
  flex-wrap: wrap;
  gap: 14px;
  padding: 0;
  list-style: none;
}

.tones li {
  display: flex;
  gap: 6px;
  align-items: center;
}
</style>
