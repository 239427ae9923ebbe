import type { components } from '../api/schema'
import { distanceTo, inside, type ChartPoint } from '../lib/zones'
import type { PlanPart } from '../api/client'

export type PlanMark = components['schemas']['PlanMark']

const SELECTED = '#ffffff'
const SELECTED_EDGE = 'rgba(60, 30, 110, 0.9)'
const POINTED = 'rgba(255, 255, 255, 0.75)'

function trace(pen: CanvasRenderingContext2D, line: readonly number[], close: boolean) {
  pen.beginPath()
  for (let k = 0; k < line.length; k += 2) {
    if (k === 0) pen.moveTo(line[0]!, line[1]!)
    else pen.lineTo(line[k]!, line[k + 1]!)
  }
  if (close) pen.closePath()
}

/** Outlines of a selected part, in chart mm. */
export function drawMarks(pen: CanvasRenderingContext2D, marks: readonly PlanMark[]) {
  pen.lineJoin = 'round'
  const regions = marks.filter((m) => m.shape === 'region')
  // A part with filled figures is shown by their outlines; one of lines only, by the lines.
  const shown = regions.length > 0 ? regions : marks
  for (const [colour, width] of [
    [SELECTED_EDGE, 2.2],
    [SELECTED, 1],
  ] as const) {
    pen.strokeStyle = colour
    pen.lineWidth = width
    for (const mark of shown) {
      for (const line of mark.lines) {
        trace(pen, line, mark.shape === 'region')
        pen.stroke()
      }
    }
  }
}

/** Outlines of every part and the costume's edge, for the Map lens. */
export function drawMap(
  pen: CanvasRenderingContext2D,
  parts: readonly PlanPart[],
  costumeEdge: readonly number[],
) {
  pen.lineJoin = 'round'
  for (const [colour, width] of [
    ['rgba(45, 28, 82, 0.85)', 1.7],
    ['#efe4ff', 0.8],
  ] as const) {
    pen.strokeStyle = colour
    pen.lineWidth = width
    for (const part of parts.filter((p) => p.movable)) {
      const first = part.marks.find((m) => m.shape === 'region')?.role
      const shown = first ? part.marks.filter((m) => m.shape === 'region' && m.role === first) : part.marks
      for (const mark of shown) {
        for (const line of mark.lines) {
          trace(pen, line, mark.shape === 'region')
          pen.stroke()
        }
      }
    }
  }
  pen.strokeStyle = 'rgba(255, 255, 255, 0.95)'
  pen.lineWidth = 1.2
  pen.setLineDash([5, 3])
  trace(pen, costumeEdge, false)
  pen.stroke()
  pen.setLineDash([])
}

/** The zone pointed at. */
export function drawZone(pen: CanvasRenderingContext2D, rings: readonly (readonly number[])[]) {
  pen.strokeStyle = POINTED
  pen.fillStyle = 'rgba(255, 255, 255, 0.13)'
  pen.lineWidth = 0.9
  pen.setLineDash([3, 2])
  for (const ring of rings) {
    trace(pen, ring, true)
    pen.fill()
    pen.stroke()
  }
  pen.setLineDash([])
}

/** Parts whose marks lie at a place, the topmost first. */
export function partsAt(parts: readonly PlanPart[], at: ChartPoint): PlanPart[] {
  const nearMm = 2.5
  const hits = parts.filter((part) =>
    part.marks.some((m) =>
      m.shape === 'region' ? inside(m.lines, at) : m.lines.some((line) => distanceTo(line, at) < nearMm),
    ),
  )
  return hits.reverse()
}
