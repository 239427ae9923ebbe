// @vitest-environment happy-dom
import { mount } from '@vue/test-utils'
import { afterEach, beforeEach, expect, it, vi } from 'vitest'
import { api, ApiProblem, type PaintDescription } from '../src/api/client'
import PaintEditor from '../src/components/PaintEditor.vue'

const RUST: PaintDescription = {
  id: 'rust',
  name: 'Rust',
  material: 'waterCake',
  finish: 'matt',
  cardFilmUm: 25,
  overBlack: { l: 30, a: 20, b: 20 },
  overWhite: { l: 38, a: 28, b: 30 },
  coatFilmUm: 20,
  dryingSeconds: 55,
  nearEyes: true,
  onLips: false,
}

beforeEach(() => void vi.useFakeTimers())
afterEach(() => {
  vi.restoreAllMocks()
  vi.useRealTimers()
})

/** The editor with a paint that is changed to a name, and what the service says of it. */
async function changed(answer: ApiProblem) {
  vi.spyOn(api, 'tryPaint').mockRejectedValue(answer)
  const editor = mount(PaintEditor, {
    props: { show: false, paint: RUST, face: 'odalys', kit: 'box', taken: ['rust'] },
    global: { stubs: { DialogBox: { template: '<div><slot /></div>' }, PaintFields: true, PaintSeen: true } },
  })
  await editor.setProps({ show: true })
  editor.getComponent({ name: 'PaintFields' }).vm.$emit('update:modelValue', { ...RUST, name: 'Wrack' })
  await vi.advanceTimersByTimeAsync(400)
  await editor.setProps({ show: false })
  await vi.advanceTimersByTimeAsync(10)
  return (editor.emitted('change') ?? []).map(([paint]) => (paint as PaintDescription).name)
}

it('a change that a cut connection kept from being tried is kept like any other', async () => {
  expect(new Set(await changed(new ApiProblem(0, 'No connection')))).toEqual(new Set(['Wrack']))
})

it('a paint that the service refuses stays as it was', async () => {
  expect(await changed(new ApiProblem(400, 'Such a paint cannot be.'))).toEqual([])
})
