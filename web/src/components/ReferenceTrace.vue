<script setup lang="ts">
import { NButton, NSelect, NSwitch } from 'naive-ui'
import { computed, ref, watch } from 'vue'
import { api } from '../api/client'
import { liesAcross, onTheLeft } from '../lib/ownPoints'
import { further, MATCHES, SEEN_FROM, traceOf, USUAL_LANDMARKS, type Spot } from '../lib/trace'
import { useCatalogue } from '../stores/catalogue'
import { OWN_LINE } from '../stores/drawing'
import { useLook } from '../stores/look'
import { usePlan } from '../stores/plan'
import { usePreferences } from '../stores/preferences'
import { useSession } from '../stores/session'
import { say } from '../texts'

/** A line traced over the picture in hand: three landmarks say how it lies on the face. */
const props = defineProps<{ picture: { width: number; height: number } }>()

const AS_THEY_TELL = 'told'
const FROM = [
  { value: AS_THEY_TELL, label: say('references.asTheyTell') },
  { value: 'front', label: say('references.front') },
  { value: 'leftQuarter', label: say('references.leftQuarter') },
  { value: 'rightQuarter', label: say('references.rightQuarter') },
  { value: 'leftSide', label: say('references.leftSide') },
  { value: 'rightSide', label: say('references.rightSide') },
]

const preferences = usePreferences()
const catalogue = useCatalogue()
const planning = usePlan()
const lookDoc = useLook()
const session = useSession()
const landmarks = ref([...USUAL_LANDMARKS])
const matches = ref<(Spot | null)[]>(Array(MATCHES).fill(null))
const points = ref<Spot[]>([])
const from = ref(AS_THEY_TELL)
const closed = ref(false)
const problem = ref('')
const hanging = ref(false)

const places = computed(() =>
  Object.keys(planning.body?.landmarks ?? {})
    .map((id) => ({ value: id, label: wordsOf(id) }))
    .sort((a, b) => a.label.localeCompare(b.label)),
)
/** The landmark that is pointed at next; none when all three are found. */
const next = computed(() => matches.value.findIndex((m) => !m))
const ready = computed(() =>
  traceOf(
    landmarks.value,
    matches.value,
    points.value,
    from.value === AS_THEY_TELL ? null : SEEN_FROM[from.value as keyof typeof SEEN_FROM],
    closed.value,
  ),
)

// Another picture lies otherwise.
watch(() => props.picture, startAgain)

function wordsOf(id: string) {
  const place = catalogue.places.find((p) => p.id === id.replace(/_(left|right)$/, ''))?.label ?? id
  if (id.endsWith('_left')) return say('references.ofTheLeft', { place })
  return id.endsWith('_right') ? say('references.ofTheRight', { place }) : place
}

function at(spot: Spot) {
  problem.value = ''
  if (next.value >= 0) matches.value = matches.value.map((m, k) => (k === next.value ? spot : m))
  else points.value = [...points.value, spot]
}

/** The pointer goes on with its button down. */
function along(spot: Spot) {
  if (next.value < 0 && points.value.length) points.value = further(points.value, spot, props.picture)
}

function pointAgain(k: number) {
  matches.value = matches.value.map((m, n) => (n === k ? null : m))
}

function startAgain() {
  matches.value = Array(MATCHES).fill(null)
  points.value = []
}

async function hang() {
  if (!ready.value) return
  hanging.value = true
  try {
    const drawn = await api.traced(preferences.face, ready.value)
    const { part } = await api.newPart(
      preferences.face,
      OWN_LINE,
      preferences.kit,
      preferences.setting,
      lookDoc.colours,
    )
    // Where it was traced and nowhere else; the painter mirrors it if she likes.
    const left = drawn.points.reduce((sum, p) => sum + p.xMm, 0) >= 0
    const sides = liesAcross(drawn) ? part.sides : left ? 'left' : 'right'
    lookDoc.add({ ...part, drawn: onTheLeft(drawn), sides })
    points.value = []
    problem.value = ''
  } catch (error) {
    problem.value = (error as Error).message
  } finally {
    hanging.value = false
  }
}

defineExpose({ at, along, points, matches })
</script>

<template>
  <div class="trace">
    <p class="next" role="status">
      {{
        next >= 0
          ? say('references.pointAtLandmark', { place: wordsOf(landmarks[next]!) })
          : say('references.traceNow')
      }}
    </p>
    <div class="landmarks">
      <div v-for="(m, k) in matches" :key="k">
        <button
          class="found"
          :class="{ good: m }"
          :disabled="!m"
          :aria-label="say('references.pointAgain', { n: k + 1 })"
          @click="pointAgain(k)"
        >
          {{ m ? say('references.foundAgain', { n: k + 1 }) : k + 1 }}
        </button>
        <n-select
          v-model:value="landmarks[k]"
          size="small"
          filterable
          :consistent-menu-width="false"
          :options="places"
          :aria-label="say('references.landmark', { n: k + 1 })"
          :input-props="{ 'aria-label': say('references.landmark', { n: k + 1 }) }"
        />
      </div>
    </div>
    <div class="row">
      <label
        >{{ say('references.seenFrom') }}
        <n-select
          v-model:value="from"
          class="from"
          size="small"
          :options="FROM"
          :aria-label="say('references.seenFrom')"
      /></label>
      <label
        >{{ say('references.closed') }}
        <n-switch v-model:value="closed" size="small" :aria-label="say('references.closed')"
      /></label>
    </div>
    <p v-if="problem" class="stop" role="alert">{{ problem }}</p>
    <div class="row">
      <span class="faint">{{ say('references.points', { count: points.length }) }}</span>
      <n-button size="small" :disabled="!points.length" @click="points = points.slice(0, -1)">{{
        say('references.back')
      }}</n-button>
      <n-button size="small" @click="startAgain">{{ say('references.startAgain') }}</n-button>
      <n-button
        v-if="session.canChange"
        size="small"
        type="primary"
        :disabled="!ready"
        :loading="hanging"
        @click="hang"
        >{{ say('references.hangIt') }}</n-button
      >
    </div>
  </div>
</template>

<style scoped>
.trace {
  display: grid;
  gap: 6px;
}

p {
  margin: 0;
}

.next {
  color: var(--accent);
  font-weight: 600;
}

.landmarks {
  display: grid;
  grid-template-columns: repeat(3, minmax(0, 1fr));
  gap: 8px;
}

.found {
  padding: 0 2px;
  border: 0;
  background: none;
  cursor: pointer;
}

.row,
label {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 6px 10px;
}

.from {
  width: 164px;
}
</style>
