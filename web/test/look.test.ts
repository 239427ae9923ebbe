// @vitest-environment happy-dom
import { createPinia, setActivePinia } from 'pinia'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { api, type Part } from '../src/api/client'
import { useLook } from '../src/stores/look'
import { useSelection } from '../src/stores/selection'

const part = (id: string, kind = 'horns', sides: Part['sides'] = 'both'): Part => ({
  id,
  kind,
  sides,
  unevenness: 0,
  seed: 1,
  priority: 'must',
  reserved: false,
  numbers: {},
  words: {},
  zones: {},
  paints: {},
  coats: {},
})

const stored = {
  id: 'whelk',
  revision: 3,
  look: {
    name: 'Whelk',
    notes: '',
    mapping: 'pencil' as const,
    kit: 'tin',
    parts: [part('horns-1'), part('eye', 'eyePatch', 'left')],
  },
}

async function opened() {
  const look = useLook()
  await look.open('whelk')
  return { look, selection: useSelection(), ids: () => look.look.parts.map((p) => p.id) }
}

describe('the look in the hand', () => {
  beforeEach(() => {
    localStorage.clear()
    setActivePinia(createPinia())
    vi.spyOn(api, 'look').mockImplementation(async () => structuredClone(stored))
    vi.spyOn(api, 'saveLook').mockImplementation(async (id, revision) => ({ id, revision: revision + 1 }))
  })
  afterEach(() => vi.restoreAllMocks())

  it('takes a part out of its stage with it, and puts both back by one undo', async () => {
    const { look } = await opened()
    const stages = [
      { name: 'Basic', coats: [] },
      { name: 'Whole', coats: ['eye', 'horns-1/line'] },
    ]
    look.describe({ stages })
    look.remove('horns-1')
    expect(look.look.stages!.map((s) => s.coats)).toEqual([[], ['eye']])
    look.undo()
    expect(look.look.stages).toEqual(stages)
    expect(look.look.parts).toHaveLength(2)
  })

  it('gives every part an id of its own and selects what was added', async () => {
    const { look, selection, ids } = await opened()
    look.add(part('', 'horns'))
    look.duplicate('horns-1')
    expect(ids()).toEqual(['horns-1', 'eye', 'horns-2', 'horns-3'])
    expect(selection.selected).toBe('horns-3')
  })

  it('lets go of a part that is removed, and undo brings it back where it was', async () => {
    const { look, selection, ids } = await opened()
    selection.selected = 'horns-1'
    look.remove('horns-1')
    expect([ids(), selection.selected]).toEqual([['eye'], null])
    look.undo()
    expect(ids()).toEqual(['horns-1', 'eye'])
    look.redo()
    expect(ids()).toEqual(['eye'])
  })

  it('mirrors twice to what it was, and leaves what lies on both sides', async () => {
    const { look } = await opened()
    const sides = () => look.look.parts.map((p) => p.sides)
    look.mirror('horns-1')
    look.mirror('eye')
    expect(sides()).toEqual(['both', 'right'])
    look.mirror('eye')
    expect(sides()).toEqual(['both', 'left'])
  })

  it('takes a whole drag back in one step', async () => {
    const { look, selection } = await opened()
    selection.dragging = true
    for (const upMm of [1, 2, 3]) look.edit('eye', { moved: { outMm: 0, upMm } }, 'moved')
    selection.dragging = false
    expect(look.look.parts[1]!.moved?.upMm).toBe(3)
    look.undo()
    expect(look.look.parts[1]!.moved).toBeUndefined()
  })

  it('becomes the look of the kit in hand only when nothing stands in', async () => {
    const { look } = await opened()
    look.edit('eye', { seed: 9 })
    expect(look.look.kit).toBe('tin')
    look.fittingKit = 'trunk'
    look.edit('eye', { seed: 10 })
    expect(look.look.kit).toBe('trunk')
  })

  it('changes one part and nothing else', async () => {
    const { look } = await opened()
    const before = look.look.parts[0]
    look.edit('eye', { unevenness: 0.4 })
    expect(look.look.parts[0]).toEqual(before)
    expect(look.look.parts[1]!.unevenness).toBe(0.4)
    look.edit('never there', { unevenness: 1 })
    expect(look.look.parts.some((p) => p.unevenness === 1)).toBe(false)
  })

  it('puts unsaved work of an earlier visit on top', async () => {
    localStorage.setItem(
      'datura.draft.whelk',
      JSON.stringify({
        revision: 3,
        look: { ...stored.look, format: 'datura-look', version: 1, name: 'Mine' },
      }),
    )
    const { look } = await opened()
    expect(look.look.name).toBe('Mine')
    expect('format' in look.look).toBe(false)
    look.undo()
    expect(look.look.name).toBe('Whelk')
  })

  it('saves before it is left', async () => {
    const { look } = await opened()
    look.describe({ name: 'Limpet' })
    await Promise.resolve()
    await look.close()
    expect(api.saveLook).toHaveBeenCalledWith(
      'whelk',
      3,
      expect.objectContaining({ name: 'Limpet' }),
      expect.stringMatching(/^[0-9a-f]{32}$/),
    )
  })
})
