import { describe, expect, it } from 'vitest'
import type { HandWords, Lay } from '../src/api/client'
import { painting, techniquesOf, watersOf, withTechnique, withTool } from '../src/lib/hand'
import { random } from './random'

const tool = (id: string, form: HandWords['tools'][number]['form']) => ({
  id,
  name: id,
  form,
  widthMm: 10,
  areaCm2PerMinute: 10,
  lineMmPerSecond: 10,
  lineMmPerLoad: 100,
  areaCm2PerLoad: 10,
})
const words: HandWords = {
  tools: [tool('sponge', 'sponge'), tool('round3', 'round'), tool('mesh', 'mesh')],
  techniques: [
    { technique: 'dab', label: 'Dab', forms: ['sponge'], waters: ['damp', 'dry'] },
    { technique: 'stroke', label: 'Stroke', forms: ['round'], waters: ['creamy', 'flowing'] },
    { technique: 'dryBrush', label: 'Dry brush', forms: ['round'], waters: ['dry'] },
  ],
  waters: [],
}

describe('how a coat is laid', () => {
  it('never keeps what the chosen tool or technique cannot do', () => {
    const draw = random(5)
    const pick = <T>(from: readonly T[]) => from[draw(from.length)]!
    for (let n = 0; n < 300; n++) {
      let lay: Lay = { film: 0.5 }
      for (let step = 0; step < 4; step++) {
        lay =
          draw(2) === 0
            ? withTool(words, lay, pick([...painting(words.tools), null]))
            : withTechnique(words, lay, pick([...words.techniques.map((t) => t.technique), null]))
        if (draw(2) === 0 && lay.technique) lay = { ...lay, water: pick(watersOf(words, lay.technique)) }
        const held = words.tools.find((t) => t.id === lay.tool)
        const other = withTool(words, lay, held ?? null)
        if (held && other.technique)
          expect(techniquesOf(words, held.form).map((t) => t.technique)).toContain(other.technique)
        if (other.technique && other.water) expect(watersOf(words, other.technique)).toContain(other.water)
        if (!other.technique) expect(other.water).toBeUndefined()
        expect(other.film).toBe(0.5)
      }
    }
  })

  it('offers no card to paint with', () => {
    expect(painting(words.tools).map((t) => t.id)).toEqual(['sponge', 'round3'])
  })
})
