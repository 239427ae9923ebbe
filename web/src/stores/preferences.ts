import { defineStore } from 'pinia'
import { ref, watch, watchEffect } from 'vue'
import type { LengthUnit } from '../lib/format'

function remembered<T extends string>(name: string, first: T) {
  const value = ref((localStorage.getItem(`datura.${name}`) as T | null) ?? first)
  watch(value, (v) => localStorage.setItem(`datura.${name}`, v as string))
  return value
}

/** What the painter likes: theme, units, and on whom and where looks are shown. */
export const usePreferences = defineStore('preferences', () => {
  const dark = typeof matchMedia === 'function' && matchMedia('(prefers-color-scheme: dark)').matches
  const theme = remembered<'paper' | 'wings'>('theme', dark ? 'wings' : 'paper')
  const unit = remembered<LengthUnit>('unit', 'mm')
  const face = remembered<string>('face', '')
  const kit = remembered<string>('kit', '')
  const setting = remembered<string>('setting', '')
  watchEffect(() => (document.documentElement.dataset.theme = theme.value))
  return { theme, unit, face, kit, setting }
})
