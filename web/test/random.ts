/** A small generator that repeats itself for a seed: whole numbers from 0 up to below the one asked for (mulberry32, common practice). */
export function random(seed: number) {
  let a = seed
  return (most: number) => {
    a = (a + 0x6d2b79f5) | 0
    let t = Math.imul(a ^ (a >>> 15), 1 | a)
    t = (t + Math.imul(t ^ (t >>> 7), 61 | t)) ^ t
    return ((t ^ (t >>> 14)) >>> 0) % most
  }
}
