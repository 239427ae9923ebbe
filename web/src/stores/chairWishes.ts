import { useLocalStorage } from '@vueuse/core'
import { defineStore } from 'pinia'

/** How the chair behaves on this device. */
export const useChairWishes = defineStore('chairWishes', () => ({
  /** The face as in a mirror. */
  mirror: useLocalStorage('datura.chair.mirror', false),
  /** A tone when a wait is over. */
  sound: useLocalStorage('datura.chair.sound', true),
  /** Steps are spoken. */
  voice: useLocalStorage('datura.chair.voice', false),
  /** Who paints here, as the book names her. */
  painter: useLocalStorage('datura.chair.painter', ''),
}))
