<script setup lang="ts">
import { NButton, NCheckbox, NRadioButton, NRadioGroup } from 'naive-ui'
import { computed } from 'vue'
import type { OrderWish } from '../../api/client'
import { clock } from '../../lib/format'
import { useOrder } from '../../stores/order'
import { usePlan } from '../../stores/plan'
import { useSelection } from '../../stores/selection'
import SlotFit from './SlotFit.vue'

const order = useOrder()
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
        Waits {{ clock(step.waitSeconds) }}: {{ step.waitsFor?.words
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

    <slot-fit v-if="order.versions" />

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
</style>
