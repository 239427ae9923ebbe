import { say } from '../texts'
import type { MendingKind } from './mendings'

/** Preparing and mending, in a word or two. */
export const MENDING_NAMES: Record<MendingKind, string> = {
  powderCream: say('mendingKind.powderCream'),
  wetSpot: say('mendingKind.wetSpot'),
  mist: say('mendingKind.mist'),
  dabOff: say('mendingKind.dabOff'),
  takeOutTexture: say('mendingKind.takeOutTexture'),
  wipeAndRedo: say('mendingKind.wipeAndRedo'),
  evenUp: say('mendingKind.evenUp'),
  cleanPoints: say('mendingKind.cleanPoints'),
  reWhiten: say('mendingKind.reWhiten'),
}
