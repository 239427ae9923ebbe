import type { FoundPoint } from '../api/types'

interface Pixels {
  width: number
  height: number
  data: Uint8ClampedArray
}

/** What hides skin in a photo and makes points there wrong, as brightness tells it (limits by judgement). */
export type Sign = 'beard' | 'glasses'

const CHIN = ['n18', 'n200', 'n199', 'n175']
const CHEEKS = ['cheekbone_left', 'cheekbone_right', 'n101', 'n330']

/** A chin this much darker than the cheeks is hardly in shade alone. */
const BEARD_SHARE = 0.5

/** A band across the nose root this much darker than the skin above and below it. */
const GLASSES_SHARE = 0.6

/** From aside the line down the nose runs along its shadow. */
const FRONT_DEG = 22

export function signsIn(points: readonly FoundPoint[], picture: Pixels, turnDeg = 0): Sign[] {
  const at = new Map(points.map((p) => [p.place, p]))
  const signs: Sign[] = []
  const mean = (names: string[]) => {
    const found = names.flatMap((n) => at.get(n) ?? [])
    return found.length ? found.reduce((sum, p) => sum + light(picture, p.x, p.y), 0) / found.length : null
  }
  const [chin, cheeks] = [mean(CHIN), mean(CHEEKS)]
  if (chin !== null && cheeks !== null && chin < BEARD_SHARE * cheeks) signs.push('beard')
  const [above, below] = [at.get('glabella'), at.get('n195')]
  if (above && below && Math.abs(turnDeg) < FRONT_DEG) {
    const along = Array.from({ length: 25 }, (_, k) =>
      light(picture, above.x + (k / 24) * (below.x - above.x), above.y + (k / 24) * (below.y - above.y)),
    )
    const ends = Math.min((along[0]! + along[1]!) / 2, (along[23]! + along[24]!) / 2)
    if (Math.min(...along.slice(4, 21)) < GLASSES_SHARE * ends) signs.push('glasses')
  }
  return signs
}

/** Mean light of five by five pixels, linear enough to compare. */
function light(picture: Pixels, x: number, y: number): number {
  let [sum, count] = [0, 0]
  for (let j = Math.round(y) - 2; j <= y + 2; j++)
    for (let i = Math.round(x) - 2; i <= x + 2; i++)
      if (i >= 0 && j >= 0 && i < picture.width && j < picture.height) {
        const n = 4 * (j * picture.width + i)
        sum += ((picture.data[n]! + picture.data[n + 1]! + picture.data[n + 2]!) / 765) ** 2.2
        count++
      }
  return count ? sum / count : 0
}
