<script setup lang="ts">
import { NSlider } from 'naive-ui'
import { ref } from 'vue'
import { say } from '../../texts'

/** The photo and the plan from the same place, one over the other: the slider moves the edge between them. */
defineProps<{
  photo: string
  planned: string | null
  size: { width: number; height: number }
  /** Findings in this photo, x and y by turns. */
  spots: readonly number[]
}>()

const share = ref(50)
</script>

<template>
  <figure>
    <svg :viewBox="`0 0 ${size.width} ${size.height}`" role="img" :aria-label="say('over.photoAndPlan')">
      <image :href="photo" :width="size.width" :height="size.height" />
      <svg v-if="planned" :width="(size.width * share) / 100" :height="size.height">
        <image :href="planned" :width="size.width" :height="size.height" />
      </svg>
      <line
        v-if="planned"
        :x1="(size.width * share) / 100"
        :x2="(size.width * share) / 100"
        y1="0"
        :y2="size.height"
        :stroke-width="size.width / 400"
      />
      <g v-for="(_, k) in Math.floor(spots.length / 2)" :key="k">
        <g v-if="spots[2 * k]! >= 0" :transform="`translate(${spots[2 * k]} ${spots[2 * k + 1]})`">
          <circle :r="size.width / 42" :stroke-width="size.width / 300" />
          <text :font-size="size.width / 30" :dy="size.width / 85" text-anchor="middle">{{ k + 1 }}</text>
        </g>
      </g>
    </svg>
    <figcaption v-if="planned">
      <span>{{ say('over.planned') }}</span>
      <n-slider v-model:value="share" :tooltip="false" :aria-label="say('over.edge')" />
      <span>{{ say('over.photo') }}</span>
    </figcaption>
  </figure>
</template>

<style scoped>
figure {
  margin: 0;
}

figure > svg {
  display: block;
  width: 100%;
  max-height: 66vh;
  background: var(--surround);
  border-radius: 6px;
}

line {
  stroke: var(--on-picture);
}

circle {
  fill: var(--panel);
  stroke: var(--accent);
}

text {
  fill: var(--ink);
  font-weight: 700;
}

figcaption {
  display: grid;
  grid-template-columns: auto 1fr auto;
  gap: 12px;
  align-items: center;
  min-height: 40px;
}
</style>
