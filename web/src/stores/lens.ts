import { defineStore } from 'pinia'
import { ref } from 'vue'

/** Through which lens the look is looked at; the lens' own stores follow it. */
export const useLens = defineStore('lens', () => ({ id: ref<string>('look') }))
