import { useLocalStorage } from '@vueuse/core'
import { defineStore } from 'pinia'
import { ref } from 'vue'
import type { BustView } from '../three/SkinScene'

export type Layout = 'both' | 'bust' | 'chart' | 'pictures'

const KEPT = 'datura.layout'

/** From where the bust is seen, and whether bust or chart have the room. */
export const useView = defineStore('view', () => {
  const view = ref<BustView>('front')
  /** Grows with every wish, so that asking for the same view again turns the bust back to it. */
  const asked = ref(0)
  /** Distance in m; 0 is from here. */
  const seenFromM = ref(0)
  const layout = useLocalStorage<Layout>(KEPT, 'both')

  /** Whether the setting is open, where it is worn. */
  const placing = ref(false)

  function show(next: BustView) {
    view.value = next
    asked.value++
  }

  return { view, asked, seenFromM, layout, placing, show }
})
