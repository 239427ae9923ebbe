<script setup lang="ts">
import { say } from '../texts'
import ColourSwatch from './ColourSwatch.vue'
import { LIMITS, USUAL } from '../api/limits'
import type { Setting } from '../api/client'
import { useCatalogue } from '../stores/catalogue'
import LampPad from './LampPad.vue'
import NamedSlider from './NamedSlider.vue'
import NumberBox from './NumberBox.vue'

/** Under which lamps a look is seen, where they stand, and how soft they are. */
const setting = defineModel<Setting>({ required: true })

type Stood = NonNullable<Setting['lamps']>[number]

const catalogue = useCatalogue()
const change = (part: Partial<Setting>) => (setting.value = { ...setting.value, ...part })

// In place: a pad moves both ways at once, and a copy would not yet know of the first.
function place(lamp: string, part: Partial<Stood>) {
  Object.assign(setting.value.lamps?.find((l) => l.lamp === lamp) ?? {}, part)
}

function level(lamp: string) {
  return setting.value.lamps?.find((l) => l.lamp === lamp)?.level ?? 0
}

function setLevel(lamp: string, value: number) {
  const all = setting.value.lamps ?? []
  const stood = all.find((l) => l.lamp === lamp) ?? { azimuthDeg: 0, elevationDeg: 20, spreadDeg: 45 }
  const others = all.filter((l) => l.lamp !== lamp)
  change({ lamps: value > 0 ? [...others, { ...stood, lamp, level: value }] : others })
}
</script>

<template>
  <div class="light">
    <h3>{{ say('settingLight.light') }}</h3>
    <p class="faint">{{ say('settingLight.severalAtOnceCountByTheir') }}</p>
    <div class="lamps">
      <div v-for="lamp in catalogue.lamps" :key="lamp.id" class="level">
        <colour-swatch :colour="lamp.colour" :width-px="16" round />
        <span>{{ lamp.name }}</span>
        <named-slider
          :value="level(lamp.id)"
          :min="0"
          :max="1"
          :step="0.1"
          :label="lamp.name"
          @update:value="(v: number) => setLevel(lamp.id, v)"
        />
      </div>
    </div>
    <template v-if="setting.lamps?.length">
      <p class="faint">{{ say('settingLight.whereEachLampStandsRoundThe') }}</p>
      <div v-for="l in setting.lamps" :key="l.lamp" class="stand">
        <span>{{ catalogue.lamps.find((one) => one.id === l.lamp)?.name }}</span>
        <lamp-pad
          :azimuth="l.azimuthDeg ?? 0"
          :elevation="l.elevationDeg ?? USUAL.LampLevel.elevationDeg"
          :label="say('settingLight.placeOf', { lamp: l.lamp })"
          @update:azimuth="(v: number) => place(l.lamp, { azimuthDeg: v })"
          @update:elevation="(v: number) => place(l.lamp, { elevationDeg: v })"
        />
        <label>
          <span class="faint">{{ say('settingLight.soft', { spreadDeg: l.spreadDeg }) }}</span>
          <named-slider
            :value="l.spreadDeg"
            v-bind="LIMITS.LampLevel.spreadDeg"
            :step="5"
            :label="say('settingLight.softnessOf', { lamp: l.lamp })"
            @update:value="(v: number) => place(l.lamp, { spreadDeg: v })"
          />
          <number-box
            :value="l.distanceM ?? null"
            size="small"
            clearable
            :placeholder="say('settingLight.farOff')"
            v-bind="LIMITS.LampLevel.distanceM"
            :step="0.5"
            :says="say('settingLight.distanceOfM', { lamp: l.lamp })"
            @update:value="(v: number | null) => place(l.lamp, { distanceM: v })"
          >
            <template #suffix>{{ say('settingLight.mAway') }}</template>
          </number-box>
        </label>
      </div>
    </template>
    <div class="level">
      <span />
      <span>{{
        say('settingLight.fromEverywhere', {
          ambient: Math.round(100 * (setting.ambient ?? USUAL.Setting.ambient)),
        })
      }}</span>
      <named-slider
        :value="setting.ambient ?? USUAL.Setting.ambient"
        v-bind="LIMITS.Setting.ambient"
        :step="0.05"
        :label="say('settingLight.shareOfTheLightFromEverywhere')"
        @update:value="(v: number) => change({ ambient: v })"
      />
    </div>
  </div>
</template>

<style scoped>
.light {
  display: grid;
  gap: 12px;
}

label {
  display: grid;
  gap: 6px;
}

.stand {
  display: grid;
  grid-template-columns: 92px 1fr 150px;
  gap: 12px;
  align-items: center;
}

.lamps {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 4px 22px;
}

.level {
  display: grid;
  grid-template-columns: 16px 108px 1fr;
  gap: 8px;
  align-items: center;
  min-height: 32px;
}

@media (width <= 560px) {
  .stand,
  .lamps {
    grid-template-columns: 1fr;
  }
}
</style>
