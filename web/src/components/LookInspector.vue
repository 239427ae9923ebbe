<script setup lang="ts">
import { LETTERS } from '../api/limits'
import ChoiceField from './ChoiceField.vue'
import FieldRow from './FieldRow.vue'
import { say } from '../texts'
import { LIMITS } from '../api/limits'
import { NButton, NInput, NSelect } from 'naive-ui'
import { computed, onMounted, ref } from 'vue'
import { api, type Look } from '../api/client'
import { productionsOf, tagsOf } from '../lib/gallery'
import { clock, size } from '../lib/format'
import { useCatalogue } from '../stores/catalogue'
import { usePreferences } from '../stores/preferences'
import { useLook } from '../stores/look'
import { usePlan } from '../stores/plan'
import { useSelection } from '../stores/selection'
import CautionList from './CautionList.vue'
import LookCharacters from './LookCharacters.vue'
import NamedSlider from './NamedSlider.vue'
import TagField from './TagField.vue'

const lookDoc = useLook()
const planning = usePlan()
const selection = useSelection()
const catalogue = useCatalogue()
const preferences = usePreferences()
const plan = computed(() => planning.plan)

// As the service has it (Look.MostTags, Look.LongestTag).
const MOST_TAGS = 12
const LONGEST_TAG = 40
const tags = ref<string[]>([])
const productions = ref<string[]>([])

/** Words that other looks have already. */
async function known() {
  const looks = await api.gallery(preferences.face, preferences.kit, preferences.setting).catch(() => [])
  tags.value = tagsOf(looks)
  productions.value = productionsOf(looks)
}
onMounted(known)

function factOf(id: string) {
  const first = plan.value?.parts.find((p) => p.id === id)?.sizes[0]
  return first ? `${first.label.toLowerCase()} ${size(first, preferences.unit)}` : ''
}
</script>

<template>
  <div class="inspector">
    <header>
      <h2>{{ say('lookInspector.theWholeLook') }}</h2>
      <p class="faint">
        {{
          say('lookInspector.onSkin', {
            name: catalogue.face?.face.name,
            skinClass: catalogue.face?.skinClass,
          })
        }}
      </p>
    </header>
    <ul v-if="plan" class="sizes">
      <li>
        <span class="faint">{{ say('lookInspector.takes') }}</span>
        <span class="figure">{{ clock(plan.totalSeconds) }} min</span>
      </li>
      <li>
        <span class="faint">{{ say('lookInspector.ofItWaiting') }}</span>
        <span class="figure">{{ clock(plan.waitingSeconds) }} min</span>
      </li>
      <li>
        <span class="faint">{{ say('lookInspector.paintedArea') }}</span>
        <span class="figure">{{
          size({ label: '', value: plan.paintedCm2, unit: 'cm²', against: '' }, preferences.unit)
        }}</span>
      </li>
    </ul>

    <field-row :title="say('lookInspector.aWetBrushOverADry')" :label="say('lookInspector.wetBrushLifts')">
      <named-slider
        :value="lookDoc.look.wetLifts ?? 0"
        v-bind="LIMITS.Look.wetLifts"
        :step="0.01"
        :label="say('lookInspector.shareThatAWetBrushLifts')"
        style="width: 120px"
        @update:value="(v: number) => lookDoc.describe({ wetLifts: v }, 'wetLifts')"
      />
      <span>{{ Math.round(100 * (lookDoc.look.wetLifts ?? 0)) }} %</span>
    </field-row>

    <section class="group">
      <h3>{{ say('lookInspector.parts') }}</h3>
      <p v-if="lookDoc.look.parts.length === 0" class="faint">
        {{ say('lookInspector.noneYetPointAtTheBust') }}
      </p>
      <ul class="parts">
        <li v-for="part in lookDoc.look.parts" :key="part.id">
          <button @click="selection.selected = part.id">
            <span>{{ part.name ?? catalogue.kindOf(part.kind)?.label ?? part.kind }}</span>
            <span class="faint">{{
              part.version === 'out'
                ? say('lookInspector.leftOut')
                : part.version === 'quick'
                  ? say('lookInspector.quick')
                  : part.without?.length
                    ? say('lookInspector.inPart')
                    : factOf(part.id)
            }}</span>
          </button>
        </li>
      </ul>
    </section>

    <look-characters />

    <section class="group">
      <field-row :label="say('lookInspector.paintedWith')">
        <n-select
          v-model:value="preferences.kit"
          size="small"
          :options="catalogue.kits.map((k) => ({ label: k.name, value: k.id }))"
          :aria-label="say('lookInspector.kit')"
        />
      </field-row>
      <template v-if="plan?.standIns.length">
        <p class="faint">
          {{
            say('lookInspector.thisKitLacksOfTheLook', {
              colours:
                plan.standIns.length === 1
                  ? say('lookInspector.oneColour')
                  : say('lookInspector.colours', { standIns: plan.standIns.length }),
            })
          }}
        </p>
        <ul class="stand-ins">
          <li v-for="s in plan.standIns" :key="`${s.partId}/${s.role}`">
            <button @click="selection.selected = s.partId">
              <span>{{ s.part }}: {{ s.instead }}</span>
              <span class="faint">{{
                say('lookInspector.for', {
                  wanted: s.wanted,
                  off: s.deltaE === null ? '' : say('lookInspector.e00Off', { deltaE: s.deltaE }),
                })
              }}</span>
            </button>
          </li>
        </ul>
        <n-button size="small" @click="planning.takeStandIns()">{{
          say('lookInspector.takeTheseMixes')
        }}</n-button>
      </template>
    </section>

    <section v-if="plan?.cautions.length" class="group">
      <h3>{{ say('lookInspector.checksAndCautions') }}</h3>
      <caution-list :cautions="plan.cautions" />
    </section>

    <section class="group">
      <field-row :label="say('lookInspector.outlinesFirst')">
        <choice-field
          :value="lookDoc.look.mapping"
          :label="say('lookInspector.outlinesFirst')"
          :options="[
            { id: 'pencil', label: say('lookInspector.pencilMap') },
            { id: 'freehand', label: say('lookInspector.freehand') },
          ]"
          @update:value="(v: Look['mapping']) => lookDoc.describe({ mapping: v })"
        />
      </field-row>
      <field-row :label="say('gallery.production')">
        <n-input
          :value="lookDoc.look.production ?? ''"
          size="small"
          :placeholder="say('gallery.noProduction')"
          :maxlength="LETTERS.Look.production"
          :input-props="{ 'aria-label': say('gallery.production'), list: 'productions' }"
          @update:value="(v: string) => lookDoc.describe({ production: v || null }, 'production')"
        />
        <datalist id="productions">
          <option v-for="p in productions" :key="p" :value="p" />
        </datalist>
      </field-row>
      <tag-field
        :model-value="lookDoc.look.tags ?? []"
        :known="tags"
        :most="MOST_TAGS"
        :longest="LONGEST_TAG"
        @update:model-value="(v: string[]) => lookDoc.describe({ tags: v })"
      />
      <n-input
        type="textarea"
        :value="lookDoc.look.notes ?? ''"
        :placeholder="say('lookInspector.notesOnTheCharacter')"
        :maxlength="LETTERS.Look.notes"
        :autosize="{ minRows: 2, maxRows: 6 }"
        :input-props="{ 'aria-label': say('lookInspector.notes') }"
        @update:value="(v: string) => lookDoc.describe({ notes: v }, 'notes')"
      />
    </section>
  </div>
</template>

<style scoped>
.line > .n-select {
  flex: 1;
}

.stand-ins {
  list-style: none;
  margin: 0 0 8px;
  padding: 0;
}

.stand-ins button {
  width: 100%;
  display: grid;
  padding: 3px 0;
  border: 0;
  background: none;
  text-align: left;
  cursor: pointer;
}

.parts {
  list-style: none;
  margin: 0;
  padding: 0;
  display: grid;
  gap: 3px;
}

.parts button {
  width: 100%;
  min-height: 34px;
  display: flex;
  justify-content: space-between;
  align-items: center;
  gap: 8px;
  padding: 2px 8px;
  border: 0;
  border-radius: 7px;
  background: none;
  cursor: pointer;
  text-align: left;
}

.parts button:hover {
  background: var(--accent-soft);
}
</style>
