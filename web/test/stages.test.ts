import { describe, expect, it } from 'vitest'
import { added, putInto, stageOf, without, type LookStage } from '../src/lib/stages'
import { random } from './random'

const COATS = ['web/line', 'web/dew', 'socket/deep', 'socket/heart', 'lips/lip']
const partOf = (coat: string) => coat.split('/')[0]!
const roleOf = (coat: string) => coat.split('/')[1]!
const where = (stages: LookStage[]) => COATS.map((c) => stageOf(stages, partOf(c), roleOf(c)))

describe('stages of a look', () => {
  it('put each coat where it was put last, and name nothing twice', () => {
    const draw = random(4)
    let stages = added(added([], 'Basic', 'With lines'), 'Basic', 'Whole')
    const said = new Map(COATS.map((c) => [c, 0]))
    for (let n = 0; n < 500; n++) {
      const coat = COATS[draw(COATS.length)]!
      const stage = draw(3)
      if (draw(2) === 0) {
        stages = putInto(stages, partOf(coat), stage)
        for (const c of COATS) if (partOf(c) === partOf(coat)) said.set(c, stage)
      } else {
        stages = putInto(stages, coat, stage)
        said.set(coat, stage)
      }
      expect(where(stages)).toEqual([...said.values()])
      const names = stages.flatMap((s) => s.coats)
      expect(new Set(names).size).toBe(names.length)
    }
  })

  it('leave a coat where its part is when it is asked for nowhere else', () => {
    let stages = putInto(added([], 'Basic', 'Whole'), 'web', 1)
    stages = putInto(stages, 'web/line', 0)
    expect([stageOf(stages, 'web', 'line'), stageOf(stages, 'web', 'dew')]).toEqual([0, 1])
    stages = putInto(stages, 'web/line', null)
    expect(stageOf(stages, 'web', 'line')).toBe(1)
  })

  it('lose nothing when one is taken out: what was in it is done a stage sooner, of the first one later', () => {
    const draw = random(11)
    for (let n = 0; n < 200; n++) {
      let stages = added(added(added([], 'A', 'B'), 'A', 'C'), 'A', 'D')
      for (const coat of COATS) stages = putInto(stages, draw(2) ? coat : partOf(coat), draw(4))
      const gone = draw(4)
      const before = where(stages)
      const after = where(without(stages, gone)!)
      expect(after).toEqual(before.map((k) => (k > gone || (k === gone && gone > 0) ? k - 1 : k)))
    }
    expect(without(added([], 'A', 'B'), 1)).toBeNull()
  })
})
