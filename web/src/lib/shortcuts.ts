import { say } from '../texts'
/** Every key of the workspace, once: it feeds the keys themselves, the help and the titles of buttons. */
export interface Shortcut {
  id: string
  /** How it is written for the painter. */
  shown: string
  does: string
  /** Keys as the browser names them, in lower case. */
  keys: readonly string[]
  /** With Ctrl or the command key. */
  command?: boolean
  /** With Shift as well; left out, Shift does not matter. */
  shift?: boolean
  /** Works while something is typed. */
  typing?: boolean
}

export const VIEWS = [
  { view: 'front', label: say('shortcuts.front'), key: '1' },
  { view: 'left', label: say('shortcuts.n34Left'), key: '2' },
  { view: 'right', label: say('shortcuts.n34Right'), key: '3' },
  { view: 'leftSide', label: say('shortcuts.left'), key: '4' },
  { view: 'rightSide', label: say('shortcuts.right'), key: '5' },
] as const

export const SHORTCUTS = [
  {
    id: 'view',
    shown: '1–5',
    does: say('shortcuts.bustFromTheFrontThreeQuarter'),
    keys: ['1', '2', '3', '4', '5'],
  },
  { id: 'turn', shown: '[ · ]', does: say('shortcuts.turnTheBust'), keys: ['[', ']'] },
  {
    id: 'arrows',
    shown: '← →',
    does: say('shortcuts.goFromStepToStepWith'),
    keys: ['arrowleft', 'arrowright', 'arrowup', 'arrowdown'],
  },
  { id: 'tape', shown: 'T', does: say('shortcuts.tapeBetweenTwoPlacesInThe'), keys: ['t'] },
  { id: 'add', shown: 'A', does: say('shortcuts.addAPartTypeAFew'), keys: ['a'] },
  { id: 'remove', shown: 'Delete', does: say('shortcuts.removeTheSelectedPart'), keys: ['delete'] },
  { id: 'redo', shown: 'Ctrl Y', does: say('shortcuts.redo'), keys: ['y'], command: true },
  { id: 'redo', shown: 'Ctrl Shift Z', does: say('shortcuts.redo'), keys: ['z'], command: true, shift: true },
  { id: 'undo', shown: 'Ctrl Z', does: say('shortcuts.undo'), keys: ['z'], command: true },
  { id: 'save', shown: 'Ctrl S', does: say('shortcuts.saveNow'), keys: ['s'], command: true, typing: true },
  { id: 'finished', shown: 'F', does: say('shortcuts.showTheFinishedFace'), keys: ['f'] },
  { id: 'letGo', shown: 'Esc', does: say('shortcuts.letGoOfTheSelection'), keys: ['escape'] },
  { id: 'help', shown: '?', does: say('shortcuts.thisHelp'), keys: ['?'] },
] as const satisfies readonly Shortcut[]

export type ShortcutId = (typeof SHORTCUTS)[number]['id']

/** The first shortcut that a pressed key stands for. */
export function shortcutOf(event: KeyboardEvent): (Shortcut & { id: ShortcutId }) | undefined {
  const command = event.ctrlKey || event.metaKey
  if (event.altKey) return undefined
  const pressed = event.key.toLowerCase()
  return (SHORTCUTS as readonly (Shortcut & { id: ShortcutId })[]).find(
    (s) => s.keys.includes(pressed) && Boolean(s.command) === command && (!s.shift || event.shiftKey),
  )
}

/** A button's title with its key: Undo (Ctrl Z). */
export function titled(id: ShortcutId, does?: string): string {
  const shortcut = SHORTCUTS.find((s) => s.id === id)!
  return `${does ?? shortcut.does} (${shortcut.shown})`
}
