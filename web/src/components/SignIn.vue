<script setup lang="ts">
import { NButton, NCheckbox } from 'naive-ui'
import { ref } from 'vue'
import { entrance } from '../api/account'
import { useSession } from '../stores/session'
import { say } from '../texts'
import EntryCard from './EntryCard.vue'
import TextField from './TextField.vue'

/** Name and password, then a code where one is asked for; or a passkey. */
const emit = defineEmits<{ done: [] }>()
const session = useSession()
const name = ref('')
const password = ref('')
const code = ref('')
const stay = ref(false)
const step = ref<'password' | 'code' | 'forgotten' | 'sent'>('password')
const problem = ref('')
const busy = ref(false)

async function attempt(work: () => Promise<unknown>) {
  problem.value = ''
  busy.value = true
  try {
    await work()
  } catch (error) {
    // Breaking off a passkey is no fault.
    if (!(error instanceof DOMException)) problem.value = (error as Error).message
  } finally {
    busy.value = false
  }
}

const submit = () =>
  attempt(async () => {
    if (step.value === 'forgotten') {
      await entrance.forgotten(name.value)
      step.value = 'sent'
      return
    }
    if (step.value === 'code') await entrance.second(code.value, stay.value)
    else if ((await entrance.signIn(name.value, password.value, stay.value)).secondFactor) {
      step.value = 'code'
      return
    }
    emit('done')
  })

const byPasskey = () =>
  attempt(async () => {
    await entrance.byPasskey()
    emit('done')
  })
</script>

<template>
  <entry-card
    v-if="session.session?.name"
    :title="say('signIn.noStudio')"
    :says="say('signIn.noStudioSays', { name: session.session.name })"
    @submit="session.signOut()"
  >
    <n-button type="primary" size="large" attr-type="submit">{{ say('signIn.signOut') }}</n-button>
  </entry-card>
  <entry-card
    v-else-if="step === 'code'"
    :title="say('signIn.code')"
    :says="say('signIn.codeSays')"
    :problem="problem"
    @submit="submit"
  >
    <text-field v-model="code" :label="say('signIn.codeLabel')" autocomplete="one-time-code" first />
    <n-button type="primary" size="large" attr-type="submit" :loading="busy">{{
      say('signIn.signIn')
    }}</n-button>
  </entry-card>
  <entry-card
    v-else-if="step === 'forgotten' || step === 'sent'"
    :title="say('signIn.forgottenTitle')"
    :says="say(step === 'sent' ? 'signIn.sent' : 'signIn.forgottenSays')"
    :problem="problem"
    @submit="submit"
  >
    <template v-if="step === 'forgotten'">
      <text-field v-model="name" :label="say('signIn.name')" autocomplete="username" first />
      <n-button type="primary" size="large" attr-type="submit" :loading="busy">{{
        say('signIn.sendLink')
      }}</n-button>
    </template>
    <template #more>
      <n-button text @click="step = 'password'">{{ say('signIn.back') }}</n-button>
    </template>
  </entry-card>
  <entry-card v-else :title="say('signIn.title')" :problem="problem" @submit="submit">
    <text-field v-model="name" :label="say('signIn.name')" autocomplete="username webauthn" first />
    <text-field
      v-model="password"
      type="password"
      :label="say('signIn.password')"
      autocomplete="current-password"
    />
    <n-checkbox v-model:checked="stay">{{ say('signIn.stay') }}</n-checkbox>
    <n-button type="primary" size="large" attr-type="submit" :loading="busy">{{
      say('signIn.signIn')
    }}</n-button>
    <template #more>
      <div class="others">
        <n-button text @click="byPasskey">{{ say('signIn.passkey') }}</n-button>
        <n-button text @click="step = 'forgotten'">{{ say('signIn.forgotten') }}</n-button>
      </div>
    </template>
  </entry-card>
</template>

<style scoped>
.others {
  display: flex;
  flex-wrap: wrap;
  justify-content: space-between;
  gap: 8px;
}
</style>
