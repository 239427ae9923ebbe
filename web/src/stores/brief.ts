import { defineStore } from 'pinia'
import { computed, reactive, ref, watch } from 'vue'
import { api, type Brief, type Part, type Proposal } from '../api/client'
import { useLatest } from '../lib/latest'
import { usePreferences } from './preferences'

/** A proposal with its picture. */
export interface Shown {
  proposal: Proposal
  picture: string | null
}

const PAUSE_MS = 450

/** What a new look shall be, and the faces proposed for it. */
export const useBrief = defineStore('brief', () => {
  const preferences = usePreferences()
  const brief = reactive<Brief>({
    words: '',
    temper: null,
    extent: null,
    minutes: null,
    ornament: true,
    without: [],
    lips: null,
    boldness: 0,
    seed: 1,
    keep: [],
    old: false,
    side: null,
  })
  const shown = ref<Shown[]>([])
  const problem = ref('')
  const asking = useLatest()
  const asked = computed(() => ({
    brief: { ...brief, words: brief.words!.trim() },
    faceId: preferences.face,
    kitId: preferences.kit,
    settingId: preferences.setting,
  }))

  function forgetPictures() {
    for (const s of shown.value) if (s.picture) URL.revokeObjectURL(s.picture)
  }

  async function propose() {
    if (!preferences.face || !preferences.kit || !preferences.setting) return
    try {
      await asking.ask(async (signal) => {
        const { faceId, kitId, settingId } = asked.value
        const draw = async (s: Shown) => {
          if (s.picture) return
          const picture = await api.bust({ look: s.proposal.look, faceId, kitId, settingId }, signal)
          s.picture = URL.createObjectURL(picture)
        }
        // One to look at while the others are drawn; it is the first of them.
        const [first] = await api.proposeFirst(asked.value, signal)
        if (first) {
          forgetPictures()
          shown.value = [{ proposal: first, picture: null }]
          problem.value = ''
          await draw(shown.value[0]!)
        }
        const proposals = await api.propose(asked.value, signal)
        const early = first ? (shown.value[0]?.picture ?? null) : null
        if (!first) forgetPictures()
        shown.value = proposals.map((proposal, k) => ({ proposal, picture: k === 0 && first ? early : null }))
        problem.value = ''
        for (const s of shown.value) await draw(s)
      })
    } catch (error) {
      problem.value = (error as Error).message
    }
  }

  watch(asked, () => asking.later(PAUSE_MS, propose), { deep: true })

  /** The same with what tells it kept, the rest anew. */
  function moreLike(proposal: Proposal) {
    keep(proposal.look.parts.filter((p) => proposal.tells.includes(p.id)))
  }

  function keep(parts: Part[]) {
    brief.keep = parts
    brief.seed = (brief.seed ?? 1) + 1
  }

  function others() {
    brief.seed = (brief.seed ?? 1) + 1
  }

  return { brief, shown, problem, busy: asking.busy, propose, moreLike, keep, others }
})
