import { describe, expect, it } from 'vitest'
import { differenceWords } from '../src/lib/differences'

const words = {
  kindOf: (id: string) => ({ horns: 'Horns', gills: 'Gills' })[id] ?? id,
  paintOf: (id: string) => ({ tar: 'Tar black', chalk: 'Chalk white' })[id] ?? id,
}
const kinds = { 'horns-1': 'horns', 'gills-1': 'gills' }
const say = (path: string[], before: string | null, after: string | null) =>
  differenceWords({ path, before, after }, kinds, words)

describe('what has changed between two saves', () => {
  it('names the part, the measure and both values', () =>
    expect(say(['parts', 'horns-1', 'numbers', 'baseWidth'], '40', '55.25')).toBe(
      'Horns: base width 40 → 55.25',
    ))
  it('says what was left to the usual', () =>
    expect(say(['parts', 'horns-1', 'reliefMm'], null, '8')).toBe('Horns: relief as usual → 8'))
  it('names paints as the kit does', () =>
    expect(
      say(
        ['parts', 'gills-1', 'paints', 'dark'],
        '[{"paint":"tar","parts":1}]',
        '[{"paint":"tar","parts":2},{"paint":"chalk","parts":1}]',
      ),
    ).toBe('Gills: paints, dark 1 Tar black → 2 Tar black, 1 Chalk white'))
  it('says added and taken away of whole parts', () => {
    expect(say(['parts', 'horns-2'], null, '{"kind":"horns"}')).toBe('Horns added')
    expect(say(['parts', 'gills-1'], '{"kind":"gills"}', null)).toBe('Gills taken away')
    expect(say(['parts', 'order'], 'a, b', 'b, a')).toBe('The parts lie in another order')
  })
  it('says what belongs to the whole look without a part', () =>
    expect(say(['mapping'], '"pencil"', '"freehand"')).toBe('Mapping pencil → freehand'))
  it('leaves what was typed as it was typed', () =>
    expect(say(['name'], '"Harbour Seal"', '"McSeal"')).toBe('Name Harbour Seal → McSeal'))
  it('never shows JSON', () => {
    for (const value of ['{"outMm":3,"upMm":-2}', 'true', 'null', '[]', '"both"', 'not json'])
      expect(say(['parts', 'horns-1', 'moved'], null, value)).not.toMatch(/["{}[\]]/)
  })
})
