import {
  BufferGeometry,
  CanvasTexture,
  Color,
  DataTexture,
  DoubleSide,
  FrontSide,
  LinearFilter,
  LinearMipmapLinearFilter,
  LinearSRGBColorSpace,
  Mesh,
  OrthographicCamera,
  PerspectiveCamera,
  Raycaster,
  Scene,
  ShaderMaterial,
  Texture,
  Vector2,
  Vector3,
  WebGLRenderer,
} from 'three'
import { OrbitControls } from 'three/addons/controls/OrbitControls.js'
import { GLTFLoader } from 'three/addons/loaders/GLTFLoader.js'
import type { ChartPoint } from '../lib/zones'
import { BUST_VERTEX, CHART_VERTEX, FRAGMENT } from './shaders'

/** The square of the chart that paint pictures show. */
export interface ChartWindow {
  sideMm: number
  topMm: number
}

export type BustView = 'front' | 'left' | 'right' | 'leftSide' | 'rightSide'

const TURN_DEG: Record<BustView, number> = { front: 0, left: 42, right: -42, leftSide: 90, rightSide: -90 }
const DISTANCE_M = 1.06
const CENTRE = new Vector3(0, -0.022, -0.045)
const BUCKETS = 200
// Middle of the head, and how far from it a lamp is drawn.
const HEAD = new Vector3(0, 0.005, -0.02)
const LAMP_ROUND_MM = 165

/** Over this height of the chart the bust fades into the ground; the service's pictures have the same number (BustPicture.cs). */
const ENDS_OVER_MM = 34

// Until the service tells better: skin of a middle tone, and a little gloss.
const BARE_SKIN = [178, 153, 140, 255]
const BARE_FINISH = [41, 0, 0, 255]

function even(rgba: number[]): Texture {
  const texture = new DataTexture(new Uint8Array(rgba), 1, 1)
  texture.needsUpdate = true
  return texture
}

function bucketOf(u: number, v: number): number {
  return Math.floor(u * BUCKETS) * 4096 + Math.floor(v * BUCKETS)
}

/** Share of the chart's side that is shown across at the least: the ears and a little more. */
const LEAST_ACROSS = 0.62

/** The same of its height: from the crown to where the chest ends. */
const LEAST_DOWN = 0.87

/** Draws the skin with its paint on a canvas, as a bust or as the flat chart; redraws only when something changed. */
export class SkinScene {
  private readonly renderer: WebGLRenderer
  private readonly scene = new Scene()
  private readonly camera: PerspectiveCamera | OrthographicCamera
  private readonly controls: OrbitControls | null = null
  private readonly material: ShaderMaterial
  private readonly overlayCanvas = document.createElement('canvas')
  private readonly overlayTexture: CanvasTexture
  private mesh: Mesh<BufferGeometry, ShaderMaterial> | null = null
  private window: ChartWindow = { sideMm: 544, topMm: 124 }
  private mirrored = false
  private frame = 0

  /** Called after every redraw, for labels that follow the skin. */
  onDraw: () => void = () => {}

  constructor(
    private readonly canvas: HTMLCanvasElement,
    private readonly kind: 'bust' | 'chart',
  ) {
    this.renderer = new WebGLRenderer({ canvas, antialias: true, preserveDrawingBuffer: true })
    // Colours arrive as they shall be seen; nothing may convert them again.
    this.renderer.outputColorSpace = LinearSRGBColorSpace
    this.renderer.setClearColor(new Color(0x76 / 255, 0x76 / 255, 0x76 / 255))
    this.overlayCanvas.width = this.overlayCanvas.height = 1024
    this.overlayTexture = new CanvasTexture(this.overlayCanvas)
    this.overlayTexture.flipY = false
    this.overlayTexture.minFilter = LinearFilter
    this.overlayTexture.premultiplyAlpha = true
    this.material = new ShaderMaterial({
      uniforms: {
        paint: { value: even(BARE_SKIN) },
        before: { value: even(BARE_SKIN) },
        finish: { value: even(BARE_FINISH) },
        divide: { value: -1 },
        shiny: { value: kind === 'bust' ? 1 : 0 },
        overlay: { value: this.overlayTexture },
        skin: { value: new Color(0.7, 0.6, 0.55) },
        ends: { value: new Vector2(-9, -8) },
      },
      vertexShader: kind === 'bust' ? BUST_VERTEX : CHART_VERTEX,
      fragmentShader: FRAGMENT,
      side: kind === 'bust' ? FrontSide : DoubleSide,
    })
    if (kind === 'bust') {
      this.camera = new PerspectiveCamera(24, 1, 0.1, 10)
      this.controls = new OrbitControls(this.camera, canvas)
      this.controls.target.copy(CENTRE)
      this.controls.minDistance = 0.35
      this.controls.maxDistance = 2.2
      this.controls.addEventListener('change', () => this.redraw())
      this.dragsAsSeen(this.controls)
      this.look('front')
    } else {
      this.camera = new OrthographicCamera(0, 1, 1, 0, -1, 1)
    }
  }

  // In the mirror the face goes the way it is dragged too; the controls know of no mirror.
  private dragsAsSeen(controls: OrbitControls) {
    const turned = controls as unknown as { _rotateLeft: (angle: number) => void }
    const left = turned._rotateLeft.bind(controls)
    turned._rotateLeft = (angle) => left(this.mirrored ? -angle : angle)
  }

  async load(address: string, window: ChartWindow) {
    const model = await new GLTFLoader().loadAsync(address)
    let geometry: BufferGeometry | null = null
    model.scene.traverse((node) => {
      if (node instanceof Mesh) geometry = node.geometry as BufferGeometry
    })
    if (!geometry) return
    if (this.mesh) {
      this.scene.remove(this.mesh)
      this.mesh.geometry.dispose()
    }
    this.window = window
    this.buckets = null
    this.mesh = new Mesh(geometry as BufferGeometry, this.material)
    this.mesh.frustumCulled = false
    if (this.kind === 'bust') this.endSoftly()
    this.scene.add(this.mesh)
    this.redraw()
  }

  // Where the skin ends below and where it is whole, as shares of the window from its top, downwards negative.
  private endSoftly() {
    const uv = this.mesh!.geometry.getAttribute('uv')
    let lowest = 0
    for (let n = 0; n < uv.count; n++) lowest = Math.max(lowest, uv.getY(n))
    this.material.uniforms.ends!.value = new Vector2(-lowest, ENDS_OVER_MM / this.window.sideMm - lowest)
  }

  setPaint(picture: ImageBitmap, skin: string) {
    this.replace('paint', picture)
    const [r, g, b] = [1, 3, 5].map((k) => parseInt(skin.slice(k, k + 2), 16) / 255)
    ;(this.material.uniforms.skin!.value as Color).setRGB(r!, g!, b!, LinearSRGBColorSpace)
    this.redraw()
  }

  /** How the paint shines: gloss, metal and sparkle in red, green and blue. */
  setFinish(picture: ImageBitmap) {
    this.replace('finish', picture)
    this.redraw()
  }

  /** Left of a share of the canvas's width an earlier state of the paint is seen; null shows one state everywhere. */
  setBefore(picture: ImageBitmap | null, share: number) {
    if (picture && (this.material.uniforms.before!.value as Texture).image !== picture)
      this.replace('before', picture)
    this.material.uniforms.divide!.value = picture ? share * this.canvas.width : -1
    this.redraw()
  }

  private replace(name: 'paint' | 'before' | 'finish', picture: ImageBitmap) {
    const old = this.material.uniforms[name]!.value as Texture
    const texture = new Texture(picture)
    texture.flipY = false
    texture.minFilter = LinearMipmapLinearFilter
    texture.anisotropy = 4
    texture.needsUpdate = true
    this.material.uniforms[name]!.value = texture
    old.dispose()
  }

  /** Draws lines over the skin in chart millimetres. */
  drawOverlay(draw: (pen: CanvasRenderingContext2D) => void) {
    // Kept in main memory: some browsers upload a stale picture of a canvas that was only cleared.
    const pen = this.overlayCanvas.getContext('2d', { willReadFrequently: true })!
    const scale = this.overlayCanvas.width / this.window.sideMm
    pen.setTransform(1, 0, 0, 1, 0, 0)
    pen.clearRect(0, 0, this.overlayCanvas.width, this.overlayCanvas.height)
    pen.setTransform(scale, 0, 0, -scale, (scale * this.window.sideMm) / 2, scale * this.window.topMm)
    draw(pen)
    this.overlayTexture.needsUpdate = true
    this.redraw()
  }

  /** Shows the face as in a mirror, for whoever paints herself: her left is on the left, and it turns as she would. */
  mirror(on: boolean) {
    if (on === this.mirrored) return
    this.mirrored = on
    // Mirrored triangles run the other way round.
    this.material.side = on || this.kind === 'chart' ? DoubleSide : FrontSide
    this.material.needsUpdate = true
    this.resize(this.canvas.clientWidth, this.canvas.clientHeight)
  }

  // A projection that is turned over left to right; picking and placing go through it as well.
  private project() {
    this.camera.updateProjectionMatrix()
    if (!this.mirrored) return
    const e = this.camera.projectionMatrix.elements
    for (const n of [0, 4, 8, 12]) e[n] = -e[n]!
    this.camera.projectionMatrixInverse.copy(this.camera.projectionMatrix).invert()
  }

  look(view: BustView) {
    if (!this.controls) return
    const turn = (TURN_DEG[view] * Math.PI) / 180
    this.camera.position.set(
      CENTRE.x + DISTANCE_M * Math.sin(turn),
      CENTRE.y + 0.03,
      CENTRE.z + DISTANCE_M * Math.cos(turn),
    )
    this.controls.target.copy(CENTRE)
    this.controls.update()
    this.redraw()
  }

  /** Turns the bust by degrees, for the arrow keys. */
  turn(degrees: number) {
    if (!this.controls) return
    const offset = this.camera.position.clone().sub(this.controls.target)
    offset.applyAxisAngle(new Vector3(0, 1, 0), ((this.mirrored ? -degrees : degrees) * Math.PI) / 180)
    this.camera.position.copy(this.controls.target).add(offset)
    this.controls.update()
    this.redraw()
  }

  resize(width: number, height: number) {
    if (width < 2 || height < 2) return
    this.renderer.setPixelRatio(Math.min(2, globalThis.devicePixelRatio))
    this.renderer.setSize(width, height, false)
    if (this.camera instanceof PerspectiveCamera) {
      this.camera.aspect = width / height
      this.camera.fov = width / height < 0.8 ? 29 : 22
    } else {
      const shown = this.chartBox(width, height)
      this.camera.left = shown.left
      this.camera.right = shown.right
      this.camera.top = shown.top
      this.camera.bottom = shown.bottom
    }
    this.project()
    this.redraw()
  }

  // The chart fills the height as far as the ears allow; units are shares of the window's side, y up.
  private chartBox(width: number, height: number) {
    const span = Math.max(LEAST_DOWN, (LEAST_ACROSS * height) / width)
    const across = (span * width) / height
    const top = 1.0 + (span - LEAST_DOWN) / 2
    return { left: 0.5 - across / 2, right: 0.5 + across / 2, top, bottom: top - span }
  }

  /** Place on the canvas (CSS pixels) of a place of the chart; only for the flat chart. */
  chartToCanvas(at: ChartPoint): { x: number; y: number } {
    const width = this.canvas.clientWidth
    const height = this.canvas.clientHeight
    const box = this.chartBox(width, height)
    const u = (this.mirrored ? -at.x : at.x) / this.window.sideMm + 0.5
    const v = 1 - (this.window.topMm - at.y) / this.window.sideMm
    return {
      x: ((u - box.left) / (box.right - box.left)) * width,
      y: ((box.top - v) / (box.top - box.bottom)) * height,
    }
  }

  /** Chart place under the pointer, mm, or null beside the skin. */
  pick(event: { clientX: number; clientY: number }): ChartPoint | null {
    const box = this.canvas.getBoundingClientRect()
    const x = event.clientX - box.left
    const y = event.clientY - box.top
    if (this.kind === 'chart') {
      const shown = this.chartBox(box.width, box.height)
      const u = shown.left + (x / box.width) * (shown.right - shown.left)
      const v = shown.top - (y / box.height) * (shown.top - shown.bottom)
      const across = (u - 0.5) * this.window.sideMm
      return {
        x: this.mirrored ? -across : across,
        y: this.window.topMm - (1 - v) * this.window.sideMm,
      }
    }
    if (!this.mesh) return null
    const at = new Vector2((x / box.width) * 2 - 1, 1 - (y / box.height) * 2)
    const ray = new Raycaster()
    ray.setFromCamera(at, this.camera)
    const hit = ray.intersectObject(this.mesh)[0]
    if (!hit?.uv) return null
    return { x: (hit.uv.x - 0.5) * this.window.sideMm, y: this.window.topMm - hit.uv.y * this.window.sideMm }
  }

  /** Place on the canvas (CSS pixels) of a chart place on the bust, or null when it faces away. */
  bustToCanvas(at: ChartPoint): { x: number; y: number } | null {
    if (!this.mesh) return null
    const n = this.nearestVertex(at)
    const normal = this.mesh.geometry.getAttribute('normal')
    const position = this.mesh.geometry.getAttribute('position')
    const p = new Vector3(position.getX(n), position.getY(n), position.getZ(n))
    const towards = this.camera.position.clone().sub(p)
    if (new Vector3(normal.getX(n), normal.getY(n), normal.getZ(n)).dot(towards) <= 0) return null
    p.project(this.camera)
    return { x: ((p.x + 1) / 2) * this.canvas.clientWidth, y: ((1 - p.y) / 2) * this.canvas.clientHeight }
  }

  /** How many CSS pixels a millimetre of the face takes on the canvas. */
  pixelsPerMm(): number {
    if (!(this.camera instanceof PerspectiveCamera)) return this.canvas.clientHeight / 400
    const far = this.camera.position.distanceTo(HEAD)
    return this.canvas.clientHeight / (2 * Math.tan((this.camera.fov * Math.PI) / 360) * far) / 1000
  }

  /** Where a lamp round the head is drawn on the bust, and whether it stands on the viewer's side. */
  lampToCanvas(azimuthDeg: number, elevationDeg: number): { x: number; y: number; near: boolean } {
    const [a, e] = [(azimuthDeg * Math.PI) / 180, (elevationDeg * Math.PI) / 180]
    const towards = new Vector3(Math.sin(a) * Math.cos(e), Math.sin(e), Math.cos(a) * Math.cos(e))
    const centre = this.onCanvas(HEAD)
    const [right, up, out] = this.axes()
    const reach = LAMP_ROUND_MM * this.pixelsPerMm()
    return {
      x: centre.x + reach * towards.dot(right),
      y: centre.y - reach * towards.dot(up),
      near: towards.dot(out) >= 0,
    }
  }

  /** The lamp for a place on the canvas; beside the head's round it stands level with the head. */
  canvasToLamp(x: number, y: number): { azimuthDeg: number; elevationDeg: number } {
    const centre = this.onCanvas(HEAD)
    const reach = LAMP_ROUND_MM * this.pixelsPerMm()
    let [dx, dy] = [(x - centre.x) / reach, (centre.y - y) / reach]
    const r = Math.hypot(dx, dy)
    if (r > 1) [dx, dy] = [dx / r, dy / r]
    const [right, up, out] = this.axes()
    const towards = right
      .multiplyScalar(dx)
      .add(up.multiplyScalar(dy))
      .add(out.multiplyScalar(Math.sqrt(Math.max(0, 1 - dx * dx - dy * dy))))
    return {
      azimuthDeg: Math.round((Math.atan2(towards.x, towards.z) * 180) / Math.PI),
      elevationDeg: Math.round((Math.asin(Math.max(-1, Math.min(1, towards.y))) * 180) / Math.PI),
    }
  }

  // Right, up and towards the viewer.
  private axes(): [Vector3, Vector3, Vector3] {
    this.camera.updateMatrixWorld()
    const [right, up, out] = [new Vector3(), new Vector3(), new Vector3()]
    this.camera.matrixWorld.extractBasis(right, up, out)
    if (this.mirrored) right.negate()
    return [right, up, out]
  }

  private onCanvas(at: Vector3) {
    const p = at.clone().project(this.camera)
    return { x: ((p.x + 1) / 2) * this.canvas.clientWidth, y: ((1 - p.y) / 2) * this.canvas.clientHeight }
  }

  /** Place on the canvas of a place of the chart, on the bust or the flat chart; null when it faces away. */
  place(at: ChartPoint): { x: number; y: number } | null {
    if (this.canvas.clientWidth < 2 || this.canvas.clientHeight < 2) return null
    return this.kind === 'bust' ? this.bustToCanvas(at) : this.chartToCanvas(at)
  }

  /** Turns the bust so that a place of the chart faces the viewer. */
  face(at: ChartPoint) {
    if (!this.controls || !this.mesh) return
    const n = this.nearestVertex(at)
    const position = this.mesh.geometry.getAttribute('position')
    const turn = Math.atan2(position.getX(n) - CENTRE.x, position.getZ(n) - CENTRE.z)
    this.camera.position.set(
      CENTRE.x + DISTANCE_M * Math.sin(turn),
      CENTRE.y + 0.03,
      CENTRE.z + DISTANCE_M * Math.cos(turn),
    )
    this.controls.target.copy(CENTRE)
    this.controls.update()
    this.redraw()
  }

  // Vertices by the square of the window they lie in, made once per body: labels ask for many places at every redraw.
  private buckets: Map<number, number[]> | null = null

  private nearestVertex(at: ChartPoint): number {
    const uv = this.mesh!.geometry.getAttribute('uv')
    if (!this.buckets) {
      this.buckets = new Map()
      for (let n = 0; n < uv.count; n++) {
        const key = bucketOf(uv.getX(n), uv.getY(n))
        const there = this.buckets.get(key)
        if (there) there.push(n)
        else this.buckets.set(key, [n])
      }
    }
    const u = at.x / this.window.sideMm + 0.5
    const v = (this.window.topMm - at.y) / this.window.sideMm
    let best = 0
    let least = Infinity
    for (let ring = 1; ring <= 4 && least === Infinity; ring++) {
      for (let i = -ring; i <= ring; i++) {
        for (let j = -ring; j <= ring; j++) {
          for (const n of this.buckets.get(bucketOf(u + i / BUCKETS, v + j / BUCKETS)) ?? []) {
            const d = (uv.getX(n) - u) ** 2 + (uv.getY(n) - v) ** 2
            if (d < least) [least, best] = [d, n]
          }
        }
      }
    }
    return best
  }

  redraw() {
    if (this.frame) return
    this.frame = requestAnimationFrame(() => {
      this.frame = 0
      this.renderer.render(this.scene, this.camera)
      this.onDraw()
    })
  }

  dispose() {
    cancelAnimationFrame(this.frame)
    this.controls?.dispose()
    this.mesh?.geometry.dispose()
    this.material.dispose()
    this.overlayTexture.dispose()
    for (const name of ['paint', 'before', 'finish'])
      (this.material.uniforms[name]!.value as Texture).dispose()
    this.renderer.dispose()
  }
}
