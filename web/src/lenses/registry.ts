import type { Component } from 'vue'
import CoatsInspector from '../components/CoatsInspector.vue'
import FormInspector from '../components/FormInspector.vue'
import MapInspector from '../components/MapInspector.vue'
import OrderInspector from '../components/OrderInspector.vue'

/** What the bust shows and the inspector speaks of. A new lens is one entry here: bar, key, help and inspector follow. */
export interface LensEntry {
  id: string
  label: string
  /** The key that turns it on and off. */
  key: string
  does: string
  /** Left out for the lens that shows the selected part, or the look. */
  inspector?: Component
}

export const LENSES = [
  { id: 'look', label: 'Paint', key: 'p', does: 'Paint lens: the painted face and its parts' },
  {
    id: 'map',
    label: 'Map',
    key: 'm',
    does: 'Map lens: outlines, dots and tape',
    inspector: MapInspector,
  },
  {
    id: 'form',
    label: 'Form',
    key: 'o',
    does: 'Form lens: what to darken and lighten so that the form reads',
    inspector: FormInspector,
  },
  {
    id: 'order',
    label: 'Order',
    key: 'r',
    does: 'Order lens: minutes, waits and poses, why a step stands where it does, what fits the slot',
    inspector: OrderInspector,
  },
  {
    id: 'coats',
    label: 'Coats',
    key: 'c',
    does: 'Coats lens: what lies where, and how it looks in which light',
    inspector: CoatsInspector,
  },
] as const satisfies readonly LensEntry[]
