<script setup lang="ts">
import { NButton } from 'naive-ui'
import { ref } from 'vue'
import { entrance } from '../api/account'
import EntryCard from '../components/EntryCard.vue'
import TextField from '../components/TextField.vue'
import { say } from '../texts'

/** A new password by a link. */
const token = window.location.hash.slice(1)
const password = ref('')
const problem = ref('')
const busy = ref(false)
const done = ref(false)

async function submit() {
  problem.value = ''
  busy.value = true
  try {
    await entrance.reset(token, password.value)
    done.value = true
  } catch (error) {
    problem.value = (error as Error).message
  } finally {
    busy.value = false
  }
}
</script>

<template>
  <entry-card v-if="done" :title="say('reset.done')" :says="say('reset.doneSays')">
    <a href="/" class="on">{{ say('signIn.signIn') }}</a>
  </entry-card>
  <entry-card
    v-else
    :title="say('reset.title')"
    :says="say('reset.says')"
    :problem="problem"
    @submit="submit"
  >
    <text-field
      v-model="password"
      type="password"
      :label="say('join.password')"
      :says="say('join.passwordSays')"
      autocomplete="new-password"
      first
    />
    <n-button type="primary" size="large" attr-type="submit" :loading="busy">{{ say('reset.set') }}</n-button>
  </entry-card>
</template>

<style scoped>
.on {
  color: var(--accent);
  font-weight: 600;
}
</style>
