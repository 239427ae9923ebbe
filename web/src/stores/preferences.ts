import { useLocalStorage } from '@vueuse/core'
import { defineStore } from 'pinia'
import { watchEffect } from 'vue'
import type { LengthUnit } from '../lib/format'

const remembered = <T extends string>(name: string, first: T) => useLocalStorage<T>(`datura.${name}`, first)

/** What the painter likes: theme, units, whether paint shows its grain, and on whom and where looks are shown. */
export const usePreferences = defineStore('preferences', () => {
  const dark = typeof matchMedia === 'function' && matchMedia('(prefers-color-scheme: dark)').matches
  const theme = remembered<'paper' | 'wings'>('theme', dark ? 'wings' : 'paper')
  const unit = remembered<LengthUnit>('unit', 'mm')
  const face = remembered<string>('face', '')
  const kit = remembered<string>('kit', '')
  const setting = remembered<string>('setting', '')
  const film = remembered<'grained' | 'smooth'>('film', 'grained')
  const eyes = remembered<'open' | 'closed'>('eyes', 'open')
  const hair = remembered<'tied' | 'loose'>('hair', 'tied')
  watchEffect(() => (document.documentElement.dataset.theme = theme.value))
  return { theme, unit, face, kit, setting, film, eyes, hair }
})
