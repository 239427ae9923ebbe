import { Human, type Config, type Point } from '@vladmandic/human'
import type { FinderAnswer, FinderQuestion, FoundFace } from '../lib/faceFinder'

/**
 * Finds faces in a picture, beside the page. Models come from this very service; nothing leaves the browser. It reckons with WebAssembly: such
 * small models take no longer there than on a graphics card (docs/photo.md), there is nothing to be compiled at the first face, and the page's
 * own pictures are not in its way. Where a browser has none, plain script does the same, slowly.
 */

const settings = (backend: 'wasm' | 'cpu'): Partial<Config> =>
  ({
    backend,
    modelBasePath: '/finder/',
    wasmPath: '/finder/',
    debug: false,
    async: true,
    warmup: 'none',
    cacheSensitivity: 0,
    filter: { enabled: false },
    gesture: { enabled: false },
    body: { enabled: false },
    hand: { enabled: false },
    object: { enabled: false },
    segmentation: { enabled: false },
    face: {
      enabled: true,
      detector: { modelPath: 'blazeface.json', rotation: true, maxDetected: 3, minConfidence: 0.2 },
      mesh: { enabled: true, modelPath: 'facemesh.json' },
      iris: { enabled: true, modelPath: 'iris.json' },
      attention: { enabled: false },
      emotion: { enabled: false },
      description: { enabled: false },
      antispoof: { enabled: false },
      liveness: { enabled: false },
    },
  }) as Partial<Config>

/** Shares of the picture's size at which a face is looked for: one that fills a picture is found in it made smaller. */
const SCALES = [1, 0.62, 1.5]

let human: Promise<Human> | null = null

function ready(): Promise<Human> {
  human ??= (async () => {
    const made = new Human(settings(typeof WebAssembly === 'object' ? 'wasm' : 'cpu'))
    await made.load()
    return made
  })()
  return human
}

const tell = (answer: FinderAnswer) => postMessage(answer)

async function find(bitmap: ImageBitmap): Promise<FoundFace[]> {
  const finder = await ready()
  for (const [tried, scale] of SCALES.entries()) {
    tell({ kind: 'progress', share: (tried + 0.5) / (SCALES.length + 0.5) })
    const canvas = new OffscreenCanvas(bitmap.width, bitmap.height)
    const pen = canvas.getContext('2d')!
    pen.fillStyle = '#767676'
    pen.fillRect(0, 0, canvas.width, canvas.height)
    const [left, top] = [(bitmap.width * (1 - scale)) / 2, (bitmap.height * (1 - scale)) / 2]
    pen.drawImage(bitmap, left, top, bitmap.width * scale, bitmap.height * scale)
    const result = await finder.detect(canvas)
    const faces = result.face.filter((f) => f.mesh.length >= 468)
    if (faces.length > 0)
      return faces.map((f) => ({
        score: f.score,
        points: f.mesh.slice(0, 468).flatMap((p) => [(p[0] - left) / scale, (p[1] - top) / scale]),
        irisPx: irisPx(f.annotations.leftEyeIris, f.annotations.rightEyeIris) / scale,
      }))
  }
  return []
}

/** Mean width of the irises that were found. */
function irisPx(...irises: (readonly Point[] | undefined)[]): number {
  const widths = irises
    .filter((i) => (i?.length ?? 0) >= 5)
    .map((i) => Math.hypot(i![1]![0] - i![3]![0], i![1]![1] - i![3]![1]))
  return widths.length ? widths.reduce((a, b) => a + b) / widths.length : 0
}

onmessage = async (event: MessageEvent<FinderQuestion>) => {
  try {
    tell({ kind: 'found', faces: await find(event.data.bitmap) })
  } catch (error) {
    human = null
    tell({ kind: 'failed', why: (error as Error).message })
  } finally {
    event.data.bitmap.close()
  }
}
