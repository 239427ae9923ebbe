<script setup lang="ts">
import { NButton } from 'naive-ui'
import { computed, ref } from 'vue'
import GuestLinks from '../components/GuestLinks.vue'
import MemberList from '../components/MemberList.vue'
import OwnAccount from '../components/OwnAccount.vue'
import SegmentGroup from '../components/SegmentGroup.vue'
import StudioChanges from '../components/StudioChanges.vue'
import StudioName from '../components/StudioName.vue'
import { ROLES } from '../lib/roles'
import { useSession } from '../stores/session'
import { say } from '../texts'

/** The own account, and who belongs to the studio. */
const session = useSession()
const shown = ref<'me' | 'studio' | 'changes'>('me')

const TABS = computed(() => [
  { id: 'me' as const, label: say('account.me'), title: say('account.meTitle') },
  { id: 'studio' as const, label: say('account.studio'), title: say('account.studioTitle') },
  ...(session.isOwner
    ? [{ id: 'changes' as const, label: say('account.changes'), title: say('account.changesTitle') }]
    : []),
])
</script>

<template>
  <div class="account">
    <header>
      <h1>{{ session.session?.name ?? say('account.demo') }}</h1>
      <p class="faint">
        {{ session.role ? ROLES[session.role].label : '' }} · {{ session.session?.studio?.name }}
      </p>
      <segment-group v-model:value="shown" :label="say('account.parts')" :options="TABS" />
      <n-button v-if="!session.session?.demo" class="out" @click="session.signOut()">{{
        say('signIn.signOut')
      }}</n-button>
    </header>
    <p v-if="session.session?.demo && shown === 'me'" class="demo">{{ say('account.demoSays') }}</p>
    <own-account v-else-if="shown === 'me'" />
    <template v-else-if="shown === 'studio'">
      <studio-name />
      <member-list v-if="session.isOwner" />
      <guest-links v-if="session.canChange" />
    </template>
    <studio-changes v-else />
  </div>
</template>

<style scoped>
.account {
  max-width: 860px;
  margin: 0 auto;
  padding: 20px 24px 48px;
  display: grid;
  gap: 18px;
}

header {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 8px 16px;
}

h1,
p {
  margin: 0;
}

.out {
  margin-left: auto;
}

.demo {
  max-width: 60ch;
}
</style>
