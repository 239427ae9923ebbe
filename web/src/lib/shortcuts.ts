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
  { view: 'front', label: 'Front', key: '1' },
  { view: 'left', label: '¾ left', key: '2' },
  { view: 'right', label: '¾ right', key: '3' },
  { view: 'leftSide', label: 'Left', key: '4' },
  { view: 'rightSide', label: 'Right', key: '5' },
] as const

export const SHORTCUTS = [
  {
    id: 'view',
    shown: '1 to 5',
    does: 'Bust from the front, three-quarter left and right, left and right side',
    keys: ['1', '2', '3', '4', '5'],
  },
  { id: 'turn', shown: '[ · ]', does: 'Turn the bust', keys: ['[', ']'] },
  {
    id: 'arrows',
    shown: '← →',
    does: 'Go from step to step. With the bust clicked: turn it, or move the selected part by 1 mm, with Shift by 5 mm, also ↑ ↓',
    keys: ['arrowleft', 'arrowright', 'arrowup', 'arrowdown'],
  },
  { id: 'tape', shown: 'T', does: 'Tape between two places, in the Map lens', keys: ['t'] },
  { id: 'add', shown: 'A', does: 'Add a part: type a few letters, Enter takes the first', keys: ['a'] },
  { id: 'remove', shown: 'Delete', does: 'Remove the selected part', keys: ['delete'] },
  { id: 'redo', shown: 'Ctrl Y', does: 'Redo', keys: ['y'], command: true },
  { id: 'redo', shown: 'Ctrl Shift Z', does: 'Redo', keys: ['z'], command: true, shift: true },
  { id: 'undo', shown: 'Ctrl Z', does: 'Undo', keys: ['z'], command: true },
  { id: 'save', shown: 'Ctrl S', does: 'Save now', keys: ['s'], command: true, typing: true },
  { id: 'finished', shown: 'F', does: 'Show the finished face', keys: ['f'] },
  { id: 'letGo', shown: 'Esc', does: 'Let go of the selection', keys: ['escape'] },
  { id: 'help', shown: '?', does: 'This help', keys: ['?'] },
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
