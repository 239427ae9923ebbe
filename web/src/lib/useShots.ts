import exifr from 'exifr'
import { computed, onBeforeUnmount, ref, shallowRef } from 'vue'
import { photos } from '../api/photoCalls'
import type { PhotoPlace } from '../api/types'
import { say } from '../texts'
import { findFaces, stopFinding } from './faceFinder'
import { readPhoto } from './photo'
import { cardAround } from './photoCard'
import { refine } from './photoRefine'
import { CARD_LONG_MM, pixelsOf, pointsOf, template, type Shot } from './shots'

/** A full-frame picture is so wide, mm: what a focal length "as of 35 mm film" is measured against. */
const FILM_MM = 36

let next = 0

/** Photos in the painter's hands, and what is found in them. Nothing of it leaves the page. */
export function useShots() {
  const shots = shallowRef<readonly Shot[]>([])
  const places = shallowRef<readonly PhotoPlace[]>([])
  /** Share of a search that is done; null when nothing is looked for. */
  const searching = ref<number | null>(null)
  const said = ref('')

  const loaded = photos.places().then((found) => {
    places.value = found
  })

  onBeforeUnmount(() => {
    stopFinding()
    shots.value.forEach((s) => URL.revokeObjectURL(s.url))
  })

  /** The focal length in pixels of the picture as it is kept, where the camera wrote it down. */
  async function focalOf(file: Blob, canvas: HTMLCanvasElement): Promise<number | null> {
    try {
      const tags = (await exifr.parse(file, ['FocalLengthIn35mmFormat', 'FocalLengthIn35mmFilm'])) as Record<
        string,
        number
      > | null
      const mm = tags?.FocalLengthIn35mmFormat ?? tags?.FocalLengthIn35mmFilm
      return mm && mm > 8 && mm < 600 ? (mm / FILM_MM) * Math.max(canvas.width, canvas.height) : null
    } catch {
      return null
    }
  }

  const change = (id: number, by: Partial<Shot>) =>
    (shots.value = shots.value.map((s) => (s.id === id ? { ...s, ...by } : s)))

  async function add(file: File): Promise<Shot | null> {
    await loaded
    const canvas = await readPhoto(file)
    return addCanvas(canvas, file.name, await focalOf(file, canvas))
  }

  async function addCanvas(canvas: HTMLCanvasElement, name: string, focalPx: number | null) {
    await loaded
    const blob = await new Promise<Blob | null>((done) => canvas.toBlob(done, 'image/webp', 0.92))
    const shot: Shot = {
      id: ++next,
      name,
      canvas,
      url: blob ? URL.createObjectURL(blob) : canvas.toDataURL(),
      focalPx,
      points: [],
      irisPx: null,
      held: null,
      against: 'forehead',
      longMm: CARD_LONG_MM,
      white: null,
      faces: 0,
    }
    shots.value = [...shots.value, shot]
    await find(shot)
    return shots.value.find((s) => s.id === shot.id) ?? null
  }

  /** Looks for the face; where there is none, the points of a mean face are laid there to be dragged. */
  async function find(shot: Shot) {
    searching.value = 0
    said.value = ''
    try {
      const faces = await findFaces(shot.canvas, (share) => (searching.value = share))
      const face = faces[0]
      if (!face) {
        said.value = say('shots.noFace', { name: shot.name })
        change(shot.id, { points: template(places.value, shot.canvas, 0), faces: 0 })
        return
      }
      if (faces.length > 1) said.value = say('shots.severalFaces', { name: shot.name, faces: faces.length })
      const pixels = pixelsOf(shot.canvas)
      const points = refine(pointsOf(face, places.value), pixels)
      change(shot.id, { points, irisPx: face.irisPx, faces: faces.length, held: cardBy(pixels, points) })
    } catch (error) {
      if ((error as Error).name === 'AbortError') said.value = say('shots.stopped')
      else said.value = (error as Error).message
      if (shots.value.some((s) => s.id === shot.id && s.points.length === 0))
        change(shot.id, { points: template(places.value, shot.canvas, 0) })
    } finally {
      searching.value = null
    }
  }

  /** A card held against the forehead, if there is one. */
  function cardBy(pixels: ImageData, points: Shot['points']): number[] | null {
    const at = new Map(points.map((p) => [p.place, p]))
    const [root, chin] = [at.get('sellion'), at.get('gnathion')]
    if (!root || !chin) return null
    const up = { x: root.x - chin.x, y: root.y - chin.y }
    for (const share of [0.3, 0.38, 0.22, 0.46]) {
      const corners = cardAround(pixels, root.x + share * up.x, root.y + share * up.y)
      if (corners && isCard(corners)) return corners
    }
    return null
  }

  /** A card found from a place on it, or four corners about that place to be dragged. */
  function holdAt(shot: Shot, x: number, y: number) {
    const corners = cardAround(pixelsOf(shot.canvas), x, y)
    const half = shot.canvas.width / 12
    change(shot.id, {
      held: corners ?? [
        x - half,
        y - half / 1.6,
        x + half,
        y - half / 1.6,
        x + half,
        y + half / 1.6,
        x - half,
        y + half / 1.6,
      ],
    })
    if (!corners) said.value = say('shots.noCard')
  }

  function remove(shot: Shot) {
    URL.revokeObjectURL(shot.url)
    shots.value = shots.value.filter((s) => s.id !== shot.id)
  }

  /** All points laid anew, as of a face seen from so far aside. */
  function layTemplate(shot: Shot, turnDeg: number) {
    change(shot.id, { points: template(places.value, shot.canvas, turnDeg) })
  }

  const busy = computed(() => searching.value !== null)
  return {
    shots,
    places,
    searching,
    busy,
    said,
    add,
    addCanvas,
    change,
    remove,
    holdAt,
    layTemplate,
    stop: stopFinding,
  }
}

/** Sides about as long to each other as a bank card's, however it is turned or slanted a little. */
function isCard(corners: readonly number[]): boolean {
  const side = (k: number) =>
    Math.hypot(corners[2 * k]! - corners[(2 * k + 2) % 8]!, corners[2 * k + 1]! - corners[(2 * k + 3) % 8]!)
  const even = (k: number) => Math.max(side(k), side(k + 2)) < 1.35 * Math.min(side(k), side(k + 2))
  if (!even(0) || !even(1)) return false
  const [a, b] = [side(0) + side(2), side(1) + side(3)]
  const ratio = Math.max(a, b) / Math.min(a, b)
  return ratio > 1.3 && ratio < 1.9
}
