import type { SkinScene } from './SkinScene'

/** What is drawn over a skin gets the scene, and a tick that counts its redraws. */
export interface OverSkin {
  scene: SkinScene | null
  tick: number
}

/** Where places of the chart lie on the canvas now; read inside a computed, it is found again after every redraw. */
export function onSkin(props: OverSkin) {
  return (at: { x?: number | undefined; y?: number | undefined } | null | undefined) => {
    void props.tick
    return at ? (props.scene?.place({ x: at.x ?? 0, y: at.y ?? 0 }) ?? null) : null
  }
}
