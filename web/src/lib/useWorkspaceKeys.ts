import { useEventListener } from '@vueuse/core'
import { LENSES } from '../lenses/registry'
import { useDrawing } from '../stores/drawing'
import { useLens } from '../stores/lens'
import { useLook } from '../stores/look'
import { useMapping } from '../stores/mapping'
import { usePlan } from '../stores/plan'
import { useSelection } from '../stores/selection'
import { useView } from '../stores/view'
import { isTyping } from './keys'
import { shortcutOf, VIEWS, type ShortcutId } from './shortcuts'

/** What only the page itself can do. */
export interface WorkspaceHands {
  /** Whether something else has the keys. */
  busy: () => boolean
  add: () => void
  /** Turns the bust, degrees. */
  turn: (byDeg: number) => void
  /** Puts away what is open; false when nothing was. */
  letGo: () => boolean
}

/** The keys of the workspace. */
export function useWorkspaceKeys(at: WorkspaceHands) {
  const lookDoc = useLook()
  const planning = usePlan()
  const selection = useSelection()
  const mapping = useMapping()
  const drawing = useDrawing()
  const view = useView()
  const lens = useLens()

  function step(by: number) {
    const count = planning.plan?.steps.length ?? 0
    if (count === 0) return
    const next = (planning.shownSteps ?? count) + by
    planning.shownSteps = next >= count || next < 0 ? null : next
  }

  /** What each key does; false when it has nothing to do here. */
  const ACTIONS: Record<ShortcutId, (event: KeyboardEvent) => boolean | void> = {
    save: () => void lookDoc.save(),
    undo: () => lookDoc.undo(),
    redo: () => lookDoc.redo(),
    letGo: () => {
      if (drawing.active) drawing.stop()
      else if (mapping.taping) mapping.putTapeAway()
      else if (!at.letGo()) selection.selected = null
    },
    remove: () => {
      if (drawing.active) return drawing.back()
      if (!selection.selected) return false
      lookDoc.remove(selection.selected)
    },
    add: () => void at.add(),
    tape: () => {
      if (lens.id !== 'map') return false
      if (mapping.taping) mapping.putTapeAway()
      else mapping.taping = true
    },
    turn: (event) => at.turn(event.key === ']' ? 10 : -10),
    view: (event) => view.show(VIEWS.find((v) => v.key === event.key)!.view),
    finished: () => {
      planning.shownSteps = null
    },
    arrows,
    // The help listens for itself on every page.
    help: () => false,
  }

  function onKey(event: KeyboardEvent) {
    if (at.busy()) return
    if (drawn(event)) {
      event.preventDefault()
      return
    }
    const shortcut = shortcutOf(event)
    if (shortcut && (shortcut.typing || !isTyping(event))) {
      if (ACTIONS[shortcut.id](event) !== false) event.preventDefault()
      return
    }
    if (isTyping(event) || event.ctrlKey || event.metaKey || event.altKey) return
    const asked = LENSES.find((l) => l.key === event.key.toLowerCase())
    if (asked) lens.id = lens.id === asked.id ? 'look' : asked.id
  }

  /** While an own line is set out, Enter ends it and Backspace takes its last point back. */
  function drawn(event: KeyboardEvent): boolean {
    if (!drawing.active || isTyping(event)) return false
    if (event.key === 'Enter') drawing.stop()
    else if (event.key !== 'Backspace') return false
    else drawing.back()
    return true
  }

  function arrows(event: KeyboardEvent): boolean {
    if (nudged(event)) return true
    if (event.key !== 'ArrowLeft' && event.key !== 'ArrowRight') return false
    const target = event.target as HTMLElement
    if (target.closest('[role="slider"], [role="radiogroup"]')) return false
    const by = event.key === 'ArrowRight' ? 1 : -1
    if (target.tagName === 'CANVAS') at.turn(by * 10)
    else step(by)
    return true
  }

  /** With the pointer's focus on the bust, arrows move the selected part by a millimetre, with Shift by five. */
  function nudged(event: KeyboardEvent): boolean {
    if (!selection.selected || (event.target as HTMLElement).tagName !== 'CANVAS') return false
    const by = event.shiftKey ? 5 : 1
    const way = { ArrowLeft: [-by, 0], ArrowRight: [by, 0], ArrowUp: [0, by], ArrowDown: [0, -by] }[event.key]
    if (way) planning.nudge(selection.selected, way[0]!, way[1]!)
    return way !== undefined
  }

  useEventListener('keydown', onKey)
}
