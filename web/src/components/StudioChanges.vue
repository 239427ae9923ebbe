<script setup lang="ts">
import { NButton } from 'naive-ui'
import { onMounted, ref } from 'vue'
import { people, type Change } from '../api/account'
import { say } from '../texts'
import InfoCard from './InfoCard.vue'

/** Who changed what when. */
const PAGE = 100

const changes = ref<Change[]>([])
const more = ref(true)
const problem = ref('')

const WORDS: Record<string, string> = {
  added: say('changes.added'),
  saved: say('changes.saved'),
  removed: say('changes.removed'),
  putBack: say('changes.putBack'),
  erased: say('changes.erased'),
  roleChanged: say('changes.roleChanged'),
  joined: say('changes.joined'),
  left: say('changes.left'),
  linkMade: say('changes.linkMade'),
  linkEnded: say('changes.linkEnded'),
}

async function load() {
  try {
    const page = await people.changes(changes.value.at(-1)?.number)
    changes.value = [...changes.value, ...page]
    more.value = page.length === PAGE
  } catch (error) {
    problem.value = (error as Error).message
  }
}

onMounted(load)
</script>

<template>
  <info-card :title="say('changes.title')" :says="say('changes.says')">
    <p v-if="problem" class="stop" role="alert">{{ problem }}</p>
    <table>
      <tr v-for="c in changes" :key="c.number">
        <td class="faint">{{ new Date(c.at).toLocaleString() }}</td>
        <td>{{ c.who ?? say('changes.nobody') }}</td>
        <td>{{ WORDS[c.action] ?? c.action }}</td>
        <td>
          {{ c.kind }} {{ c.name ?? c.id
          }}<span v-if="c.revision" class="faint">
            · {{ say('changes.save', { revision: c.revision }) }}</span
          >
        </td>
      </tr>
    </table>
    <n-button v-if="more" class="start" @click="load">{{ say('changes.more') }}</n-button>
  </info-card>
</template>

<style scoped>
table {
  border-collapse: collapse;
}

td {
  padding: 4px 14px 4px 0;
  vertical-align: top;
}

.start {
  justify-self: start;
}
</style>
