import type { OwnDrawing, OwnPoint } from '../api/client'

/** The same point of anatomy on the other side. */
export function mirroredPoint(point: OwnPoint): OwnPoint {
  const at = point.at?.replace(/_(left|right)$/, (side) => (side === '_left' ? '_right' : '_left'))
  return { ...point, xMm: -point.xMm, ...(at ? { at } : {}) }
}

/** Points on both sides lie where they are; all others are kept on the wearer's left, whichever side is shown. */
export function liesAcross(drawing: OwnDrawing, acrossMm = 2): boolean {
  return drawing.points.some((p) => p.xMm > acrossMm) && drawing.points.some((p) => p.xMm < -acrossMm)
}

/** Kept on the wearer's left, unless it lies across the middle. */
export function onTheLeft(drawing: OwnDrawing): OwnDrawing {
  const sum = drawing.points.reduce((s, p) => s + p.xMm, 0)
  return liesAcross(drawing) || sum >= 0 ? drawing : { ...drawing, points: drawing.points.map(mirroredPoint) }
}

/** With a point set in place of another, or put behind it. */
export function withPoint(drawing: OwnDrawing, index: number, point: OwnPoint): OwnDrawing {
  const points = [...drawing.points]
  points[index] = point
  return { ...drawing, points }
}

export function withoutPoint(drawing: OwnDrawing, index: number): OwnDrawing {
  return { ...drawing, points: drawing.points.filter((_, k) => k !== index) }
}
