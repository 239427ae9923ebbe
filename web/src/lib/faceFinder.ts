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

/** Faces in a picture, the largest first. */
export async function findFaces(
  picture: HTMLCanvasElement | HTMLVideoElement,
  progress: (share: number) => void = () => undefined,
): Promise<FoundFace[]> {
  if (end) stopFinding()
  const bitmap = await createImageBitmap(picture)
  const finder = made()
  return new Promise((done, failed) => {
    end = failed
    finder.onmessage = ({ data }: MessageEvent<FinderAnswer>) => {
      if (data.kind === 'progress') return progress(data.share)
      end = null
      if (data.kind === 'found') done(data.faces)
      else failed(new Error(say('shots.finderFailed', { why: data.why })))
    }
    finder.onerror = () => {
      end = null
      worker = null
      failed(new Error(say('shots.finderFailed', { why: say('shots.notLoaded') })))
    }
    finder.postMessage({ bitmap } satisfies FinderQuestion, [bitmap])
  })
}
