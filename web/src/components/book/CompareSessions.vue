<script setup lang="ts">
import { NSelect } from 'naive-ui'
import { computed, ref, shallowRef, watch } from 'vue'
import { chair } from '../../api/chairCalls'
import type { ChairEvent, PaintingEntry } from '../../api/client'
import { useAttempt } from '../../lib/attempt'
import { beside } from '../../lib/compareSessions'
import { clock } from '../../lib/format'
import { say } from '../../texts'
import SessionPhotos from './SessionPhotos.vue'

/** Two sessions of one look beside each other: photos, times step by step, notes. */
const props = defineProps<{ here: PaintingEntry; all: readonly PaintingEntry[] }>()

const attempt = useAttempt()
const other = ref<string | null>(null)
const events = shallowRef<Record<string, readonly ChairEvent[]>>({})

const same = computed(() =>
  props.all.filter((e) => e.id !== props.here.id && e.painting.look === props.here.painting.look),
)
const there = computed(() => same.value.find((e) => e.id === other.value))

watch(
  () => props.here.id,
  () => (other.value = null),
)
watch(there, async (found) => {
  if (!found) return
  const { id } = props.here
  await attempt(async () => {
    const [a, b] = await Promise.all([chair.events(id), chair.events(found.id)])
    events.value = { [id]: a, [found.id]: b }
  })
})

const told = computed(() =>
  there.value && events.value[there.value.id]
    ? beside(
        { painting: props.here.painting, events: events.value[props.here.id] ?? [] },
        { painting: there.value.painting, events: events.value[there.value.id]! },
      )
    : null,
)
const time = (seconds: number | null) => (seconds === null ? '–' : clock(seconds))
</script>

<template>
  <section v-if="same.length" :aria-label="say('compare.title')">
    <header>
      <h2>{{ say('compare.title') }}</h2>
      <n-select
        v-model:value="other"
        class="other"
        size="small"
        clearable
        :options="same.map((e) => ({ value: e.id, label: e.painting.name }))"
        :placeholder="say('compare.with')"
        :aria-label="say('compare.with')"
      />
    </header>
    <template v-if="told && there">
      <table class="rows">
        <thead>
          <tr>
            <th>{{ say('sessionSteps.step') }}</th>
            <th class="n">{{ here.painting.on }}</th>
            <th class="n">{{ there.painting.on }}</th>
            <th class="n">{{ say('times.change') }}</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="s in told.steps" :key="s.key">
            <td>{{ s.title }}</td>
            <td class="n">{{ time(s.here) }}</td>
            <td class="n">{{ time(s.there) }}</td>
            <td class="n" :class="{ slower: (s.change ?? 0) > 0 }">
              {{ s.change === null ? '' : `${s.change > 0 ? '+' : '−'}${clock(Math.abs(s.change))}` }}
            </td>
          </tr>
          <tr>
            <td>
              <b>{{ say('compare.whole') }}</b>
            </td>
            <td class="n">{{ time(told.here) }}</td>
            <td class="n">{{ time(told.there) }}</td>
            <td />
          </tr>
        </tbody>
      </table>
      <div class="two">
        <div>
          <session-photos :id="here.id" fixed />
          <p v-for="n in told.notesHere" :key="n">{{ n }}</p>
        </div>
        <div>
          <session-photos :id="there.id" fixed />
          <p v-for="n in told.notesThere" :key="n">{{ n }}</p>
        </div>
      </div>
    </template>
  </section>
</template>

<style scoped>
header {
  display: flex;
  align-items: center;
  gap: 12px;
  margin-top: 18px;
}

h2 {
  margin: 0;
  font-size: 16px;
}

.other {
  width: 240px;
}

.slower {
  color: var(--warning);
}

.two {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 16px;
}
</style>
