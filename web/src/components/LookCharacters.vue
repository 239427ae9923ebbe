<script setup lang="ts">
import { ref, watch } from 'vue'
import { api } from '../api/client'
import { offOf } from '../lib/conformity'
import { useLatest } from '../lib/latest'
import { useLook } from '../stores/look'
import { usePreferences } from '../stores/preferences'
import { useSession } from '../stores/session'
import { say } from '../texts'

/** The characters that the look in hand is held to, and what of it is off, for everybody who wears it. */
const lookDoc = useLook()
const preferences = usePreferences()
const session = useSession()
const asking = useLatest()
const held = ref<{ id: string; name: string; wearers: { name: string; off: string[] }[] }[]>([])

async function judge() {
  const [look, settingId] = [lookDoc.id, preferences.setting]
  if (!look || !settingId) return
  try {
    await asking.ask(async (signal) => {
      const all = await api.charactersOf(look)
      const judged = await Promise.all(
        all.map(async ({ id, character }) => ({
          id,
          name: character.name,
          found: await api.conformity(
            {
              character: { ...character, wearers: character.wearers!.filter((w) => w.look === look) },
              settingId,
            },
            signal,
          ),
        })),
      )
      held.value = judged.map(({ id, name, found }) => ({
        id,
        name,
        wearers: found.wearers.map((w) => ({
          name: w.faceName,
          off: w.problem ? [w.problem] : offOf(w).map((f) => f.says),
        })),
      }))
    })
  } catch {
    // The look itself can go on without it; the troupe's page says what is wrong.
    held.value = []
  }
}

// As it is kept: after every save.
watch(() => [lookDoc.id, lookDoc.revision, preferences.setting], judge, { immediate: true })
</script>

<template>
  <section v-if="held.length || session.canChange" class="group">
    <template v-for="c in held" :key="c.id">
      <h3>
        {{ say('characters.heldTo') }} <router-link :to="`/characters/${c.id}`">{{ c.name }}</router-link>
      </h3>
      <ul>
        <li v-for="w in c.wearers" :key="w.name">
          {{ w.name }}:
          <span :class="w.off.length ? 'stop' : 'good'">{{
            w.off.length ? w.off.join(' ') : say('characters.right')
          }}</span>
        </li>
      </ul>
    </template>
    <router-link v-if="session.canChange && lookDoc.id" :to="`/characters?from=${lookDoc.id}`">{{
      say('characters.makeOne')
    }}</router-link>
  </section>
</template>

<style scoped>
ul {
  margin: 4px 0 8px;
  padding-left: 18px;
}
</style>
