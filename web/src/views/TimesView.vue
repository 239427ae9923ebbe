<script setup lang="ts">
import { NSelect } from 'naive-ui'
import { computed, ref, shallowRef, watch } from 'vue'
import { useRouter } from 'vue-router'
import { book } from '../api/chairCalls'
import { api, type LookHead, type Times, type TimesChange } from '../api/client'
import { settingCalls } from '../api/documentCalls'
import PracticePicture from '../components/book/PracticePicture.vue'
import ReliabilityPicture from '../components/book/ReliabilityPicture.vue'
import { useAttempt } from '../lib/attempt'
import { freshName } from '../lib/freshName'
import { clock } from '../lib/format'
import { practiceWords } from '../lib/practice'
import { useCatalogue } from '../stores/catalogue'
import { useSession } from '../stores/session'
import { say } from '../texts'

/** A painter's own times, learned from the book: how sure they are, what they change, and how she gets quicker. */
const props = defineProps<{ painter?: string }>()

const router = useRouter()
const attempt = useAttempt()
const catalogue = useCatalogue()
const session = useSession()
const painters = ref<readonly string[] | null>(null)
const looks = ref<readonly LookHead[]>([])
const times = shallowRef<Times | null>(null)
const changes = shallowRef<readonly TimesChange[] | null>(null)

const painter = computed(() => props.painter || painters.value?.[0] || '')
const OWN: Record<string, string> = {
  setUp: say('times.setUp'),
  waiting: say('times.waiting'),
  onOneself: say('times.onOneself'),
}
const technique = (code: string) =>
  OWN[code] ?? catalogue.hands.techniques.find((t) => t.technique === code)?.label ?? code
const lookName = (id: string) => looks.value.find((l) => l.id === id)?.name ?? id

void attempt(async () => {
  ;[painters.value, looks.value] = await Promise.all([book.painters(), api.looks()])
})

watch(
  painter,
  async (who) => {
    times.value = changes.value = null
    if (!who) return
    await attempt(async () => {
      const found = await book.times(who)
      if (who === painter.value) times.value = found
      const changed = await book.changes(who)
      if (who === painter.value) changes.value = changed
    })
  },
  { immediate: true },
)

/** The 95 % as a strip between half and twice the usual, on a logarithmic scale. */
const place = (factor: number) =>
  `${Math.min(100, Math.max(0, 50 + (50 * Math.log(factor)) / Math.log(2.2)))}%`

async function reckon(id: string, on: boolean) {
  await attempt(async () => {
    const { revision, value } = await settingCalls.read(id)
    await settingCalls.save(id, revision, { ...value, timesOf: on ? painter.value : null }, freshName())
    await catalogue.loadSettings()
  })
}

const shownLooks = computed(() => (times.value?.looks ?? []).filter((l) => l.points.length > 1))
</script>

<template>
  <div class="times">
    <header>
      <router-link class="link" to="/book">{{ say('times.toTheBook') }}</router-link>
      <h1>{{ say('times.title') }}</h1>
      <n-select
        v-if="painters?.length"
        class="who"
        :value="painter"
        :options="painters.map((p) => ({ value: p, label: p }))"
        :aria-label="say('times.painter')"
        @update:value="(who: string) => router.push(`/book/times/${encodeURIComponent(who)}`)"
      />
    </header>
    <p v-if="painters && !painters.length" class="faint">{{ say('times.nobody') }}</p>
    <template v-if="times">
      <p>
        {{
          say('times.told', {
            sessions: times.sessions,
            step: Math.round(100 * times.spread),
            day: Math.round(100 * times.daySpread),
          })
        }}
      </p>
      <fieldset :disabled="!session.canChange">
        <legend>{{ say('times.reckonWith', { painter }) }}</legend>
        <label v-for="s in catalogue.settings" :key="s.id">
          <input
            type="checkbox"
            :checked="s.timesOf === painter"
            @change="reckon(s.id, ($event.target as HTMLInputElement).checked)"
          />
          {{ s.name }}
          <span v-if="s.timesOf && s.timesOf !== painter" class="faint">{{
            say('times.reckonsWith', { painter: s.timesOf })
          }}</span>
        </label>
      </fieldset>
      <div class="columns">
        <section>
          <h2>{{ say('times.hands') }}</h2>
          <table class="rows">
            <thead>
              <tr>
                <th>{{ say('times.with') }}</th>
                <th class="n">{{ say('times.ofUsual') }}</th>
                <th class="strip-head">{{ say('times.between') }}</th>
                <th class="n">{{ say('times.count') }}</th>
                <th class="n">{{ say('times.prior') }}</th>
              </tr>
            </thead>
            <tbody>
              <tr v-for="h in times.hands" :key="h.hand">
                <td>
                  {{ h.tool ? `${h.tool}, ${technique(h.technique).toLowerCase()}` : technique(h.technique) }}
                </td>
                <td class="n">
                  <b>×{{ h.factor.toFixed(2) }}</b>
                </td>
                <td>
                  <span
                    class="strip"
                    role="img"
                    :aria-label="say('times.from', { low: h.low.toFixed(2), high: h.high.toFixed(2) })"
                    :title="say('times.from', { low: h.low.toFixed(2), high: h.high.toFixed(2) })"
                  >
                    <i class="usual" />
                    <i
                      class="range"
                      :style="{ left: place(h.low), right: `calc(100% - ${place(h.high)})` }"
                    />
                    <i class="dot" :style="{ left: place(h.factor) }" />
                  </span>
                </td>
                <td class="n">{{ h.count }}</td>
                <td class="n">{{ Math.round(100 * h.priorShare) }} %</td>
              </tr>
              <tr class="faint">
                <td>{{ say('times.others') }}</td>
                <td class="n">×{{ times.overall.factor.toFixed(2) }}</td>
                <td>
                  {{
                    say('times.from', {
                      low: times.overall.low.toFixed(2),
                      high: times.overall.high.toFixed(2),
                    })
                  }}
                </td>
                <td class="n">0</td>
                <td class="n">100 %</td>
              </tr>
            </tbody>
          </table>
          <p class="faint">{{ say('times.howRead') }}</p>
        </section>
        <section>
          <h2>{{ say('times.changes') }}</h2>
          <p v-if="!changes" class="faint">{{ say('times.planning') }}</p>
          <table v-else class="rows">
            <thead>
              <tr>
                <th>{{ say('book.look') }}</th>
                <th class="n">{{ say('times.usual') }}</th>
                <th class="n">{{ say('times.own') }}</th>
                <th class="n">{{ say('times.change') }}</th>
              </tr>
            </thead>
            <tbody>
              <tr v-for="c in changes" :key="c.look">
                <td>
                  <router-link class="link" :to="`/looks/${c.look}`">{{ c.name }}</router-link>
                </td>
                <td class="n">{{ clock(c.usualSeconds) }}</td>
                <td class="n">{{ clock(c.ownSeconds) }}</td>
                <td class="n">
                  {{ c.ownSeconds >= c.usualSeconds ? '+' : '−'
                  }}{{ clock(Math.abs(c.ownSeconds - c.usualSeconds)) }}
                </td>
              </tr>
            </tbody>
          </table>
          <h2>{{ say('times.honest') }}</h2>
          <reliability-picture :points="times.reliability" />
        </section>
      </div>
      <h2>{{ say('times.practice') }}</h2>
      <div class="pictures">
        <figure v-for="l in shownLooks" :key="l.name">
          <figcaption>{{ lookName(l.name) }}</figcaption>
          <practice-picture :practice="l" minutes />
          <p>{{ practiceWords(l, true) }}</p>
        </figure>
        <figure v-for="t in times.techniques.filter((one) => one.points.length > 4)" :key="t.name">
          <figcaption>{{ technique(t.name) }}</figcaption>
          <practice-picture :practice="t" />
          <p>{{ practiceWords(t, false) }}</p>
        </figure>
      </div>
    </template>
  </div>
</template>

<style scoped>
.times {
  min-height: 100%;
  padding: 12px 24px 40px;
  background: var(--panel);
}

header {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 16px;
}

h1 {
  margin: 4px 0;
  font-size: 24px;
}

h2 {
  margin: 18px 0 6px;
  font-size: 17px;
}

.who {
  width: 200px;
}

fieldset {
  display: flex;
  flex-wrap: wrap;
  gap: 6px 20px;
  border: 1px solid var(--line);
  border-radius: 8px;
}

fieldset label {
  min-height: 32px;
  display: inline-flex;
  align-items: center;
  gap: 6px;
}

.columns {
  display: grid;
  grid-template-columns: minmax(0, 1.25fr) minmax(0, 1fr);
  gap: 10px 40px;
}

.columns .rows {
  width: 100%;
}

.strip-head {
  min-width: 130px;
}

.strip {
  position: relative;
  display: block;
  height: 16px;
}

.usual {
  position: absolute;
  left: 50%;
  top: 0;
  bottom: 0;
  width: 1px;
  background: var(--faint);
}

.range {
  position: absolute;
  top: 6px;
  height: 4px;
  border-radius: 2px;
  background: var(--accent);
  opacity: 0.5;
}

.dot {
  position: absolute;
  top: 3px;
  width: 10px;
  height: 10px;
  margin-left: -5px;
  border-radius: 50%;
  background: var(--accent);
}

.pictures {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(260px, 1fr));
  gap: 18px;
}

figure {
  margin: 0;
}

figcaption {
  font-weight: 600;
}

figure p {
  margin: 4px 0;
}

@media (width <= 1000px) {
  .columns {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
