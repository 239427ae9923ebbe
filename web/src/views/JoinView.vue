<script setup lang="ts">
import { NButton } from 'naive-ui'
import { computed, onMounted, ref } from 'vue'
import { entrance, type Role } from '../api/account'
import EntryCard from '../components/EntryCard.vue'
import TextField from '../components/TextField.vue'
import { ROLES } from '../lib/roles'
import { useSession } from '../stores/session'
import { say } from '../texts'

/** A link that somebody was given: a new account that belongs to a studio, or one that belongs to it as well. */
const session = useSession()
const token = window.location.hash.slice(1)
const link = ref<{ studio: string; role: Role } | null>(null)
const problem = ref('')
const busy = ref(false)
const name = ref('')
const password = ref('')
const mail = ref('')

const known = computed(() => session.session?.name ?? '')

onMounted(async () => {
  try {
    const read = await entrance.link(token)
    if (read.purpose === 'join' && read.studio && read.role)
      link.value = { studio: read.studio, role: read.role }
  } catch (error) {
    problem.value = (error as Error).message
  }
})

async function submit() {
  problem.value = ''
  busy.value = true
  try {
    if (known.value) await entrance.joinToo(token)
    else await entrance.join(token, name.value, password.value, mail.value)
    window.location.assign('/looks')
  } catch (error) {
    problem.value = (error as Error).message
    busy.value = false
  }
}
</script>

<template>
  <entry-card
    :title="link ? say('join.title', { studio: link.studio }) : say('join.link')"
    :says="link ? ROLES[link.role].says : ''"
    :problem="problem"
    @submit="submit"
  >
    <template v-if="link && !known">
      <text-field v-model="name" :label="say('join.name')" autocomplete="username" first />
      <text-field
        v-model="password"
        type="password"
        :label="say('join.password')"
        :says="say('join.passwordSays')"
        autocomplete="new-password"
      />
      <text-field
        v-model="mail"
        :label="say('join.mail')"
        :says="say('join.mailSays')"
        autocomplete="email"
      />
    </template>
    <n-button v-if="link" type="primary" size="large" attr-type="submit" :loading="busy">
      {{ known ? say('join.asMyself', { name: known }) : say('join.make') }}
    </n-button>
  </entry-card>
</template>
