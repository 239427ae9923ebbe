import { describe, expect, it } from 'vitest'
import { asked, takenOut, withoutPart, type Mending, type MendingKind } from '../src/lib/mendings'
import { random } from './random'

const COATS = ['web/line', 'web/dew', 'base/ground']
const KINDS: MendingKind[] = ['powderCream', 'wetSpot', 'mist', 'evenUp', 'cleanPoints']

describe('preparing and mending of a look', () => {
  it('names each step of a coat once, whatever was asked for and taken out before', () => {
    const draw = random(7)
    let mendings: Mending[] = []
    const held = new Map<string, number | null>()
    for (let n = 0; n < 500; n++) {
      const [kind, coat] = [KINDS[draw(KINDS.length)]!, COATS[draw(COATS.length)]!]
      if (draw(2) === 0) {
        const seconds = draw(3) === 0 ? null : draw(100) + 1
        mendings = asked(mendings, kind, coat, seconds)
        held.set(`${kind} ${coat}`, seconds)
      } else {
        mendings = takenOut(mendings, kind, coat)
        held.delete(`${kind} ${coat}`)
      }
      const wanted = mendings.filter((m) => !m.takenOut)
      expect(new Map(wanted.map((m) => [`${m.kind} ${m.coat}`, m.seconds]))).toEqual(held)
      expect(new Set(mendings.map((m) => `${m.kind} ${m.coat}`)).size).toBe(mendings.length)
    }
  })

  it('keeps in mind that what the plan proposes is not wanted', () => {
    expect(takenOut([], 'powderCream', 'base/ground')).toEqual([
      { kind: 'powderCream', coat: 'base/ground', takenOut: true, seconds: null },
    ])
    expect(takenOut(asked([], 'mist', 'base/ground'), 'mist', 'base/ground')).toEqual([])
  })

  it('forgets what was for a part that is gone, and nothing else', () => {
    const all = COATS.reduce((m, c) => asked(m, 'evenUp', c), [] as Mending[])
    expect(withoutPart(all, 'web').map((m) => m.coat)).toEqual(['base/ground'])
    expect(withoutPart(all, 'we')).toEqual(all)
  })
})
