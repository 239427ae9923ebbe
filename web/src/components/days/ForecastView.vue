<script setup lang="ts">
import { computed } from 'vue'
import type { BoothDay, DayForecast } from '../../api/types'
import { timeOfDay } from '../../lib/format'
import { say } from '../../texts'

/** What the day will be like: the few numbers that decide, waits by the hour, other menus. */
const props = defineProps<{ day: BoothDay; found: DayForecast; nameOf: (look: string) => string }>()
const emit = defineEmits<{ offer: [lines: readonly number[]] }>()

const all = computed(() => props.found.forecast)
const one = (value: number | null | undefined) => (value ?? 0).toFixed(1)
const whole = (value: number) => Math.round(value).toString()
const longest = computed(() => Math.max(1, ...all.value.hours.map((h) => h.longWaitMinutes ?? 0)))
const names = (lines: readonly number[]) => lines.map((k) => props.nameOf(props.day.menu[k]!.look)).join(', ')
const offered = computed(() => props.day.menu.flatMap((l, k) => ((l.offered ?? true) ? [k] : [])).join())
const signed = (value: number) => `${value > 0 ? '+' : ''}${value.toFixed(1)}`
</script>

<template>
  <dl class="numbers">
    <div>
      <dt>{{ say('days.facesPainted') }}</dt>
      <dd>{{ whole(all.painted) }}</dd>
      <dd class="more">{{ say('days.ofCome', { come: whole(all.come) }) }}</dd>
      <dd class="more">
        {{ say('days.fewToMany', { few: whole(all.fewPainted), many: whole(all.manyPainted) }) }}
      </dd>
    </div>
    <div>
      <dt>{{ say('days.closeAt') }}</dt>
      <dd>{{ timeOfDay(all.closesAt) }}</dd>
      <dd class="more">
        {{
          say('days.lastDone', {
            percent: whole(100 * (day.inTimeChance ?? 0.9)),
            until: timeOfDay(day.untilMinute ?? 0),
          })
        }}
      </dd>
      <dd class="more">{{ say('days.turnedAway', { faces: one(all.turnedAway) }) }}</dd>
    </div>
    <div>
      <dt>{{ say('days.wait') }}</dt>
      <dd>
        {{ all.waitMinutes === null || all.waitMinutes === undefined ? '–' : whole(all.waitMinutes) }} min
      </dd>
      <dd class="more">{{ say('days.nineOfTen', { minutes: whole(all.longWaitMinutes ?? 0) }) }}</dd>
    </div>
    <div>
      <dt>{{ say('days.goAway') }}</dt>
      <dd>{{ one(all.leave + all.wantedOther) }}</dd>
      <dd class="more">{{ say('days.forTheWait', { faces: one(all.leave) }) }}</dd>
      <dd class="more">{{ say('days.forOther', { faces: one(all.wantedOther) }) }}</dd>
    </div>
    <div>
      <dt>{{ say('days.busy') }}</dt>
      <dd>{{ whole(100 * all.busyShare) }} %</dd>
      <dd v-if="all.takings !== null && all.takings !== undefined" class="more">
        {{ say('days.takings', { money: whole(all.takings) }) }}
      </dd>
    </div>
  </dl>
  <h3>{{ say('days.byTheHour') }}</h3>
  <table>
    <thead>
      <tr>
        <th>{{ say('days.hour') }}</th>
        <th>{{ say('days.come') }}</th>
        <th>{{ say('days.waitHalf') }}</th>
        <th>{{ say('days.waitLong') }}</th>
        <th>{{ say('days.leave') }}</th>
        <th :title="say('days.loadTitle')">{{ say('days.load') }}</th>
      </tr>
    </thead>
    <tbody>
      <tr v-for="h in all.hours" :key="h.fromMinute">
        <th>{{ timeOfDay(h.fromMinute) }}</th>
        <td>{{ one(h.come) }}</td>
        <td>{{ h.waitMinutes === null || h.waitMinutes === undefined ? '–' : whole(h.waitMinutes) }} min</td>
        <td class="bar">
          <span :style="{ width: `${(70 * (h.longWaitMinutes ?? 0)) / longest}%` }" />
          {{ h.longWaitMinutes === null || h.longWaitMinutes === undefined ? '–' : whole(h.longWaitMinutes) }}
          min
        </td>
        <td>{{ one(h.leave) }}</td>
        <td :class="{ stop: (h.steady.load ?? 2) >= 1 }">
          {{
            h.steady.load === null || h.steady.load === undefined
              ? say('days.nobody')
              : `${whole(100 * h.steady.load)} %`
          }}
        </td>
      </tr>
    </tbody>
  </table>
  <h3>{{ say('days.otherMenus') }}</h3>
  <p class="faint">{{ say('days.otherMenusAbout') }}</p>
  <table>
    <thead>
      <tr>
        <th>{{ say('days.menu') }}</th>
        <th>{{ say('days.facesPainted') }}</th>
        <th>{{ say('days.asWished') }}</th>
        <th />
      </tr>
    </thead>
    <tbody>
      <tr v-for="(c, k) in found.choices" :key="k">
        <td class="words">{{ names(c.looks) }}</td>
        <td>{{ whole(c.painted) }}</td>
        <td>{{ whole(c.asWished) }}</td>
        <td>
          <span v-if="c.looks.join() === offered">{{ say('days.asItIs') }}</span>
          <button v-else class="link" @click="emit('offer', c.looks)">{{ say('days.offerThese') }}</button>
        </td>
      </tr>
    </tbody>
  </table>
  <h3>{{ say('days.whatIf') }}</h3>
  <table>
    <thead>
      <tr>
        <th>{{ say('days.change') }}</th>
        <th>{{ say('days.facesPainted') }}</th>
        <th>{{ say('days.leave') }}</th>
        <th>{{ say('days.waitLong') }}</th>
      </tr>
    </thead>
    <tbody>
      <tr v-for="(c, k) in found.changes" :key="k">
        <td class="words">
          {{
            c.lookOut === null || c.lookOut === undefined
              ? say('days.oneMore')
              : say('days.without', { look: nameOf(day.menu[c.lookOut]?.look ?? '') })
          }}
        </td>
        <td>{{ signed(c.paintedMore) }}</td>
        <td>{{ signed(c.leaveMore) }}</td>
        <td>
          {{ c.longWaitMinutes === null || c.longWaitMinutes === undefined ? '–' : whole(c.longWaitMinutes) }}
          min
        </td>
      </tr>
    </tbody>
  </table>
</template>

<style scoped src="./days.css"></style>
