<script setup lang="ts">
import { computed, ref } from 'vue'
import type { Review, ReviewFinding } from '../../api/client'
import { say } from '../../texts'
import ColourSwatch from '../ColourSwatch.vue'

/** What came out otherwise than planned: the three worst first, then the rest, then every part. */
const props = defineProps<{ review: Review }>()
const FIRST = 3

const all = ref(false)
const listed = computed<ReviewFinding[]>(() =>
  all.value ? props.review.findings : props.review.findings.slice(0, FIRST),
)
const number = (value: number | null | undefined, digits = 1) =>
  value === null || value === undefined ? '–' : value.toFixed(digits)
const SIDES = { left: say('over.left'), right: say('over.right'), middle: '' } as const
</script>

<template>
  <div>
    <p v-if="!review.findings.length" class="good">{{ say('over.nothing') }}</p>
    <ol class="findings">
      <li v-for="f in listed" :key="`${f.kind}${f.partId}${f.side}`">
        <b>{{ f.words }}</b>
        <span>{{ f.mending }}</span>
        <span class="faint">{{ say('over.minutes', { minutes: f.mendingMinutes }) }}</span>
      </li>
    </ol>
    <button v-if="review.findings.length > FIRST" class="link" @click="all = !all">
      {{ all ? say('over.fewer') : say('over.more', { more: review.findings.length - FIRST }) }}
    </button>
    <p v-if="!review.whiteKnown" class="faint">{{ say('over.noWhite') }}</p>
    <template v-if="review.rules.length || review.rulesKept">
      <h3>{{ say('over.character') }}</h3>
      <p class="faint">{{ say('over.rulesKept', { kept: review.rulesKept }) }}</p>
      <ul>
        <li v-for="rule in review.rules" :key="rule">{{ rule }}</li>
      </ul>
    </template>
    <details>
      <summary>{{ say('over.everyPart') }}</summary>
      <div class="scroll">
        <table class="rows">
          <thead>
            <tr>
              <th scope="col">{{ say('over.part') }}</th>
              <th scope="col" class="number">{{ say('over.outMm') }}</th>
              <th scope="col" class="number">{{ say('over.upMm') }}</th>
              <th scope="col" class="number">± mm</th>
              <th scope="col" class="number">{{ say('over.largerPercent') }}</th>
              <th scope="col" class="number">ΔE00</th>
              <th scope="col">{{ say('over.plannedSeen') }}</th>
            </tr>
          </thead>
          <tbody>
            <tr v-for="f in review.figures" :key="`${f.partId}${f.side}`">
              <td>{{ f.label }} {{ SIDES[f.side] }}</td>
              <td class="number">{{ number(f.outMm) }}</td>
              <td class="number">{{ number(f.upMm) }}</td>
              <td class="number">{{ number(f.plusMinusMm) }}</td>
              <td class="number">{{ number(f.largerPercent, 0) }}</td>
              <td class="number">{{ number(f.deltaE) }}</td>
              <td>
                <template v-if="f.plannedColour && f.seenColour">
                  <colour-swatch :colour="f.plannedColour" :width-px="22" :height-px="16" />
                  <colour-swatch :colour="f.seenColour" :width-px="22" :height-px="16" />
                </template>
              </td>
            </tr>
          </tbody>
        </table>
      </div>
    </details>
  </div>
</template>

<style scoped>
.findings {
  display: grid;
  gap: 12px;
  padding-left: 1.4em;
  margin: 0 0 8px;
}

.findings li::marker {
  font-weight: 700;
  color: var(--accent);
}

.findings li > * {
  display: block;
}

.good {
  color: var(--good);
  font-weight: 700;
}

.link {
  min-height: 32px;
  padding: 0;
  border: 0;
  background: none;
  color: var(--accent);
  font: inherit;
  text-decoration: underline;
  cursor: pointer;
}

.number {
  text-align: right;
  font-variant-numeric: tabular-nums;
}

.scroll {
  overflow-x: auto;
}

summary {
  min-height: 32px;
  cursor: pointer;
}
</style>
