// Writes Core.Tests/Values/culori.csv: a second opinion on colour conversion and difference from a general-purpose library.
import { writeFileSync } from 'node:fs'
import { converter, differenceCiede2000, formatHex } from 'culori'

const toRgb = converter('rgb')
const difference = differenceCiede2000()
let state = 12345
const random = () => (state = (state * 1103515245 + 12345) % 2147483648) / 2147483648
const lines = ['L1,a1,b1,L2,a2,b2,hex1,deltaE00']
while (lines.length < 201) {
  const one = { mode: 'lab65', l: 5 + 90 * random(), a: 90 * (random() - 0.5), b: 90 * (random() - 0.5) }
  const two = { mode: 'lab65', l: 5 + 90 * random(), a: 90 * (random() - 0.5), b: 90 * (random() - 0.5) }
  const rgb = toRgb(one)
  if ([rgb.r, rgb.g, rgb.b].some((v) => v < 0 || v > 1)) continue
  const f = (c) => [c.l, c.a, c.b].map((v) => v.toFixed(5)).join(',')
  lines.push(`${f(one)},${f(two)},${formatHex(one)},${difference(one, two).toFixed(6)}`)
}
writeFileSync(new URL('../Datura.Core.Tests/Values/culori.csv', import.meta.url), lines.join('\n') + '\n')
