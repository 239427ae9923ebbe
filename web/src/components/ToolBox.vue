<script setup lang="ts">
import { NButton, NCheckbox, NInput, NInputNumber, NSelect } from 'naive-ui'
import { computed, ref } from 'vue'
import type { Tool, ToolForm } from '../api/client'
import { LETTERS, LIMITS } from '../api/limits'
import { freshName } from '../lib/freshName'
import { painting } from '../lib/hand'
import { say } from '../texts'
import { useCatalogue } from '../stores/catalogue'

/** The tools that somebody owns: every usual one, until it is said which. */
const props = defineProps<{ tools: Tool[] | null | undefined; mayChange: boolean }>()
const emit = defineEmits<{ change: [tools: Tool[] | null, key: string] }>()

const FORMS: { label: string; value: ToolForm }[] = [
  { label: say('toolForm.sponge'), value: 'sponge' },
  { label: say('toolForm.halfRoundSponge'), value: 'halfRoundSponge' },
  { label: say('toolForm.stippleSponge'), value: 'stippleSponge' },
  { label: say('toolForm.petalSponge'), value: 'petalSponge' },
  { label: say('toolForm.round'), value: 'round' },
  { label: say('toolForm.flat'), value: 'flat' },
  { label: say('toolForm.filbert'), value: 'filbert' },
  { label: say('toolForm.dagger'), value: 'dagger' },
  { label: say('toolForm.angled'), value: 'angled' },
  { label: say('toolForm.petalBrush'), value: 'petalBrush' },
  { label: say('toolForm.softBrush'), value: 'softBrush' },
  { label: say('toolForm.puff'), value: 'puff' },
  { label: say('toolForm.pencil'), value: 'pencil' },
  { label: say('toolForm.finger'), value: 'finger' },
  { label: say('toolForm.spatula'), value: 'spatula' },
  { label: say('toolForm.mesh'), value: 'mesh' },
  { label: say('toolForm.card'), value: 'card' },
]

/** What of a tool is a number, with its unit. */
const NUMBERS = [
  { of: 'widthMm', label: say('toolBox.width'), unit: 'mm' },
  { of: 'areaCm2PerMinute', label: say('toolBox.fills'), unit: 'cm²/min' },
  { of: 'lineMmPerSecond', label: say('toolBox.draws'), unit: 'mm/s' },
  { of: 'lineMmPerLoad', label: say('toolBox.lineLoad'), unit: 'mm' },
  { of: 'areaCm2PerLoad', label: say('toolBox.areaLoad'), unit: 'cm²' },
] as const

const catalogue = useCatalogue()
const usual = computed(() => catalogue.hands.tools)
const owned = computed(() => props.tools ?? usual.value)
/** Usual tools in their order, her own after them. */
const listed = computed(() => [
  ...usual.value.map((t) => owned.value.find((o) => o.id === t.id) ?? t),
  ...owned.value.filter((o) => usual.value.every((t) => t.id !== o.id)),
])
const form = ref<ToolForm>('round')

const isOwned = (tool: Tool) => owned.value.some((o) => o.id === tool.id)
const holdsPaint = (tool: Tool) => painting([tool]).length > 0
const isUsual = (tool: Tool) => usual.value.some((t) => t.id === tool.id)

function own(tool: Tool, on: boolean) {
  emit('change', on ? [...owned.value, tool] : owned.value.filter((o) => o.id !== tool.id), `tool/${tool.id}`)
}

function edit(tool: Tool, change: Partial<Tool>) {
  emit(
    'change',
    owned.value.map((o) => (o.id === tool.id ? { ...o, ...change } : o)),
    `tool/${tool.id}/${Object.keys(change).join()}`,
  )
}

/** A tool of her own, like the usual one of its form until she says otherwise. */
function add() {
  const like = usual.value.find((t) => t.form === form.value) ?? usual.value[0]
  if (like)
    emit(
      'change',
      [...owned.value, { ...like, id: freshName(), name: say('toolBox.own', { tool: like.name }) }],
      '',
    )
}
</script>

<template>
  <details class="box">
    <summary>
      <h2>{{ say('toolBox.title') }}</h2>
      <span class="faint">{{
        tools ? say('toolBox.owned', { count: tools.length }) : say('toolBox.everyUsual')
      }}</span>
    </summary>
    <div class="scroll" :inert="!mayChange">
      <table>
        <thead>
          <tr>
            <th>{{ say('toolBox.tool') }}</th>
            <th v-for="n in NUMBERS" :key="n.of">
              {{ n.label }} <span class="faint">{{ n.unit }}</span>
            </th>
            <th />
          </tr>
        </thead>
        <tbody>
          <tr v-for="t in listed" :key="t.id" :class="{ faint: !isOwned(t) }">
            <td>
              <n-checkbox
                v-if="isUsual(t)"
                :checked="isOwned(t)"
                @update:checked="(on: boolean) => own(t, on)"
                >{{ t.name }}</n-checkbox
              >
              <n-input
                v-else
                size="small"
                :value="t.name"
                :maxlength="LETTERS.ToolDescription.name"
                :input-props="{ 'aria-label': say('toolBox.name') }"
                @update:value="(name: string) => edit(t, { name })"
              />
            </td>
            <td v-for="n in NUMBERS" :key="n.of">
              <n-input-number
                v-if="holdsPaint(t)"
                size="small"
                :value="t[n.of]"
                v-bind="LIMITS.ToolDescription[n.of]"
                :disabled="!isOwned(t)"
                :show-button="false"
                :input-props="{ 'aria-label': `${t.name}, ${n.label}, ${n.unit}` }"
                @update:value="(v: number | null) => v && edit(t, { [n.of]: v })"
              />
            </td>
            <td>
              <n-button v-if="!isUsual(t)" size="small" quaternary @click="own(t, false)">{{
                say('toolBox.remove')
              }}</n-button>
            </td>
          </tr>
        </tbody>
      </table>
    </div>
    <div v-if="mayChange" class="add">
      <n-select
        v-model:value="form"
        size="small"
        :options="FORMS"
        :aria-label="say('toolBox.form')"
        style="width: 180px"
      />
      <n-button size="small" @click="add">{{ say('toolBox.add') }}</n-button>
      <n-button v-if="tools" size="small" @click="emit('change', null, '')">{{
        say('toolBox.allAgain')
      }}</n-button>
    </div>
  </details>
</template>

<style scoped>
.box {
  margin-top: 28px;
}

summary {
  cursor: pointer;
  margin-bottom: 10px;
}

summary h2 {
  display: inline;
  margin-right: 8px;
}

.add {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 10px;
  margin-top: 10px;
}

.scroll {
  overflow-x: auto;
}

table {
  border-collapse: collapse;
  width: 100%;
}

th {
  text-align: left;
  font-weight: 600;
  padding: 4px 6px;
}

td {
  border-top: 1px solid var(--line);
  padding: 3px 6px;
  min-width: 84px;
}

td:first-child {
  min-width: 190px;
}
</style>
