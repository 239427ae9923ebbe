<script setup lang="ts">
import { say } from '../texts'
import ColourSwatch from './ColourSwatch.vue'
import { NCheckbox } from 'naive-ui'
import { computed } from 'vue'
import type { Kind, Lay, Part } from '../api/client'
import { useCatalogue } from '../stores/catalogue'
import { useLook } from '../stores/look'
import { usePlan } from '../stores/plan'
import HandField from './HandField.vue'
import LayField from './LayField.vue'
import PaintField from './PaintField.vue'

/** With what each coat of a part is painted, how it is laid, and how it looks in place. */
const props = defineProps<{ part: Part; kind: Kind }>()

const lookDoc = useLook()
const planning = usePlan()
const catalogue = useCatalogue()
const planned = computed(() => planning.planPart)

function setMix(role: string, mix: NonNullable<Part['paints']>[string] | null) {
  const paints = { ...props.part.paints }
  if (mix) paints[role] = mix
  else delete paints[role]
  lookDoc.edit(props.part.id, { paints })
}

function setLay(role: string, lay: Lay, key: string) {
  const laid = { ...props.part.laid }
  const kept = Object.fromEntries(Object.entries(lay).filter(([, v]) => v !== null && v !== undefined)) as Lay
  if (Object.keys(kept).length > 0) laid[role] = kept
  else delete laid[role]
  lookDoc.edit(props.part.id, { laid: Object.keys(laid).length > 0 ? laid : null }, `${role}/${key}`)
}

/** A coat is left out this time, and stays in the look. */
function leaveOut(role: string, out: boolean) {
  const rest = (props.part.without ?? []).filter((r) => r !== role)
  lookDoc.edit(props.part.id, { without: out ? [...rest, role] : rest })
}
const painted = computed(() => props.kind.roles.filter((r) => props.part.paints?.[r.id]).length)

/** Loads the sponge with all colours of a split cake. */
function setCake(role: string, mix: NonNullable<Part['paints']>[string]) {
  const split = props.part.laid?.[role]?.split ?? {
    overlap: 0.5,
    axisDeg: 90,
    flipped: true,
    fromMiddle: false,
    powder: 0,
  }
  lookDoc.edit(props.part.id, {
    paints: { ...props.part.paints, [role]: mix },
    laid: { ...props.part.laid, [role]: { ...props.part.laid?.[role], split } },
  })
}
</script>

<template>
  <section class="group">
    <h3>{{ say('partPaint.paint') }}</h3>
    <div v-for="role in kind.roles" :key="role.id">
      <paint-field
        :label="role.label"
        :optional="role.optional"
        :mix="part.paints?.[role.id]"
        :coats="part.coats?.[role.id] ?? role.coats"
        :kit="catalogue.kit"
        @mix="(v) => setMix(role.id, v)"
        @coats="(v) => lookDoc.edit(part.id, { coats: { ...part.coats, [role.id]: v } })"
        @cake="(v) => setCake(role.id, v)"
      />
      <hand-field
        v-if="part.paints?.[role.id]"
        :label="role.label"
        :lay="part.laid?.[role.id]"
        :usual-tool="role.tool"
        :planned="planned?.coats.find((c) => c.role === role.id)"
        @change="(lay, key) => setLay(role.id, lay, key)"
      />
      <lay-field
        v-if="part.paints?.[role.id]"
        :label="role.label"
        :lay="part.laid?.[role.id]"
        :paints="part.paints[role.id]!.length"
        :paint="part.paints[role.id]![0]!.paint"
        :planned="planned?.coats.find((c) => c.role === role.id)"
        @change="(lay, key) => setLay(role.id, lay, key)"
      />
      <n-checkbox
        v-if="part.paints?.[role.id] && painted > 1"
        :checked="part.without?.includes(role.id) ?? false"
        :aria-label="say('partPaint.leaveOutOf', { label: role.label })"
        @update:checked="(out: boolean) => leaveOut(role.id, out)"
        >{{ say('partPaint.leaveOutThisTime') }}</n-checkbox
      >
    </div>
    <ul v-if="planned" class="coats">
      <li v-for="coat in planned.coats" :key="coat.role">
        <colour-swatch :colour="coat.colour" :width-px="16" />
        <span
          >{{ say('partPaint.seenSoInPlace', { label: coat.label }) }}
          <span class="faint">{{
            coat.coatsToHide
              ? say('partPaint.thisSkin', {
                  coatsToHide: coat.coatsToHide,
                  hide: coat.coatsToHide === 1 ? say('partPaint.coatHides') : say('partPaint.coatsHide'),
                })
              : say('partPaint.moreThan8CoatsToHide')
          }}</span>
          <span v-if="coat.tintDeltaE >= 3" class="faint tint"
            ><colour-swatch :colour="coat.onBareSkin" :width-px="16" />
            {{ say('partPaint.soOnBareSkine00Away', { tintDeltaE: coat.tintDeltaE }) }}</span
          ></span
        >
      </li>
    </ul>
  </section>
</template>

<style scoped>
.coats {
  list-style: none;
  margin: 0;
  padding: 0;
  display: grid;
  gap: 3px;
}

.coats li {
  display: grid;
  grid-template-columns: 16px 1fr;
  gap: 8px;
  align-items: start;
}

.tint {
  display: block;
}
</style>
