import { computed, shallowRef, type ShallowRef } from 'vue'

const MOST = 300
/** Changes of the same thing within this time are one step back. */
const MERGE_MS = 700

/** A value with undo and redo; every value is treated as immutable. */
export function useHistory<T>(first: T) {
  const now = shallowRef(first) as ShallowRef<T>
  const past = shallowRef<T[]>([])
  const future = shallowRef<T[]>([])
  let lastKey = ''
  let lastTime = 0

  /** @param held The hand has not let go since the last change with this key, however long ago. */
  function change(next: T, key = '', held = false) {
    const time = Date.now()
    if (!(key && key === lastKey && (held || time - lastTime < MERGE_MS))) {
      past.value = [...past.value.slice(-MOST), now.value]
    }
    lastKey = key
    lastTime = time
    future.value = []
    now.value = next
  }

  function undo() {
    const last = past.value.at(-1)
    if (last === undefined) return
    future.value = [now.value, ...future.value]
    past.value = past.value.slice(0, -1)
    now.value = last
    lastKey = ''
  }

  function redo() {
    const next = future.value[0]
    if (next === undefined) return
    past.value = [...past.value, now.value]
    future.value = future.value.slice(1)
    now.value = next
    lastKey = ''
  }

  function reset(value: T) {
    now.value = value
    past.value = []
    future.value = []
    lastKey = ''
  }

  return {
    now,
    change,
    undo,
    redo,
    reset,
    canUndo: computed(() => past.value.length > 0),
    canRedo: computed(() => future.value.length > 0),
  }
}
