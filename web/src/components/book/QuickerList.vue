<script setup lang="ts">
import { NButton } from 'naive-ui'
import { ref, shallowRef, watch } from 'vue'
import { book } from '../../api/chairCalls'
import { api, type Painting, type Quicker } from '../../api/client'
import { useAttempt } from '../../lib/attempt'
import { clock } from '../../lib/format'
import { say } from '../../texts'

/** What would make a look quicker, by what its steps took in the book. Nothing is changed: the painter decides. */
const props = defineProps<{ painting: Painting }>()

const attempt = useAttempt()
const found = shallowRef<Quicker | null>(null)
const looking = ref(false)

watch(
  () => props.painting.look,
  () => (found.value = null),
)

async function look() {
  looking.value = true
  await attempt(async () => {
    const { look: wanted } = await api.look(props.painting.look)
    found.value = await book.quicker(
      {
        look: wanted,
        faceId: props.painting.face ?? '',
        kitId: props.painting.kit ?? '',
        settingId: props.painting.setting ?? '',
        draft: false,
        onScreen: null,
      },
      props.painting.look,
    )
  })
  looking.value = false
}

function words(idea: Quicker['ideas'][number]) {
  switch (idea.kind) {
    case 'otherTool':
      return say('quicker.otherTool', { what: idea.what, tool: idea.instead })
    case 'oneLoad':
      return say('quicker.oneLoad', { what: idea.what, paint: idea.instead })
    case 'otherOrder':
      return say('quicker.otherOrder')
    case 'preparedPalette':
      return say('quicker.preparedPalette')
    default:
      return idea.what
  }
}
</script>

<template>
  <section :aria-label="say('quicker.title')">
    <header>
      <h2>{{ say('quicker.title') }}</h2>
      <n-button
        size="small"
        :loading="looking"
        :disabled="!painting.face || !painting.setting"
        @click="look"
        >{{ say('quicker.look') }}</n-button
      >
    </header>
    <template v-if="found">
      <template v-if="found.costly.length">
        <p class="faint">{{ say('quicker.costly') }}</p>
        <ul>
          <li v-for="c in found.costly" :key="c.key">
            {{ c.title }}:
            {{
              say('quicker.over', {
                over: clock(c.overSeconds ?? 0),
                taken: clock(c.takenSeconds),
                count: c.count,
              })
            }}
          </li>
        </ul>
      </template>
      <p v-if="!found.ideas.length" class="faint">{{ say('quicker.nothing') }}</p>
      <table v-else class="rows">
        <thead>
          <tr>
            <th>{{ say('quicker.change') }}</th>
            <th class="n">{{ say('quicker.saves') }}</th>
            <th class="n">{{ say('quicker.loses') }}</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="i in found.ideas" :key="`${i.kind} ${i.what}`">
            <td>{{ words(i) }}</td>
            <td class="n">{{ clock(i.savedSeconds) }}</td>
            <td class="n">
              {{
                i.lostDeltaE > 0
                  ? say('quicker.deltaE', { value: i.lostDeltaE.toFixed(2) })
                  : say('quicker.none')
              }}
            </td>
          </tr>
        </tbody>
      </table>
    </template>
  </section>
</template>

<style scoped>
header {
  display: flex;
  align-items: center;
  gap: 12px;
  margin-top: 18px;
}

h2 {
  margin: 0;
  font-size: 16px;
}

ul {
  margin: 4px 0 8px;
}
</style>
