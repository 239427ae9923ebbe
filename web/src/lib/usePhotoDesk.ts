import { computed, ref } from 'vue'
import { say } from '../texts'
import { useAttempt } from './attempt'
import { CARD_LONG_MM, RULER_MM, type Shot } from './shots'
import { useShots } from './useShots'

/** What is being pointed at in a photo. */
export type Picking = 'card' | 'ruler' | 'white'

/** Photos on the desk, one of them on top, and what is pointed at in it. */
export function usePhotoDesk() {
  const attempt = useAttempt()
  const held = useShots()
  const { shots, add, addCanvas, change, holdAt } = held

  const shownId = ref(0)
  const shown = computed(() => shots.value.find((s) => s.id === shownId.value) ?? shots.value[0] ?? null)
  const at = computed(() => (shown.value ? shots.value.indexOf(shown.value) : -1))
  const picking = ref<Picking | null>(null)
  /** One end of a ruler, while the other is still wanted. */
  const oneEnd = ref<{ x: number; y: number } | null>(null)

  async function bring(file: File) {
    await attempt(async () => {
      const shot = await add(file)
      if (shot) shownId.value = shot.id
    })
  }

  /** The photos that ship with the demo. */
  async function bringDemo(names: readonly string[]) {
    for (const name of names) {
      const answer = await fetch(`/demo-photos/${name}.jpg`)
      await bring(new File([await answer.blob()], `${name}.jpg`, { type: 'image/jpeg' }))
    }
  }

  async function taken(canvas: HTMLCanvasElement) {
    const shot = await addCanvas(canvas, say('shots.fromCamera', { n: shots.value.length + 1 }), null)
    if (shot) shownId.value = shot.id
  }

  const update = (shot: Shot) => change(shot.id, shot)

  function putOnTop(id: number) {
    shownId.value = id
  }

  function pick(what: Picking) {
    picking.value = picking.value === what ? null : what
    oneEnd.value = null
  }

  function picked(x: number, y: number) {
    const shot = shown.value!
    if (picking.value === 'ruler' && !oneEnd.value) {
      oneEnd.value = { x, y }
      return
    }
    if (picking.value === 'card') {
      change(shot.id, { longMm: CARD_LONG_MM })
      holdAt(shot, x, y)
    } else if (picking.value === 'ruler')
      change(shot.id, { held: [oneEnd.value!.x, oneEnd.value!.y, x, y], longMm: RULER_MM })
    else change(shot.id, { white: { x, y } })
    picking.value = null
    oneEnd.value = null
  }

  return {
    ...held,
    shownId,
    shown,
    at,
    picking,
    oneEnd,
    bring,
    bringDemo,
    taken,
    update,
    putOnTop,
    pick,
    picked,
  }
}

export type PhotoDesk = ReturnType<typeof usePhotoDesk>
