<script setup lang="ts">
import { say } from '../../texts'
import type { Profile } from '../../api/client'

/** Height over the skin along a tape, mm. */
defineProps<{ profile: Profile }>()
</script>

<template>
  <svg class="profile" viewBox="0 0 280 70" role="img" :aria-label="say('reliefProfile.heightAlongTheTape')">
    <path d="M0 35h280" />
    <polyline
      :points="
        profile.heightMm
          .map(
            (h, k) =>
              `${(280 * k) / Math.max(1, profile.heightMm.length - 1)},${35 - Math.max(-12, Math.min(12, h)) * 2.6}`,
          )
          .join(' ')
      "
    />
    <text x="2" y="12">
      {{ say('reliefProfile.mmUp', { heightMm: Math.max(...profile.heightMm).toFixed(1) }) }}
    </text>
    <text x="2" y="66">
      {{ say('reliefProfile.mmDown', { heightMm: Math.abs(Math.min(...profile.heightMm)).toFixed(1) }) }}
    </text>
    <text x="278" y="66" text-anchor="end">
      {{
        say('reliefProfile.mmOfTape', {
          alongMm: Math.round(profile.alongMm[profile.alongMm.length - 1] ?? 0),
        })
      }}
    </text>
  </svg>
</template>

<style scoped>
.profile {
  background: var(--ground);
  border-radius: 8px;
}

.profile path {
  stroke: var(--line);
}

.profile polyline {
  fill: none;
  stroke: var(--accent);
  stroke-width: 2;
}

.profile text {
  font-size: 11px;
  fill: var(--faint);
}
</style>
