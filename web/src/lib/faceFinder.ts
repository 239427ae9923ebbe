import { say } from '../texts'

/** Faces found in pictures by a worker, so that the page stays awake and a search can be stopped. */

export interface FoundFace {
  /** 0 to 1. */
  score: number
  /** x and y of 468 points by turns, in the picture's pixels. */
  points: number[]
  /** Width of an iris, px; 0 when none was found. */
  irisPx: number
}

export interface FinderQuestion {
  bitmap: ImageBitmap
}

export type FinderAnswer =
  | { kind: 'progress'; share: number }
  | { kind: 'found'; faces: FoundFace[] }
  | { kind: 'failed'; why: string }

/** A finder that says nothing for so long has got stuck, or its models do not come; ms. */
export const PATIENCE_MS = 90_000

let worker: Worker | null = null

/** One search at a time; a second one waits for nobody but ends the first. */
let end: ((why: Error) => void) | null = null

const made = () =>
  (worker ??= new Worker(new URL('../workers/faceFinder.worker.ts', import.meta.url), { type: 'module' }))

/** Stops what is being looked for. */
export function stopFinding(): void {
  worker?.terminate()
  worker = null
  end?.(new DOMException('stopped', 'AbortError'))
  end = null
}

/** The largest first: a face's height changes less with its turning than its width. */
const byHeight = (faces: readonly FoundFace[]) => {
  const height = ({ points }: FoundFace) => {
    const y = points.filter((_, k) => k % 2 === 1)
    return Math.max(...y) - Math.min(...y)
  }
  return faces.toSorted((a, b) => height(b) - height(a))
}

/** Faces in a picture, the largest first. */
export async function findFaces(
  picture: HTMLCanvasElement | HTMLVideoElement,
  progress: (share: number) => void = () => undefined,
): Promise<FoundFace[]> {
  if (end) stopFinding()
  const bitmap = await createImageBitmap(picture)
  const finder = made()
  return new Promise((done, failed) => {
    let silence: ReturnType<typeof setTimeout> | undefined
    const patient = () => {
      clearTimeout(silence)
      silence = setTimeout(() => {
        end = null
        stopFinding()
        failed(new Error(say('shots.finderFailed', { why: say('shots.finderSilent') })))
      }, PATIENCE_MS)
    }
    end = (why) => {
      clearTimeout(silence)
      failed(why)
    }
    patient()
    finder.onmessage = ({ data }: MessageEvent<FinderAnswer>) => {
      patient()
      if (data.kind === 'progress') return progress(data.share)
      clearTimeout(silence)
      end = null
      if (data.kind === 'found') done(byHeight(data.faces))
      else failed(new Error(say('shots.finderFailed', { why: data.why })))
    }
    finder.onerror = () => {
      clearTimeout(silence)
      end = null
      worker = null
      failed(new Error(say('shots.finderFailed', { why: say('shots.notLoaded') })))
    }
    finder.postMessage({ bitmap } satisfies FinderQuestion, [bitmap])
  })
}
