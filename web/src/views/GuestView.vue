<script setup lang="ts">
import { onMounted, ref } from 'vue'
import { entrance, guest, type GuestLook } from '../api/account'
import EntryCard from '../components/EntryCard.vue'
import { useSession } from '../stores/session'
import { say } from '../texts'

/** What a guest's link shows: one look on one face. */
const session = useSession()
const look = ref<GuestLook | null>(null)
const problem = ref('')
const VIEWS = [
  { view: 'front', says: say('guest.front') },
  { view: 'left', says: say('guest.left') },
  { view: 'right', says: say('guest.right') },
]

onMounted(async () => {
  try {
    const token = window.location.hash.slice(1)
    if (token) {
      await entrance.asGuest(token)
      // What opened the door does not stay in the history.
      window.history.replaceState(null, '', '/guest')
      await session.load()
    }
    look.value = await guest.look()
  } catch (error) {
    problem.value = (error as Error).message
  }
})
</script>

<template>
  <entry-card v-if="problem" :title="say('guest.title')" :problem="problem" />
  <p v-else-if="!look" class="opening faint">{{ say('guest.opening') }}</p>
  <article v-else class="guest">
    <header>
      <h1>{{ look.look }}</h1>
      <p class="faint">{{ say('guest.on', { face: look.face, minutes: Math.round(look.minutes) }) }}</p>
      <a :href="guest.sheet" download>{{ say('guest.sheet') }}</a>
    </header>
    <div class="pictures">
      <img v-for="v in VIEWS" :key="v.view" :src="guest.picture(v.view)" :alt="v.says" />
    </div>
    <section>
      <h2>{{ say('guest.steps') }}</h2>
      <ol>
        <li v-for="(step, k) in look.steps" :key="k">{{ step }}</li>
      </ol>
    </section>
    <section>
      <h2>{{ say('guest.cautions') }}</h2>
      <ul>
        <li v-for="(caution, k) in look.cautions" :key="k">{{ caution }}</li>
      </ul>
    </section>
  </article>
</template>

<style scoped>
.opening {
  padding: 48px;
}

.guest {
  max-width: 1100px;
  margin: 0 auto;
  padding: 20px 24px 40px;
}

header {
  display: flex;
  flex-wrap: wrap;
  align-items: baseline;
  gap: 4px 20px;
}

header a {
  margin-left: auto;
  color: var(--accent);
}

section {
  margin-top: 18px;
}

.pictures {
  margin-top: 14px;
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(240px, 1fr));
  gap: 12px;
}

.pictures img {
  width: 100%;
  border-radius: 10px;
  background: var(--surround);
}
</style>
