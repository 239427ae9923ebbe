import type { components } from '../api/schema'
import { distanceTo, inside, type ChartPoint } from '../lib/zones'
import type { PlanPart, Tone } from '../api/client'

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

/** Outlines of the tones with their numbers: shades dark, lights pale. */
export function drawTones(pen: CanvasRenderingContext2D, tones: readonly Tone[]) {
  pen.lineJoin = 'round'
  for (const tone of tones) {
    pen.strokeStyle = tone.isLight ? 'rgba(255, 255, 255, 0.9)' : 'rgba(45, 20, 80, 0.9)'
    pen.lineWidth = 0.7
    for (const ring of tone.rings) {
      trace(pen, ring, true)
      pen.stroke()
    }
  }
  pen.font = '600 8px "Atkinson Hyperlegible Next", sans-serif'
  pen.textAlign = 'center'
  pen.textBaseline = 'middle'
  for (const tone of tones)
    for (const ring of tone.rings.filter((r) => r.length > 60).slice(0, 8)) {
      const at = deepInside(ring)
      if (!at) continue
      pen.save()
      // The chart's y runs up, letters run down.
      pen.translate(at.x, at.y)
      pen.scale(1, -1)
      pen.lineWidth = 2
      pen.strokeStyle = tone.isLight ? 'rgba(40, 30, 60, 0.85)' : 'rgba(255, 255, 255, 0.85)'
      pen.fillStyle = tone.isLight ? '#fff' : '#2d1450'
      pen.strokeText(String(tone.number), 0, 0)
      pen.fillText(String(tone.number), 0, 0)
      pen.restore()
    }
}

/** The middle of the widest of a few rows across a ring. */
function deepInside(ring: readonly number[]): ChartPoint | null {
  let low = Infinity
  let high = -Infinity
  for (let k = 1; k < ring.length; k += 2) {
    low = Math.min(low, ring[k]!)
    high = Math.max(high, ring[k]!)
  }
  let best: (ChartPoint & { width: number }) | null = null
  for (let row = 1; row < 12; row++) {
    const y = low + (row / 12) * (high - low)
    const xs: number[] = []
    for (let k = 0; k + 3 < ring.length; k += 2) {
      const [x1, y1, x2, y2] = [ring[k]!, ring[k + 1]!, ring[k + 2]!, ring[k + 3]!]
      if (y1 > y !== y2 > y) xs.push(x1 + ((y - y1) / (y2 - y1)) * (x2 - x1))
    }
    xs.sort((a, b) => a - b)
    for (let k = 0; k + 1 < xs.length; k += 2) {
      const width = xs[k + 1]! - xs[k]!
      if (!best || width > best.width) best = { x: (xs[k]! + xs[k + 1]!) / 2, y, width }
    }
  }
  return best && best.width > 5 ? best : null
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
