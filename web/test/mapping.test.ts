// @vitest-environment happy-dom
import { createPinia, setActivePinia } from 'pinia'
import { afterEach, beforeEach, expect, it, vi } from 'vitest'
import { api, type Tape } from '../src/api/client'
import { useMapping } from '../src/stores/mapping'

let answered: (tape: Tape) => void

beforeEach(() => {
  localStorage.clear()
  setActivePinia(createPinia())
  vi.useFakeTimers()
  vi.spyOn(api, 'tape').mockImplementation(() => new Promise((done) => (answered = done)))
})
afterEach(() => {
  vi.restoreAllMocks()
  vi.useRealTimers()
})

async function held() {
  const mapping = useMapping()
  mapping.taping = true
  mapping.tapeAt({ x: 0, y: 0 })
  mapping.layTape({ x: 30, y: 20 })
  await vi.advanceTimersByTimeAsync(100)
  return mapping
}

it('the tape reads what the service measured', async () => {
  const mapping = await held()
  answered({ mm: 36.1, path: [0, 0, 30, 20] })
  await vi.advanceTimersByTimeAsync(1)
  expect(mapping.tape?.mm).toBe(36.1)
})

it('a tape that was put away stays away, whenever its length arrives', async () => {
  const mapping = await held()
  mapping.putTapeAway()
  answered({ mm: 36.1, path: [0, 0, 30, 20] })
  await vi.advanceTimersByTimeAsync(1)
  expect(mapping.tape).toBeNull()
})
