<script setup lang="ts">
import { NButton, NInputNumber, NSelect } from 'naive-ui'
import { computed } from 'vue'
import { checked, isChecked } from '../../lib/shots'
import type { PhotoDesk, Picking } from '../../lib/usePhotoDesk'
import { say } from '../../texts'

/** What can be done with the photo on top: its points, what tells its scale, its white paper. */
const props = defineProps<{
  desk: PhotoDesk
  /** Whether a card or ruler matters. */
  withScale: boolean
}>()

const shown = computed(() => props.desk.shown.value!)
const picking = computed(() => props.desk.picking.value)
const isRuler = computed(() => shown.value.held?.length === 4)
const AGAINST = [
  { value: 'forehead', label: say('shots.forehead') },
  { value: 'chin', label: say('shots.chin') },
]
const SIDES = [
  { value: 0, label: say('shots.fromTheFront') },
  { value: 70, label: say('shots.fromTheLeft') },
  { value: -70, label: say('shots.fromTheRight') },
]
const hint = computed(() => {
  const words: Record<Picking, string> = {
    card: say('shots.tapCard'),
    ruler: props.desk.oneEnd.value ? say('shots.tapOtherEnd') : say('shots.tapOneEnd'),
    white: say('shots.tapWhite'),
  }
  return picking.value ? words[picking.value] : say('shots.dragPoints')
})
const kind = (what: Picking) => (picking.value === what ? 'primary' : 'default')
</script>

<template>
  <p class="faint" role="status">{{ hint }}</p>
  <div class="row">
    <n-button size="small" :disabled="isChecked(shown)" @click="desk.update(checked(shown))">{{
      isChecked(shown) ? say('shots.pointsRightDone') : say('shots.pointsRight')
    }}</n-button>
    <template v-if="withScale">
      <n-button size="small" :type="kind('card')" @click="desk.pick('card')">{{
        shown.held && !isRuler ? say('shots.cardAnew') : say('shots.cardInPhoto')
      }}</n-button>
      <n-button size="small" :type="kind('ruler')" @click="desk.pick('ruler')">{{
        isRuler ? say('shots.rulerAnew') : say('shots.rulerInPhoto')
      }}</n-button>
      <n-input-number
        v-if="isRuler"
        class="small"
        size="small"
        :value="shown.longMm"
        :min="10"
        :max="500"
        :precision="1"
        :show-button="false"
        :aria-label="say('shots.rulerLength')"
        @update:value="(mm) => mm && desk.update({ ...shown, longMm: mm })"
        ><template #suffix>mm</template></n-input-number
      >
      <n-select
        v-if="shown.held"
        class="small"
        size="small"
        :value="shown.against"
        :options="AGAINST"
        :aria-label="say('shots.heldAgainst')"
        @update:value="(against) => desk.update({ ...shown, against })"
      />
      <n-button v-if="shown.held" size="small" quaternary @click="desk.update({ ...shown, held: null })">{{
        isRuler ? say('shots.noRulerInIt') : say('shots.noCardInIt')
      }}</n-button>
    </template>
    <n-button size="small" :type="kind('white')" @click="desk.pick('white')">{{
      shown.white ? say('shots.whiteAnew') : say('shots.whiteInPhoto')
    }}</n-button>
    <n-select
      class="small"
      size="small"
      :value="null"
      :placeholder="say('shots.pointsAnew')"
      :options="SIDES"
      :aria-label="say('shots.pointsAnew')"
      @update:value="(turn) => desk.layTemplate(shown, turn)"
    />
    <n-button size="small" quaternary @click="desk.remove(shown)">{{ say('shots.leavePhotoOut') }}</n-button>
  </div>
</template>

<style scoped src="./photos.css"></style>
