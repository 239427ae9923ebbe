import type { PhotoOnSkin } from '../api/types'

interface Pixels {
  width: number
  height: number
  data: Uint8ClampedArray
}

/** Seen flatter than this a place is left out, and up to this it fades, per cent. */
const [LEAST_FACING, WHOLE_FACING] = [12, 55]

/** The photo laid back on the skin chart: what was seen squarely is whole, what was seen from the side fades. Four bytes a pixel. */
export function laidOnSkin(photo: Pixels, grid: PhotoOnSkin, perMm: number): Pixels {
  const width = Math.round((grid.columns - 1) * grid.stepMm * perMm)
  const height = Math.round((grid.rows - 1) * grid.stepMm * perMm)
  const data = new Uint8ClampedArray(4 * width * height)
  for (let y = 0; y < height; y++)
    for (let x = 0; x < width; x++) {
      const [u, v] = [x / (grid.stepMm * perMm), y / (grid.stepMm * perMm)]
      const [i, j] = [Math.min(grid.columns - 2, Math.floor(u)), Math.min(grid.rows - 2, Math.floor(v))]
      const [s, t] = [u - i, v - j]
      const corners = [0, 1, grid.columns, grid.columns + 1].map((d) => j * grid.columns + i + d)
      const weights = [(1 - s) * (1 - t), s * (1 - t), (1 - s) * t, s * t]
      const facing = Math.min(...corners.map((c) => grid.facing[c]!))
      if (facing < LEAST_FACING) continue
      const at = (c: 0 | 1) => corners.reduce((sum, n, k) => sum + weights[k]! * grid.px[2 * n + c]!, 0)
      const [px, py] = [Math.round(at(0)), Math.round(at(1))]
      if (px < 0 || py < 0 || px >= photo.width || py >= photo.height) continue
      const [from, to] = [4 * (py * photo.width + px), 4 * (y * width + x)]
      for (let c = 0; c < 3; c++) data[to + c] = photo.data[from + c]!
      data[to + 3] = 255 * Math.min(1, (facing - LEAST_FACING) / (WHOLE_FACING - LEAST_FACING))
    }
  return { width, height, data }
}
