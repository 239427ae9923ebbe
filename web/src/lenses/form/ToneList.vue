<script setup lang="ts">
import { say } from '../../texts'
import type { Form } from '../../api/client'

/** The tones of the map, lightest first, and where each lies. */
defineProps<{ form: Form }>()

const sideWord = { left: say('toneList.left'), right: say('toneList.right'), middle: '' }
</script>

<template>
  <section class="group">
    <h3>{{ say('toneList.tonesAndPlaces') }}</h3>
    <ul class="tones">
      <li v-for="t in form.tones" :key="t.number">
        <span class="number" :class="{ light: t.isLight }">{{ t.number }}</span>
        <span>
          {{ t.change > 0 ? '+' : '−' }}{{ Math.abs(t.change) }} L*, {{ t.areaCm2 }} cm²
          <span class="faint">{{ t.paint }}, {{ t.filmUm }} µm</span>
        </span>
      </li>
    </ul>
    <p class="faint">{{ say('toneList.theBaseIsTone1Is', { baseNumber: form.baseNumber }) }}</p>
    <table>
      <tbody>
        <tr v-for="(p, k) in form.places" :key="k">
          <td>{{ p.zone }}{{ sideWord[p.side] }}</td>
          <td>{{ say('toneList.tone', { tone: p.tone }) }}</td>
          <td class="figure">{{ p.areaCm2 }} cm²</td>
        </tr>
      </tbody>
    </table>
  </section>
</template>

<style scoped>
.tones {
  list-style: none;
  margin: 0;
  padding: 0;
  display: grid;
  gap: 6px;
}

.tones li {
  display: grid;
  grid-template-columns: 26px 1fr;
  gap: 9px;
}

.tones .faint {
  display: block;
}

.number {
  width: 26px;
  height: 26px;
  border-radius: 50%;
  display: grid;
  place-items: center;
  font-weight: 700;
  background: var(--night);
  color: var(--on-picture);
}

.number.light {
  background: var(--on-picture);
  color: var(--night);
  box-shadow: inset 0 0 0 1px var(--line);
}

table {
  width: 100%;
  border-collapse: collapse;
}

td {
  padding: 3px 6px 3px 0;
  border-top: 1px solid var(--line);
}

td:last-child {
  text-align: right;
}
</style>
