<script setup lang="ts">
import ChoiceField from '../../components/ChoiceField.vue'
import { say } from '../../texts'
import { NButton, NCheckbox } from 'naive-ui'
import { computed } from 'vue'
import type { OrderWish } from '../../api/client'
import { clock } from '../../lib/format'
import { useOrder } from '../../stores/order'
import { usePlan } from '../../stores/plan'
import { useSelection } from '../../stores/selection'
import FewTools from './FewTools.vue'
import StepMendings from './StepMendings.vue'
import StagesPanel from './StagesPanel.vue'
import WholeStack from './WholeStack.vue'
import TimeBudget from './TimeBudget.vue'

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
      <h2>{{ say('orderInspector.orderAndTime') }}</h2>
    </header>
    <p v-if="order.problem || planning.problem" class="stop" role="alert">
      {{ planning.problem || order.problem }}
    </p>
    <section v-if="plan" class="group">
      <p>
        <b class="figure">{{ clock(plan.totalSeconds) }} min</b>
        {{
          say('orderInspector.likelyToMinInMostSessions', {
            lowSeconds: Math.round(plan.time.lowSeconds / 60),
            highSeconds: Math.round(plan.time.highSeconds / 60),
          })
        }}
      </p>
      <p :class="over > 0 ? 'warning' : 'faint'">
        {{
          say('orderInspector.ofSessionsEndByTheSlot', {
            confidence: Math.round(100 * plan.time.confidence),
            atConfidenceSeconds: clock(plan.time.atConfidenceSeconds),
            within:
              over > 0 ? say('orderInspector.over', { over: clock(over) }) : say('orderInspector.within'),
            slotMinutes: plan.setting.slotMinutes,
          })
        }}
      </p>
      <p v-if="order.searching" class="faint" role="status">
        {{ say('orderInspector.lookingForAShorterOrder') }}
      </p>
      <template v-else-if="order.shortest">
        <p v-if="saved >= 1">
          {{ say('orderInspector.anOrderIsThereThatIs') }}
          <b>{{ say('orderInspector.shorter', { saved: clock(saved) }) }}</b>,
          <span class="faint">{{
            order.shortest.proven
              ? say('orderInspector.andNoneIsShorterStill')
              : say('orderInspector.withinOfTheBestConceivable', {
                  gap: (100 * order.shortest.gap).toFixed(1),
                })
          }}</span>
          <n-button class="use" size="small" type="primary" @click="order.takeShortest">{{
            say('orderInspector.useIt')
          }}</n-button>
        </p>
        <p v-else class="faint">
          {{
            say('orderInspector.shorterThanStageByStageWaiting', {
              conceivable: order.shortest.proven
                ? say('orderInspector.noOrderOfTheseStepsIs')
                : say('orderInspector.noShorterOrderFoundThisOne', {
                    gap: (100 * order.shortest.gap).toFixed(1),
                  }),
              naiveSeconds: Math.round(100 * (1 - plan.totalSeconds / order.shortest.naiveSeconds)),
            })
          }}
        </p>
      </template>
      <p v-if="order.kept">
        {{ say('orderInspector.theOrderIsKeptAsYou') }}
        <n-button size="small" @click="order.change({ sequence: null })">{{
          say('orderInspector.orderItAnew')
        }}</n-button>
      </p>
    </section>

    <section v-if="step" class="group">
      <h3>{{ step.number }} {{ step.title }}</h3>
      <p class="faint">
        {{
          say('orderInspector.minToOfItForTool', {
            workSeconds: clock(step.setUpSeconds + step.workSeconds),
            lowSeconds: clock(step.lowSeconds),
            highSeconds: clock(step.highSeconds),
            setUpSeconds: clock(step.setUpSeconds),
            dryingSeconds: clock(step.dryingSeconds),
          })
        }}
      </p>
      <p v-for="w in step.words" :key="w">{{ w }}</p>
      <step-mendings :step="step" />
      <p v-if="step.waitSeconds > 0">
        {{ say('orderInspector.waits', { waitSeconds: clock(step.waitSeconds), words: step.waitsFor?.words })
        }}<template v-if="step.meanwhile.length">
          {{
            say('orderInspector.althoughDoneMeanwhile', {
              meanwhile: step.meanwhile.join(', '),
              is: step.meanwhile.length > 1 ? say('orderInspector.are') : say('orderInspector.is'),
            })
          }}</template
        >.
      </p>
      <p v-else-if="step.meanwhile.length" class="faint">
        {{ say('orderInspector.whileItsGroundDries', { meanwhile: step.meanwhile.join('; ') }) }}
      </p>
      <ul class="why" :aria-label="say('orderInspector.whyHere')">
        <li v-for="w in step.why" :key="w.rule + w.words" :class="{ faint: !w.strict }">{{ w.words }}</li>
      </ul>
      <div class="line moves">
        <n-button size="small" :disabled="step.number === 1" @click="order.move(step.key, step.number - 1)">{{
          say('orderInspector.earlier')
        }}</n-button>
        <n-button size="small" :disabled="!next" @click="order.move(step.key, step.number + 1)">{{
          say('orderInspector.later')
        }}</n-button>
        <n-button
          size="small"
          :type="step.pinned ? 'primary' : 'default'"
          @click="order.togglePin(step.key, step.number)"
          >{{
            step.pinned ? say('orderInspector.pinned') : say('orderInspector.pinTo', { step: step.number })
          }}</n-button
        >
        <n-button
          v-if="next"
          size="small"
          :type="step.tiedTo === next.key ? 'primary' : 'default'"
          @click="order.toggleTie(step.key, next.key)"
          >{{
            step.tiedTo === next.key ? say('orderInspector.tiedToNext') : say('orderInspector.tieToNext')
          }}</n-button
        >
      </div>
    </section>
    <p v-else class="faint">{{ say('orderInspector.chooseAStepInTheStrip') }}</p>
    <p v-if="order.refused" class="stop" role="alert">{{ order.refused }}</p>

    <stages-panel />

    <whole-stack />

    <time-budget v-if="order.versions" />

    <few-tools />

    <section class="group">
      <h3>{{ say('orderInspector.howYouWork') }}</h3>
      <span class="faint">{{ say('orderInspector.lines') }}</span>
      <choice-field
        :value="order.wish.lines ?? 'last'"
        :label="say('orderInspector.lines')"
        :options="[
          { id: 'last', label: say('orderInspector.lastInOneGo') },
          { id: 'alongTheWay', label: say('orderInspector.alongTheWay') },
        ]"
        @update:value="(v: OrderWish['lines']) => order.change({ lines: v })"
      />
      <span class="faint">{{ say('orderInspector.darkShapesLeftOutOfThe') }}</span>
      <choice-field
        :value="order.wish.sockets ?? 'afterBase'"
        :label="say('orderInspector.darkShapesLeftOutOfThe')"
        :options="[
          { id: 'afterBase', label: say('orderInspector.afterTheBase') },
          { id: 'beforeBase', label: say('orderInspector.beforeIt') },
        ]"
        @update:value="(v: OrderWish['sockets']) => order.change({ sockets: v })"
      />
      <n-checkbox
        v-for="r in order.rules.filter((one) => one.switchable)"
        :key="r.id"
        :checked="holds(r.id)"
        @update:checked="(on: boolean) => order.toggleRule(r.id, on)"
        >{{ r.words }}</n-checkbox
      >
      <p class="faint">{{ say('orderInspector.paintersDryingAndYourOwnRates') }}</p>
    </section>
  </div>
</template>

<style scoped>
.use {
  display: flex;
  margin-top: 6px;
}

.moves {
  flex-wrap: wrap;
}

.why {
  margin: 0;
  padding-left: 18px;
  display: grid;
  gap: 3px;
}
</style>
