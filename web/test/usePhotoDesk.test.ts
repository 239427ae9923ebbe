// @vitest-environment happy-dom
import { flushPromises, mount } from '@vue/test-utils'
import { NMessageProvider } from 'naive-ui'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import { defineComponent, h } from 'vue'
import type { FoundFace } from '../src/lib/faceFinder'
import type { Shot } from '../src/lib/shots'
import { usePhotoDesk } from '../src/lib/usePhotoDesk'

const mocks = vi.hoisted(() => ({
  faces: vi.fn<() => Promise<FoundFace[]>>(),
  corners: vi.fn<() => number[] | null>(),
}))
vi.mock('../src/lib/faceFinder', () => ({ findFaces: mocks.faces, stopFinding: () => undefined }))
vi.mock('../src/lib/photoCard', () => ({ cardAround: mocks.corners }))
vi.mock('../src/lib/photo', () => ({
  readPhoto: (file: File) =>
    file.name.endsWith('.heic')
      ? Promise.reject(new Error('This browser cannot read it.'))
      : Promise.resolve(picture()),
}))
vi.mock('../src/api/photoCalls', () => ({ photos: { places: () => Promise.resolve([]) } }))

const picture = () =>
  ({
    width: 600,
    height: 800,
    toBlob: (done: (blob: Blob | null) => void) => done(null),
    toDataURL: () => 'data:,',
    getContext: () => ({ getImageData: () => ({ data: new Uint8ClampedArray(4), width: 1, height: 1 }) }),
  }) as unknown as HTMLCanvasElement

let desk: ReturnType<typeof usePhotoDesk>

beforeEach(() => {
  mocks.faces.mockReset().mockResolvedValue([])
  mocks.corners.mockReset().mockReturnValue(null)
  document.body.innerHTML = ''
  const Page = defineComponent(() => {
    desk = usePhotoDesk()
    return () => h('p')
  })
  mount(
    defineComponent(() => () => h(NMessageProvider, () => h(Page))),
    { attachTo: document.body },
  )
})

const bring = async (name: string) => {
  await desk.bring(new File([], name))
  await flushPromises()
}
const names = () => desk.shots.value.map((s) => s.name)

describe('photos on the desk', () => {
  it('has the newest on top, and another when it is asked for', async () => {
    await bring('front.jpg')
    await bring('side.jpg')
    expect([names(), desk.shown.value?.name, desk.at.value]).toEqual([
      ['front.jpg', 'side.jpg'],
      'side.jpg',
      1,
    ])
    desk.putOnTop(desk.shots.value[0]!.id)
    expect(desk.shown.value?.name).toBe('front.jpg')
    desk.remove(desk.shown.value!)
    expect(desk.shown.value?.name).toBe('side.jpg')
    desk.remove(desk.shown.value!)
    expect([desk.shown.value, desk.at.value]).toEqual([null, -1])
  })

  it('says what a file is that it cannot read, and keeps those that it has', async () => {
    await bring('front.jpg')
    await bring('tide.heic')
    expect(document.body.textContent).toContain('This browser cannot read it.')
    expect(names()).toEqual(['front.jpg'])
    expect(desk.busy.value).toBe(false)
  })

  it('goes on with points to be dragged where no face is found, or the finder cannot run', async () => {
    await bring('front.jpg')
    expect(desk.said.value).toContain('No face was found in front.jpg')
    mocks.faces.mockRejectedValue(new Error('The face could not be looked for.'))
    await bring('side.jpg')
    expect(desk.said.value).toBe('The face could not be looked for.')
    expect([names().length, desk.busy.value]).toEqual([2, false])
  })

  it('takes a ruler by its two ends, in the order of the taps', async () => {
    await bring('front.jpg')
    desk.pick('ruler')
    desk.picked(100, 200)
    expect([desk.picking.value, desk.shown.value!.held]).toEqual(['ruler', null])
    desk.picked(300, 210)
    expect(desk.shown.value).toMatchObject({ held: [100, 200, 300, 210], longMm: 100 })
    expect(desk.picking.value).toBeNull()
  })

  it('forgets the first end of a ruler when something else is pointed at', async () => {
    await bring('front.jpg')
    desk.pick('ruler')
    desk.picked(100, 200)
    desk.pick('white')
    desk.picked(5, 6)
    expect(desk.shown.value).toMatchObject({ held: null, white: { x: 5, y: 6 } })
    desk.pick('ruler')
    desk.picked(1, 2)
    expect(desk.oneEnd.value).toEqual({ x: 1, y: 2 })
    desk.pick('ruler')
    expect([desk.picking.value, desk.oneEnd.value]).toEqual([null, null])
  })

  it('takes a card by its corners where they are seen, else lays some there to be dragged', async () => {
    await bring('front.jpg')
    desk.pick('card')
    desk.picked(300, 100)
    const laid = (desk.shown.value as Shot).held!
    expect(laid).toHaveLength(8)
    // About the place that was tapped, as much longer than high as a card is.
    expect([0, 1].map((c) => (laid[c]! + laid[c + 4]!) / 2)).toEqual([300, 100])
    expect((laid[2]! - laid[0]!) / (laid[5]! - laid[1]!)).toBeCloseTo(1.6, 3)
    mocks.corners.mockReturnValue([10, 10, 90, 12, 88, 60, 12, 58])
    desk.pick('card')
    desk.picked(50, 40)
    expect(desk.shown.value!.held).toEqual([10, 10, 90, 12, 88, 60, 12, 58])
  })
})
