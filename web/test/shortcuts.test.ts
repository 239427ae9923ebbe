import { describe, expect, it } from 'vitest'
import { SHORTCUTS, shortcutOf, titled, VIEWS } from '../src/lib/shortcuts'

const press = (key: string, held: Partial<KeyboardEvent> = {}) =>
  ({ key, ctrlKey: false, metaKey: false, altKey: false, shiftKey: false, ...held }) as KeyboardEvent

describe('keys', () => {
  it('lead to the shortcut that names them', () => {
    for (const shortcut of SHORTCUTS)
      for (const key of shortcut.keys) {
        const found = shortcutOf(
          press(key, { ctrlKey: 'command' in shortcut, shiftKey: 'shift' in shortcut }),
        )
        expect(found?.id).toBe(shortcut.id)
      }
  })

  it('tell undo from redo', () => {
    expect(shortcutOf(press('z', { ctrlKey: true }))?.id).toBe('undo')
    expect(shortcutOf(press('Z', { ctrlKey: true, shiftKey: true }))?.id).toBe('redo')
    expect(shortcutOf(press('z', { metaKey: true }))?.id).toBe('undo')
  })

  it('leave the keys of the browser and of other hands alone', () => {
    expect(shortcutOf(press('a', { ctrlKey: true }))).toBeUndefined()
    expect(shortcutOf(press('a', { altKey: true }))).toBeUndefined()
    expect(shortcutOf(press('q'))).toBeUndefined()
  })

  it('stand in titles as in the help', () => {
    expect(titled('undo')).toBe('Undo (Ctrl Z)')
    expect(titled('add', 'Add a part')).toBe('Add a part (A)')
  })

  it('show a view each, none twice', () => {
    expect(new Set(VIEWS.map((v) => v.key)).size).toBe(VIEWS.length)
    for (const view of VIEWS) expect(shortcutOf(press(view.key))?.id).toBe('view')
  })
})
