import { ref, type Ref } from 'vue'
import { useSelection } from '../stores/selection'

/** Something on the skin that is taken and dragged: it keeps the pointer, and everyone knows that something is in the hand. */
export function useHeld<T>() {
  const selection = useSelection()
  const held = ref(null) as Ref<T | null>

  function grab(event: PointerEvent, what: T) {
    event.stopPropagation()
    ;(event.target as Element).setPointerCapture(event.pointerId)
    held.value = what
    selection.dragging = true
  }

  function drop() {
    held.value = null
    selection.dragging = false
  }

  return { held, grab, drop }
}
