<script setup lang="ts">
import { NButton, useMessage } from 'naive-ui'
import { computed, onMounted, ref } from 'vue'
import { own, type Account, type Authenticator } from '../api/account'
import { useSession } from '../stores/session'
import { say } from '../texts'
import InfoCard from './InfoCard.vue'
import TextField from './TextField.vue'

/** Password, second factor, passkeys, and where the account is signed in. What matters asks for the password again. */
const message = useMessage()
const session = useSession()
const account = ref<Account | null>(null)
const present = ref('')
const next = ref('')
const mail = ref('')
const code = ref('')
const offered = ref<Authenticator | null>(null)
const codes = ref<string[]>([])

/** A passkey belongs to a name, not to a number (W3C Web Authentication, 5.1.2). */
const hasName = computed(() => !/^[\d.[\]:]+$/.test(window.location.hostname))

async function load() {
  account.value = await own.read()
  mail.value = account.value.mail ?? ''
}

async function attempt(work: () => Promise<unknown>, done: string) {
  try {
    await work()
    await load()
    if (done) message.success(done)
  } catch (error) {
    if (!(error instanceof DOMException))
      message.error((error as Error).message, { duration: 9000, closable: true })
  }
}

const changePassword = () =>
  attempt(async () => {
    await own.password(present.value, next.value)
    present.value = next.value = ''
  }, say('ownAccount.passwordChanged'))

const confirm = () =>
  attempt(async () => {
    codes.value = (await own.confirmAuthenticator(code.value)).codes
    offered.value = null
    code.value = ''
  }, '')

onMounted(() => attempt(async () => undefined, ''))
</script>

<template>
  <template v-if="account">
    <info-card :title="say('ownAccount.password')" :says="say('ownAccount.passwordSays')">
      <div class="row">
        <text-field
          v-model="present"
          type="password"
          :label="say('ownAccount.present')"
          autocomplete="current-password"
        />
        <text-field
          v-model="next"
          type="password"
          :label="say('ownAccount.next')"
          autocomplete="new-password"
        />
        <n-button size="large" :disabled="!present || !next" @click="changePassword">{{
          say('ownAccount.change')
        }}</n-button>
      </div>
      <div class="row">
        <text-field
          v-model="mail"
          :label="say('join.mail')"
          :says="say('join.mailSays')"
          autocomplete="email"
        />
        <n-button
          :disabled="!present"
          @click="attempt(() => own.mail(mail, present), say('ownAccount.mailChanged'))"
          >{{ say('ownAccount.changeMail') }}</n-button
        >
      </div>
    </info-card>

    <info-card :title="say('ownAccount.second')" :says="say('ownAccount.secondSays')">
      <div v-if="codes.length" class="codes" role="status">
        <p>{{ say('ownAccount.codesSay') }}</p>
        <code v-for="c in codes" :key="c">{{ c }}</code>
      </div>
      <template v-if="account.secondFactor">
        <p class="good">{{ say('ownAccount.secondOn', { count: account.recoveryCodes }) }}</p>
        <n-button
          class="start"
          :disabled="!present"
          @click="attempt(() => own.dropAuthenticator(present), say('ownAccount.secondOff'))"
          >{{ say('ownAccount.turnOff') }}</n-button
        >
      </template>
      <template v-else-if="offered">
        <div class="offer">
          <img
            :src="`data:image/svg+xml;utf8,${encodeURIComponent(offered.picture)}`"
            :alt="say('ownAccount.qr')"
          />
          <div class="beside">
            <span class="faint">{{ say('ownAccount.orType') }}</span>
            <code>{{ offered.key }}</code>
            <text-field v-model="code" :label="say('signIn.codeLabel')" autocomplete="one-time-code" />
            <n-button size="large" type="primary" @click="confirm">{{ say('ownAccount.confirm') }}</n-button>
          </div>
        </div>
      </template>
      <n-button
        v-else
        class="start"
        :disabled="!present"
        @click="attempt(async () => (offered = await own.offerAuthenticator(present)), '')"
        >{{ say('ownAccount.setUp') }}</n-button
      >
      <p v-if="!present && !offered" class="faint">{{ say('ownAccount.needsPassword') }}</p>
    </info-card>

    <info-card
      :title="say('ownAccount.passkeys')"
      :says="say(hasName ? 'ownAccount.passkeysSay' : 'ownAccount.passkeysNeedName')"
    >
      <div v-for="p in account.passkeys" :key="p.id" class="row">
        <span class="grow">{{ p.name ?? say('ownAccount.passkey') }}</span>
        <span class="faint">{{ new Date(p.createdAt).toLocaleDateString() }}</span>
        <n-button size="small" @click="attempt(() => own.removePasskey(p.id), '')">{{
          say('ownAccount.remove')
        }}</n-button>
      </div>
      <n-button
        v-if="hasName"
        class="start"
        :disabled="!present"
        @click="
          attempt(() => own.addPasskey(present, session.session?.name ?? ''), say('ownAccount.passkeyAdded'))
        "
        >{{ say('ownAccount.addPasskey') }}</n-button
      >
    </info-card>

    <info-card :title="say('ownAccount.sessions')">
      <div v-for="s in account.sessions" :key="s.id" class="row">
        <span class="grow agent">{{ s.agent || say('ownAccount.noAgent') }}</span>
        <span v-if="s.here" class="good">{{ say('ownAccount.here') }}</span>
        <template v-else>
          <span class="faint">{{ new Date(s.seenAt).toLocaleString() }}</span>
          <n-button size="small" @click="attempt(() => own.endSession(s.id), '')">{{
            say('ownAccount.end')
          }}</n-button>
        </template>
      </div>
    </info-card>
  </template>
</template>

<style scoped>
p {
  margin: 0;
}

.row {
  display: flex;
  flex-wrap: wrap;
  align-items: end;
  gap: 10px 14px;
}

.row > label {
  flex: 1 1 220px;
}

.grow {
  flex: 1;
  min-width: 0;
}

.agent {
  overflow: hidden;
  text-overflow: ellipsis;
  white-space: nowrap;
}

.start {
  justify-self: start;
}

.offer {
  display: flex;
  flex-wrap: wrap;
  gap: 18px;
}

.offer img {
  width: 200px;
  height: 200px;
  background: var(--on-picture);
}

.beside {
  display: grid;
  gap: 8px;
  align-content: start;
}

.codes {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(130px, 1fr));
  gap: 6px;
  padding: 10px 12px;
  border-radius: 8px;
  background: var(--accent-soft);
}

.codes p {
  grid-column: 1 / -1;
}

code {
  overflow-wrap: anywhere;
}
</style>
