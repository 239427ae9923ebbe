<script setup lang="ts">
import { NButton, NPopconfirm, NSelect, useMessage } from 'naive-ui'
import { onMounted, ref } from 'vue'
import { people, type Member, type Role } from '../api/account'
import { ROLES } from '../lib/roles'
import { say } from '../texts'
import InfoCard from './InfoCard.vue'
import OneLink from './OneLink.vue'

/** Everybody who belongs to the studio, and links for those who are to. */
const message = useMessage()
const members = ref<Member[]>([])
const invited = ref<Role>('painter')
const link = ref('')
const CHOICES = (['owner', 'painter', 'helper'] as const).map((r) => ({ value: r, label: ROLES[r].label }))

async function attempt(work: () => Promise<unknown>) {
  try {
    await work()
  } catch (error) {
    message.error((error as Error).message, { duration: 9000, closable: true })
  }
  members.value = await people.list()
}

const invite = () => attempt(async () => (link.value = (await people.invite(invited.value)).path))
const reset = (id: string) => attempt(async () => (link.value = (await people.resetLink(id)).path))

onMounted(() => attempt(async () => undefined))
</script>

<template>
  <info-card :title="say('members.title')" :says="say('members.says')">
    <div v-for="m in members" :key="m.id" class="member">
      <span class="grow"
        >{{ m.name }}<span v-if="m.self" class="faint"> · {{ say('members.you') }}</span></span
      >
      <n-select
        class="role"
        size="small"
        :value="m.role"
        :options="CHOICES"
        :aria-label="say('members.roleOf', { name: m.name })"
        @update:value="(role: Role) => attempt(() => people.role(m.id, role))"
      />
      <n-button size="small" :disabled="m.self" @click="reset(m.id)">{{
        say('members.newPassword')
      }}</n-button>
      <n-popconfirm @positive-click="attempt(() => people.remove(m.id))">
        <template #trigger>
          <n-button size="small" :disabled="m.self">{{ say('members.takeOut') }}</n-button>
        </template>
        {{ say('members.takeOutSays', { name: m.name }) }}
      </n-popconfirm>
    </div>
    <div class="member">
      <n-select
        v-model:value="invited"
        class="role"
        size="small"
        :options="CHOICES"
        :aria-label="say('members.inviteAs')"
      />
      <n-button size="small" type="primary" @click="invite">{{ say('members.invite') }}</n-button>
      <span class="faint">{{ ROLES[invited].says }}</span>
    </div>
    <one-link v-if="link" :path="link" :says="say('members.link')" />
  </info-card>
</template>

<style scoped>
.member {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 8px 10px;
}

.grow {
  flex: 1;
}

.role {
  width: 130px;
}
</style>
