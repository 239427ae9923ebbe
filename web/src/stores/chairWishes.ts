import { useLocalStorage } from '@vueuse/core'
import { defineStore } from 'pinia'

/** How the chair behaves on this device. */
export const useChairWishes = defineStore('chairWishes', () => ({
  /** The face as in a mirror. */
  mirror: useLocalStorage('datura.wish.mirror', false),
  /** A tone when a wait is over. */
  sound: useLocalStorage('datura.wish.sound', true),
  /** Steps are spoken. */
  voice: useLocalStorage('datura.wish.voice', false),
  /** Who paints here, as the book names her. */
  painter: useLocalStorage('datura.wish.painter', ''),
}))
