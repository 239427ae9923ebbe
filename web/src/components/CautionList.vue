<script setup lang="ts">
import { computed, ref } from 'vue'
import type { Caution } from '../api/client'
import { say } from '../texts'
import CautionLine from './CautionLine.vue'

/** What could go wrong, the gravest first; the rest folded away until somebody wants it. */
const props = defineProps<{ cautions: readonly Caution[] }>()

/** More than this nobody reads beside a chair. */
const SHOWN = 8
const all = ref(false)
// A stop that is still open is never folded away.
const first = computed(() =>
  Math.max(SHOWN, props.cautions.filter((c) => c.severity === 'stop' && c.passed === null).length),
)
const shown = computed(() => (all.value ? props.cautions : props.cautions.slice(0, first.value)))
</script>

<template>
  <caution-line v-for="caution in shown" :key="caution.sentence" :caution="caution" />
  <button v-if="cautions.length > first" class="deed" :aria-expanded="all" @click="all = !all">
    {{ all ? say('cautionList.fewer') : say('cautionList.more', { count: cautions.length - first }) }}
  </button>
</template>
