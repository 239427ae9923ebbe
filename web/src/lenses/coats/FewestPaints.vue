<script setup lang="ts">
import { NButton, NSelect } from 'naive-ui'
import { ref, watch } from 'vue'
import { api, type FewestPaints } from '../../api/client'
import { usePlan } from '../../stores/plan'
import { say } from '../../texts'
import ColourSwatch from '../../components/ColourSwatch.vue'

/** The smallest set of paints that still makes the look. */
const NEARNESS = [
  { label: say('fewestPaints.hardlySeen'), value: 2 },
  { label: say('fewestPaints.small'), value: 4 },
  { label: say('fewestPaints.plain'), value: 8 },
]

const planning = usePlan()
const fewest = ref<FewestPaints | null>(null)
const problem = ref('')
const searching = ref(false)
const deltaE = ref(4)

watch([() => planning.plan, deltaE], () => (fewest.value = null))

async function search() {
  searching.value = true
  problem.value = ''
  try {
    fewest.value = await api.fewest(planning.request, deltaE.value)
  } catch (error) {
    problem.value = (error as Error).message
  } finally {
    searching.value = false
  }
}
</script>

<template>
  <section class="group">
    <h3>{{ say('fewestPaints.fewestPaints') }}</h3>
    <div class="line">
      <n-select
        v-model:value="deltaE"
        size="small"
        :options="NEARNESS"
        :aria-label="say('fewestPaints.differenceAllowed')"
        style="width: 124px"
      />
      <span class="faint">{{ say('fewestPaints.differencee00', { deltaE }) }}</span>
      <n-button size="small" :loading="searching" @click="search">{{ say('fewestPaints.search') }}</n-button>
    </div>
    <p v-if="problem" class="stop" role="alert">{{ problem }}</p>
    <template v-if="fewest">
      <p>
        <b>{{ say('fewestPaints.paints', { paints: fewest.paints.length }) }}</b>
        {{
          say('fewestPaints.makeTheWholeLook', {
            can: fewest.proven ? say('fewestPaints.noFewerCan') : '',
            paints: fewest.paints.join(', '),
          })
        }}
      </p>
      <ul class="pairs">
        <li v-for="c in fewest.colours.filter((one) => one.now.deltaE > 0.05)" :key="c.use">
          <colour-swatch :colour="c.was" />
          <colour-swatch :colour="c.now.colour" />
          <span>
            {{ c.use }}
            <span class="faint">
              {{
                say('fewestPaints.offBye00', {
                  name: c.now.shares.map((s) => `${s.parts} ${s.name}`).join(' : '),
                  deltaE: c.now.deltaE,
                })
              }}
            </span>
          </span>
        </li>
      </ul>
    </template>
  </section>
</template>

<style scoped src="./pairs.css" />
