/** A colour of the service, whose numbers the schema marks as possibly absent. */
export function labOf(c: { l?: number; a?: number; b?: number }): LabColour {
  return { l: c.l ?? 0, a: c.a ?? 0, b: c.b ?? 0 }
}

/** A CIELAB colour by day. */
export interface LabColour {
  l: number
  a: number
  b: number
}

/** Typology angle of a skin, degrees: atan((L* − 50) / b*) (Chardon, Cretois, Hourseau 1991). */
export function typologyAngle(skin: LabColour): number {
  return (Math.atan2(skin.l - 50, skin.b) * 180) / Math.PI
}

// Along the dial the yellow of skin is greatest at middle tones and the red grows towards them from both ends (from memory,
// by eye).
function usualTone(degrees: number) {
  return {
    a: 6.5 + 5.5 * Math.exp(-(((degrees - 15) / 38) ** 2)),
    b: 10.5 + 7.5 * Math.exp(-(((degrees - 22) / 40) ** 2)),
  }
}

/** How far a skin is more golden (positive) or more rosy (negative) than is usual at its angle, −4 to 4. */
export function undertone(skin: LabColour): number {
  const there = usualTone(typologyAngle(skin))
  return Math.max(-4, Math.min(4, Math.round(skin.b - there.b - (skin.a - there.a)) / 2))
}

/** The skin at an angle and undertone: the undertone trades red for yellow. */
export function skinAt(degrees: number, tone: number): LabColour {
  const there = usualTone(degrees)
  const [a, b] = [there.a - tone, there.b + tone]
  const l = 50 + b * Math.tan((degrees * Math.PI) / 180)
  const rounded = (v: number) => Math.round(v * 10) / 10
  return { l: Math.max(18, Math.min(86, rounded(l))), a: rounded(a), b: rounded(b) }
}
