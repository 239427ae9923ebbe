<script setup lang="ts">
import { computed } from 'vue'
import type { FormWish, Lay } from '../../api/client'
import HandField from '../../components/HandField.vue'
import { useForm } from '../../stores/form'
import { usePlan } from '../../stores/plan'
import { say } from '../../texts'

/** With which tools the shades and lights go on, where the painter wants others than her school's. */
const props = defineProps<{ wish: FormWish }>()

const form = useForm()
const planning = usePlan()
const coats = computed(() => planning.plan?.parts.find((p) => p.id === 'form')?.coats ?? [])

function set(role: string, lay: Lay) {
  const laid = { ...props.wish.laid }
  const kept = Object.fromEntries(Object.entries(lay).filter(([, v]) => v !== null && v !== undefined)) as Lay
  if (Object.keys(kept).length > 0) laid[role] = kept
  else delete laid[role]
  form.change({ laid: Object.keys(laid).length > 0 ? laid : null }, `laid/${role}`)
}
</script>

<template>
  <details v-if="coats.length" class="group">
    <summary>{{ say('formHands.withWhichTools') }}</summary>
    <p class="faint">{{ say('formHands.theToneStays') }}</p>
    <div v-for="coat in coats" :key="coat.role">
      <h4>{{ coat.label }}</h4>
      <hand-field
        :label="coat.label"
        :lay="wish.laid?.[coat.role]"
        :usual-tool="coat.usualTool"
        :planned="coat"
        @change="(lay: Lay) => set(coat.role, lay)"
      />
    </div>
  </details>
</template>

<style scoped>
h4 {
  margin: 6px 0 3px;
}
</style>
