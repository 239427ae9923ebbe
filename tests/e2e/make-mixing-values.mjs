// Writes Core.Tests/Values/mixing.csv: a second opinion on which way mixes go, from a general-purpose library for spectral mixing
// (one constant, RGB in; it weighs colours by their luminance, so only the direction can be compared).
import { writeFileSync } from 'node:fs'
import { converter } from 'culori'
import * as spectral from 'spectral.js'

const toLab = converter('lab65')
const { Color, mix } = spectral.Color ? spectral : spectral.default
const CLASSIC = [
  ['yellow and blue', '#f2c500', '#1f4fa0'],
  ['white into red', '#f2f2f0', '#b01020'],
  ['pink and orange', '#d8447c', '#ee7d1a'],
  ['red and green', '#b01828', '#1d7a38'],
  ['red and yellow', '#b8141e', '#f2c81e'],
  ['blue and red', '#21409a', '#b8141e'],
  ['white into blue', '#f2f2f0', '#1f4fa0'],
  ['black into yellow', '#181818', '#f2c81e'],
]
let state = 777
const random = () => (state = (state * 1103515245 + 12345) % 2147483648) / 2147483648
const hex = () =>
  '#' +
  [0, 0, 0]
    .map(() =>
      Math.floor(24 + 210 * random())
        .toString(16)
        .padStart(2, '0'),
    )
    .join('')
const pairs = [...CLASSIC, ...Array.from({ length: 60 }, (_, k) => [`pair ${k + 1}`, hex(), hex()])]
const lines = ['name,L1,a1,b1,L2,a2,b2,Lmix,amix,bmix']
for (const [name, one, two] of pairs) {
  const mixed = mix([new Color(one), 1], [new Color(two), 1])
  const numbers = [one, two, mixed.toString()].flatMap((c) => {
    const lab = toLab(c)
    return [lab.l, lab.a, lab.b].map((v) => v.toFixed(3))
  })
  lines.push([name, ...numbers].join(','))
}
writeFileSync(new URL('../Datura.Core.Tests/Values/mixing.csv', import.meta.url), lines.join('\n') + '\n')
