// @vitest-environment happy-dom
import { mount } from '@vue/test-utils'
import { createPinia, setActivePinia } from 'pinia'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { defineComponent, h } from 'vue'
import type { Plan } from '../src/api/client'
import { LIMITS, USUAL } from '../src/api/limits'
import { LENSES, lensOf } from '../src/lenses/registry'
import { SHORTCUTS } from '../src/lib/shortcuts'
import { useWorkspaceKeys } from '../src/lib/useWorkspaceKeys'
import { useLens } from '../src/stores/lens'
import { useLook } from '../src/stores/look'
import { usePlan } from '../src/stores/plan'
import { useSelection } from '../src/stores/selection'
import { useView } from '../src/stores/view'
import description from '../openapi.json'

interface Schema {
  properties?: Record<
    string,
    { minimum?: number; maximum?: number; exclusiveMinimum?: number; exclusiveMaximum?: number }
  >
}

const hands = { busy: vi.fn(() => false), add: vi.fn(), turn: vi.fn(), letGo: vi.fn(() => false) }

let shown: ReturnType<typeof mount> | undefined

const page = () =>
  (shown = mount(
    defineComponent(() => {
      useWorkspaceKeys(hands)
      return () => h('div', [h('input'), h('canvas', { tabindex: 0 })])
    }),
    { attachTo: document.body },
  ))

const press = (key: string, more: KeyboardEventInit = {}, on: EventTarget = document.body) => {
  const event = new KeyboardEvent('keydown', { key, bubbles: true, cancelable: true, ...more })
  on.dispatchEvent(event)
  return event
}

beforeEach(() => {
  vi.clearAllMocks()
  hands.busy.mockReturnValue(false)
  localStorage.clear()
  document.body.innerHTML = ''
  setActivePinia(createPinia())
})

afterEach(() => shown?.unmount())

describe('the keys of the workspace', () => {
  it('turn lenses on and off', () => {
    page()
    const lens = useLens()
    for (const { id, key } of LENSES.slice(1)) {
      press(key)
      expect(lens.id).toBe(id)
      press(key)
      expect(lens.id).toBe('look')
    }
  })

  it('add a part, and nothing while a dialog is open', () => {
    page()
    press('a')
    expect(hands.add).toHaveBeenCalledOnce()
    hands.busy.mockReturnValue(true)
    press('a')
    expect(hands.add).toHaveBeenCalledOnce()
  })

  it('stay letters where somebody types', () => {
    const there = page()
    press('a', {}, there.get('input').element)
    press('m', {}, there.get('input').element)
    expect(hands.add).not.toHaveBeenCalled()
    expect(useLens().id).toBe('look')
  })

  it('save even where somebody types', () => {
    const there = page()
    const save = vi.spyOn(useLook(), 'save').mockResolvedValue(undefined as never)
    const event = press('s', { ctrlKey: true }, there.get('input').element)
    expect(save).toHaveBeenCalledOnce()
    expect(event.defaultPrevented).toBe(true)
  })

  it('turn the bust, and show it from a side', () => {
    page()
    press(']')
    press('[')
    expect(hands.turn.mock.calls).toEqual([[10], [-10]])
    const show = vi.spyOn(useView(), 'show')
    press('4')
    expect(show).toHaveBeenCalledWith('leftSide')
  })

  it('go through the steps and stop at the finished face', () => {
    page()
    const planning = usePlan()
    planning.plan = { steps: [{}, {}, {}] } as unknown as Plan
    press('ArrowLeft')
    expect(planning.shownSteps).toBe(2)
    press('ArrowRight')
    expect(planning.shownSteps).toBeNull()
    press('ArrowLeft')
    press('f')
    expect(planning.shownSteps).toBeNull()
  })

  it('move the selected part on the bust by one millimetre, with Shift by five', () => {
    const there = page()
    useSelection().selected = 'horns-1'
    const nudge = vi.spyOn(usePlan(), 'nudge').mockImplementation(() => undefined)
    const canvas = there.get('canvas').element
    press('ArrowUp', {}, canvas)
    press('ArrowLeft', { shiftKey: true }, canvas)
    expect(nudge.mock.calls).toEqual([
      ['horns-1', 0, 1],
      ['horns-1', -5, 0],
    ])
  })

  it('let go of what is open first, then of the selection', () => {
    page()
    const selection = useSelection()
    selection.selected = 'horns-1'
    hands.letGo.mockReturnValueOnce(true)
    press('Escape')
    expect(selection.selected).toBe('horns-1')
    press('Escape')
    expect(selection.selected).toBeNull()
  })

  it('remove only what is selected', () => {
    page()
    expect(press('Delete').defaultPrevented).toBe(false)
  })

  it('are each shown and said', () => {
    for (const s of SHORTCUTS) expect(s.shown.length > 0 && s.does.length > 3, s.id).toBe(true)
  })
})

describe('lenses', () => {
  it('have keys, names and words of their own', () => {
    for (const of of ['id', 'key', 'label', 'does'] as const)
      expect(new Set(LENSES.map((l) => l[of])).size).toBe(LENSES.length)
    expect(lensOf('no such lens')).toBe(LENSES[0])
  })

  it('offer parts in one of them only, and lay on the skin only what they have', () => {
    expect(LENSES.filter((l) => l.offersParts)).toHaveLength(1)
    for (const l of LENSES) expect(l.onSkin?.().sheet ?? null).toBeNull()
  })
})

describe('limits', () => {
  it('are those of the service’s description', () => {
    const stated: Record<string, { min: number; max: number }> = {}
    for (const [record, schema] of Object.entries(description.components.schemas as Record<string, Schema>))
      for (const [field, of] of Object.entries(schema.properties ?? {})) {
        const [min, max] = [of.minimum ?? of.exclusiveMinimum, of.maximum ?? of.exclusiveMaximum]
        if (min !== undefined && max !== undefined) stated[`${record}.${field}`] = { min, max }
      }
    const taken = Object.entries(LIMITS).flatMap(([record, fields]) =>
      Object.entries(fields).map(([field, limit]) => [`${record}.${field}`, limit] as const),
    )
    expect(Object.keys(stated).length).toBeGreaterThan(30)
    expect(Object.fromEntries(taken)).toEqual(stated)
  })

  it('hold what is usual', () => {
    for (const [record, fields] of Object.entries(LIMITS) as [
      string,
      Record<string, { min: number; max: number }>,
    ][])
      for (const [field, { min, max }] of Object.entries(fields)) {
        expect(min, `${record}.${field}`).toBeLessThan(max)
        const usual = (USUAL as Record<string, Record<string, unknown>>)[record]?.[field]
        if (typeof usual === 'number') {
          expect(usual).toBeGreaterThanOrEqual(min)
          expect(usual).toBeLessThanOrEqual(max)
        }
      }
  })
})
