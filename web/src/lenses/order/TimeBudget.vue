<script setup lang="ts">
import FieldRow from '../../components/FieldRow.vue'
import { say } from '../../texts'
import { NButton } from 'naive-ui'
import { computed } from 'vue'
import NamedSlider from '../../components/NamedSlider.vue'
import TradeCurve from '../../components/TradeCurve.vue'
import { clock } from '../../lib/format'
import { useLook } from '../../stores/look'
import { useOrder } from '../../stores/order'
import { usePlan } from '../../stores/plan'

/** What can be kept of the look in how many minutes, and how it would look. */
const order = useOrder()
const lookDoc = useLook()
const planning = usePlan()

const lesser = computed(
  () =>
    lookDoc.look.parts.some((p) => (p.version && p.version !== 'full') || p.without?.length) ||
    lookDoc.look.form?.leftOut,
)
const slotMinutes = computed(() => order.slot ?? planning.plan?.setting.slotMinutes ?? 0)
const named = computed(() => {
  const there = (order.versions?.named ?? []).filter((n) => n.index !== null && n.index !== undefined)
  return (order.versions?.named ?? []).map((n) => ({ ...n, place: there.indexOf(n), of: there.length }))
})
</script>

<template>
  <section v-if="order.versions" class="group">
    <h3>{{ say('timeBudget.keepWithinTheSlot') }}</h3>
    <field-row :label="say('timeBudget.slot')">
      <named-slider
        :value="slotMinutes"
        :min="1"
        :max="Math.max(60, Math.ceil(1.3 * (order.versions.curve.at(-1)!.atConfidenceSeconds / 60)))"
        :step="1"
        :label="say('timeBudget.slotTriedMinutes')"
        style="width: 140px"
        @update:value="(v: number) => (order.slot = v)"
      />
      <span>{{ slotMinutes }} min</span>
    </field-row>
    <p :class="order.versions.chosen === null ? 'warning' : ''">{{ order.versions.said }}</p>
    <p v-if="order.versions.chosen !== null" class="faint">
      {{
        order.versions.gap < 0.0005
          ? say('timeBudget.noOtherVersionKeepsMore')
          : say('timeBudget.anotherCouldKeepAtMost', { gap: (100 * order.versions.gap).toFixed(1) })
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
        :title="n.place < 0 ? say('timeBudget.noVersionIsThatShort') : say('timeBudget.lookAtThisVersion')"
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
        {{
          say('timeBudget.keptLikelyMin', {
            kept: Math.round(100 * order.version.kept),
            likelySeconds: clock(order.version.likelySeconds),
          })
        }}
      </p>
      <ul class="why">
        <li v-for="w in order.version.words" :key="w">{{ w }}</li>
      </ul>
      <n-button size="small" type="primary" @click="order.takeVersion(order.version)">{{
        order.version.words.length ? say('timeBudget.paintThisVersion') : say('timeBudget.paintAllOfIt')
      }}</n-button>
    </template>
    <p v-if="lesser">
      {{ say('timeBudget.somePartsAreQuickerOrLeft') }}
      <n-button size="small" @click="order.takeVersion(null)">{{ say('timeBudget.paintAllOfIt') }}</n-button>
    </p>
  </section>
</template>

<style scoped>
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
  background-color: var(--surround);
}
</style>
