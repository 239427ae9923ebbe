/**
 * A pedal is a keyboard with two or three keys. The simulated one (screen /pedal) is another page of this browser that sends the same keys.
 */

export type PedalKey = 'PageDown' | 'PageUp' | 'b'

export interface PedalPress {
  key: PedalKey
  down: boolean
}

const CHANNEL = 'datura-pedal'

export function pedal(): { press(key: PedalKey, down: boolean): void; close(): void } {
  const channel = new BroadcastChannel(CHANNEL)
  return {
    press: (key, down) => channel.postMessage({ key, down } satisfies PedalPress),
    close: () => channel.close(),
  }
}

/** Turns what the pedal sends into key presses of this page. */
export function listenToPedal(target: EventTarget = window): () => void {
  const channel = new BroadcastChannel(CHANNEL)
  channel.onmessage = ({ data }: MessageEvent<PedalPress>) => {
    target.dispatchEvent(
      new KeyboardEvent(data.down ? 'keydown' : 'keyup', { key: data.key, bubbles: true, cancelable: true }),
    )
  }
  return () => channel.close()
}
