<script setup lang="ts">
import { NButton, NCheckbox, NRadioButton, NRadioGroup } from 'naive-ui'
import { computed } from 'vue'
import type { OrderWish } from '../../api/client'
import { clock } from '../../lib/format'
import { useOrder } from '../../stores/order'
import { useLook } from '../../stores/look'
import { usePlan } from '../../stores/plan'
import { useSelection } from '../../stores/selection'
import NamedSlider from '../../components/NamedSlider.vue'
import TradeCurve from '../../components/TradeCurve.vue'

const order = useOrder()
const lookDoc = useLook()
const planning = usePlan()
const selection = useSelection()

const plan = computed(() => planning.plan)
const over = computed(() =>
  plan.value ? plan.value.time.atConfidenceSeconds - 60 * plan.value.setting.slotMinutes : 0,
)
const step = computed(
  () =>
    plan.value?.steps.find((s) => s.number === planning.shownSteps) ??
    plan.value?.steps.find((s) => s.partIds.includes(selection.selected ?? '')) ??
    null,
)
const next = computed(() => plan.value?.steps.find((s) => s.number === (step.value?.number ?? 0) + 1) ?? null)
const saved = computed(() =>
  order.shortest ? Math.round(order.shortest.nowSeconds - order.shortest.totalSeconds) : 0,
)
const lesser = computed(
  () => lookDoc.look.parts.some((p) => p.version && p.version !== 'full') || lookDoc.look.form?.leftOut,
)
const slotMinutes = computed(() => order.slot ?? plan.value?.setting.slotMinutes ?? 0)
const named = computed(() => {
  const there = (order.versions?.named ?? []).filter((n) => n.index !== null && n.index !== undefined)
  return (order.versions?.named ?? []).map((n) => ({ ...n, place: there.indexOf(n), of: there.length }))
})

function holds(id: string) {
  return !(order.wish.without ?? []).includes(id)
}
</script>

<template>
  <div class="inspector">
    <header>
      <h2>Order and time</h2>
    </header>
    <p v-if="order.problem || planning.problem" class="stop" role="alert">
      {{ planning.problem || order.problem }}
    </p>
    <section v-if="plan" class="group">
      <p>
        <b class="figure">{{ clock(plan.totalSeconds) }} min</b> likely,
        {{ Math.round(plan.time.lowSeconds / 60) }} to {{ Math.round(plan.time.highSeconds / 60) }} min in
        most sittings.
      </p>
      <p :class="over > 0 ? 'warning' : 'faint'">
        {{ Math.round(100 * plan.time.confidence) }} % of sittings end by
        {{ clock(plan.time.atConfidenceSeconds) }}: {{ over > 0 ? `${clock(over)} over` : 'within' }} the slot
        of {{ plan.setting.slotMinutes }} min.
      </p>
      <p v-if="order.searching" class="faint" role="status">Looking for a shorter order …</p>
      <template v-else-if="order.shortest">
        <p v-if="saved >= 1">
          An order is there that is <b>{{ clock(saved) }} shorter</b>,
          <span class="faint">{{
            order.shortest.proven
              ? 'and none is shorter still.'
              : `within ${(100 * order.shortest.gap).toFixed(1)} % of the best conceivable.`
          }}</span>
          <n-button class="use" size="small" type="primary" @click="order.takeShortest">Use it</n-button>
        </p>
        <p v-else class="faint">
          {{
            order.shortest.proven
              ? 'No order of these steps is shorter.'
              : `No shorter order found; this one is within ${(100 * order.shortest.gap).toFixed(1)} % of the best conceivable.`
          }}
          {{ Math.round(100 * (1 - plan.totalSeconds / order.shortest.naiveSeconds)) }} % shorter than stage
          by stage, waiting each time.
        </p>
      </template>
      <p v-if="order.kept">
        The order is kept as you left it.
        <n-button size="small" @click="order.change({ sequence: null })">Order it anew</n-button>
      </p>
    </section>

    <section v-if="step" class="group">
      <h3>{{ step.number }} {{ step.title }}</h3>
      <p class="faint">
        {{ clock(step.setUpSeconds + step.workSeconds) }} min ({{ clock(step.lowSeconds) }} to
        {{ clock(step.highSeconds) }}), of it {{ clock(step.setUpSeconds) }} for tool, paint and pose; dries
        {{ clock(step.dryingSeconds) }}.
      </p>
      <p v-if="step.waitSeconds > 0">
        Waits {{ clock(step.waitSeconds) }} for {{ step.waitsFor
        }}<template v-if="step.meanwhile.length">
          although {{ step.meanwhile.join(', ') }} {{ step.meanwhile.length > 1 ? 'are' : 'is' }} done
          meanwhile</template
        >.
      </p>
      <p v-else-if="step.meanwhile.length" class="faint">
        While its ground dries: {{ step.meanwhile.join('; ') }}.
      </p>
      <ul class="why" aria-label="Why here">
        <li v-for="w in step.why" :key="w.rule + w.words" :class="{ faint: !w.strict }">{{ w.words }}</li>
      </ul>
      <div class="line">
        <n-button size="small" :disabled="step.number === 1" @click="order.move(step.key, step.number - 1)"
          >Earlier</n-button
        >
        <n-button size="small" :disabled="!next" @click="order.move(step.key, step.number + 1)"
          >Later</n-button
        >
        <n-button
          size="small"
          :type="step.pinned ? 'primary' : 'default'"
          @click="order.togglePin(step.key, step.number)"
          >{{ step.pinned ? 'Pinned' : `Pin to ${step.number}` }}</n-button
        >
        <n-button
          v-if="next"
          size="small"
          :type="step.tiedTo === next.key ? 'primary' : 'default'"
          @click="order.toggleTie(step.key, next.key)"
          >{{ step.tiedTo === next.key ? 'Tied to next' : 'Tie to next' }}</n-button
        >
      </div>
    </section>
    <p v-else class="faint">Choose a step in the strip to see why it stands there.</p>
    <p v-if="order.refused" class="stop" role="alert">{{ order.refused }}</p>

    <section v-if="order.versions" class="group">
      <h3>Fit to the slot</h3>
      <div class="line">
        <span class="faint">Slot</span>
        <named-slider
          :value="slotMinutes"
          :min="1"
          :max="Math.max(60, Math.ceil(1.3 * (order.versions.curve.at(-1)!.atConfidenceSeconds / 60)))"
          :step="1"
          label="Slot tried, minutes"
          style="width: 140px"
          @update:value="(v: number) => (order.slot = v)"
        />
        <span>{{ slotMinutes }} min</span>
      </div>
      <p :class="order.versions.chosen === null ? 'warning' : ''">{{ order.versions.said }}</p>
      <p v-if="order.versions.chosen !== null" class="faint">
        {{
          order.versions.gap < 0.0005
            ? 'No other version that fits keeps more.'
            : `Another that fits could keep at most ${(100 * order.versions.gap).toFixed(1)} % more.`
        }}
      </p>
      <trade-curve
        :curve="order.versions.curve"
        :chosen="order.looked ?? order.versions.chosen ?? null"
        :slot-minutes="slotMinutes"
        @choose="(k) => (order.looked = k)"
      />
      <div v-if="order.pictures" class="named">
        <button
          v-for="n in named"
          :key="n.label"
          :disabled="n.place < 0"
          :title="n.place < 0 ? 'No version is that short' : 'Look at this version'"
          @click="order.looked = n.index ?? null"
        >
          <span
            class="picture"
            :style="
              n.place < 0
                ? {}
                : {
                    backgroundImage: `url(${order.pictures})`,
                    backgroundSize: `${100 * n.of}% 100%`,
                    backgroundPosition: `${n.of > 1 ? (100 * n.place) / (n.of - 1) : 0}% 0`,
                  }
            "
          />
          {{ n.label }}
        </button>
      </div>
      <template v-if="order.version">
        <p>
          {{ Math.round(100 * order.version.kept) }} % kept, likely
          {{ clock(order.version.likelySeconds) }} min.
        </p>
        <ul class="why">
          <li v-for="w in order.version.words" :key="w">{{ w }}</li>
        </ul>
        <n-button size="small" type="primary" @click="order.takeVersion(order.version)">{{
          order.version.words.length ? 'Paint this version' : 'Paint all of it'
        }}</n-button>
      </template>
      <p v-if="lesser">
        Some parts are quicker or left out this time.
        <n-button size="small" @click="order.takeVersion(null)">Paint all of it</n-button>
      </p>
    </section>

    <section class="group">
      <h3>How you work</h3>
      <span class="faint">Lines</span>
      <n-radio-group
        size="small"
        :value="order.wish.lines ?? 'last'"
        @update:value="(v: OrderWish['lines']) => order.change({ lines: v })"
      >
        <n-radio-button value="last" label="last, in one go" />
        <n-radio-button value="alongTheWay" label="along the way" />
      </n-radio-group>
      <span class="faint">Dark shapes left out of the base</span>
      <n-radio-group
        size="small"
        :value="order.wish.sockets ?? 'afterBase'"
        @update:value="(v: OrderWish['sockets']) => order.change({ sockets: v })"
      >
        <n-radio-button value="afterBase" label="after the base" />
        <n-radio-button value="beforeBase" label="before it" />
      </n-radio-group>
      <n-checkbox
        v-for="r in order.rules.filter((one) => one.switchable)"
        :key="r.id"
        :checked="holds(r.id)"
        @update:checked="(on: boolean) => order.toggleRule(r.id, on)"
        >{{ r.words }}</n-checkbox
      >
      <p class="faint">Painters, drying, and your own rates are set with the setting (…).</p>
    </section>
  </div>
</template>

<style scoped>
.use {
  display: flex;
  margin-top: 6px;
}

.why {
  margin: 0;
  padding-left: 18px;
  display: grid;
  gap: 3px;
}

.named {
  display: grid;
  grid-template-columns: repeat(4, 1fr);
  gap: 6px;
}

.named button {
  border: 1px solid var(--line);
  border-radius: 8px;
  overflow: hidden;
  background: var(--ground);
  color: inherit;
  font: inherit;
  font-size: 12px;
  padding: 0 0 3px;
  cursor: pointer;
}

.named button:disabled {
  opacity: 0.55;
  cursor: default;
}

.named .picture {
  display: block;
  aspect-ratio: 150 / 165;
  background-color: #767676;
}
</style>
