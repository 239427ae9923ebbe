import { defineStore } from 'pinia'
import { ref, watch } from 'vue'

/** What is in the painter's hand: the part she points at, and what she drags. */
export const useSelection = defineStore('selection', () => {
  /** Id of the chosen part. */
  const selected = ref<string | null>(null)
  const dragging = ref(false)
  /** Whether what is in the hand is the lamp that the painting pretends: only shades and lights change. */
  const lampHeld = ref(false)
  /** Each drag is one step of undo. */
  const drags = ref(0)
  watch(dragging, (now) => now && drags.value++, { flush: 'sync' })

  function holdLamp(on: boolean) {
    lampHeld.value = on
    dragging.value = on
  }

  return { selected, dragging, lampHeld, drags, holdLamp }
})
