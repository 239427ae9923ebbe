import { describe, expect, it } from 'vitest'
import type { Kind, Part } from '../src/api/types'
import { coloursOf } from '../src/lib/colours'

const kinds = {
  skinBase: { id: 'skinBase', roles: [{ stage: 'base' }] },
  socket: { id: 'socket', roles: [{ stage: 'bodyColour' }] },
} as unknown as Record<string, Kind>
const kindOf = (id: string) => kinds[id]
const part = (kind: string, paints: Record<string, [string, number][]>) =>
  ({
    kind,
    paints: Object.fromEntries(
      Object.entries(paints).map(([role, mix]) => [role, mix.map(([paint, parts]) => ({ paint, parts }))]),
    ),
  }) as unknown as Part

describe('the colours a new part comes to', () => {
  it('are none on a bare face', () => expect(coloursOf([], kindOf)).toEqual({}))

  it('are the paint that the base holds most of, and those beside it, each once', () => {
    const parts = [
      part('socket', { dark: [['black', 1]], heart: [['black', 2]] }),
      part('skinBase', {
        ground: [
          ['green', 1],
          ['white', 3],
        ],
      }),
      part('socket', { dark: [['rust', 1]] }),
    ]
    expect(coloursOf(parts, kindOf)).toEqual({ over: 'white', beside: 'black,rust' })
  })

  it('pass over a mix with nothing in it', () =>
    expect(coloursOf([part('socket', { dark: [] })], kindOf)).toEqual({}))
})
