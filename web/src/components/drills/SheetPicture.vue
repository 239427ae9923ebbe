<script setup lang="ts">
import { computed } from 'vue'
import type { DrillSheet } from '../../api/types'
import { say } from '../../texts'

/** A sheet as it is printed or as the hand lies, and over it the strokes as they were made. */
const props = defineProps<{ sheet: DrillSheet; seen: readonly (readonly number[])[]; words: boolean }>()

const ring = (flat: readonly number[]) =>
  flat.reduce((text, v, k) => `${text}${k === 0 ? '' : k % 2 ? ',' : ' '}${v}`, '')
const marks = computed(() =>
  props.sheet.markWords.map((words, k) => ({
    words,
    x: props.sheet.marks[2 * k]!,
    y: props.sheet.marks[2 * k + 1]!,
  })),
)
</script>

<template>
  <svg
    :viewBox="`0 0 ${sheet.widthMm} ${sheet.heightMm}`"
    role="img"
    :aria-label="say('drills.picture', { wide: sheet.widthMm.toFixed(0), high: sheet.heightMm.toFixed(0) })"
  >
    <polygon class="ground" :class="{ card: !words }" :points="ring(sheet.outline)" />
    <polygon v-for="(s, k) in sheet.strokes" :key="k" class="wanted" :points="ring(s)" />
    <polygon
      v-for="(s, k) in seen.filter((one) => one.length)"
      :key="`s${k}`"
      class="seen"
      :points="ring(s)"
    />
    <template v-if="words">
      <g v-for="(m, k) in marks" :key="m.words">
        <path class="mark" :d="`M${m.x - 2} ${m.y}h4M${m.x} ${m.y - 2}v4`" />
        <text :x="m.x" :y="m.y < sheet.heightMm / 2 ? m.y - 4 : m.y + 8" text-anchor="middle">
          {{ k + 1 }}
        </text>
      </g>
    </template>
  </svg>
  <p v-if="words" class="faint">
    {{ marks.map((m, k) => say('shots.markOf', { n: k + 1, words: m.words })).join(' · ') }}
  </p>
</template>

<style scoped>
svg {
  display: block;
  width: 100%;
  max-height: 46vh;
  overflow: visible;
}

.ground {
  fill: var(--panel);
  stroke: var(--faint);
  stroke-width: 0.4;
}

.card {
  fill: var(--card-white);
  stroke: var(--card-black);
  stroke-width: 0.8;
}

.wanted {
  fill: none;
  stroke: var(--accent);
  stroke-width: 0.5;
}

.seen {
  fill: var(--ink);
  fill-opacity: 0.35;
}

.card ~ .seen {
  fill: var(--card-black);
}

.mark {
  stroke: var(--ink);
  stroke-width: 0.5;
}

text {
  fill: var(--faint);
  font-size: 5px;
}
</style>
