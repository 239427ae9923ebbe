import { defineStore } from 'pinia'
import { computed, ref } from 'vue'
import { entrance, type Session } from '../api/account'
import { entry } from '../api/client'
import { hands } from '../lib/hands'

/** Who works here, and what they may do. */
export const useSession = defineStore('session', () => {
  const session = ref<Session | null>(null)

  const role = computed(() => session.value?.role ?? null)
  const signedIn = computed(() => role.value !== null && role.value !== 'guest')
  const canChange = computed(() => role.value === 'painter' || role.value === 'owner')
  const isOwner = computed(() => role.value === 'owner')

  async function load() {
    const now = await entrance.session()
    entry.word = now.page
    session.value = now
  }

  // Signed out from somewhere else, or given another role: this page learns of it by what it is refused.
  let asking = false
  entry.refused = (status) => {
    if (asking || (status === 401 && !session.value?.role)) return
    asking = true
    void load()
      .catch(() => undefined)
      .finally(() => (asking = false))
  }

  /** How often somebody tried to change something who may not. */
  const tries = ref(0)
  hands.mayChange = () => !signedIn.value || canChange.value
  hands.tried = () => tries.value++

  async function signOut() {
    await entrance.signOut()
    // All that this page knows belongs to whoever signed out.
    window.location.assign('/')
  }

  return { session, role, signedIn, canChange, isOwner, tries, load, signOut }
})
