import type { LensEntry } from '../lens'
import OrderInspector from './OrderInspector.vue'
import OrderLanes from './OrderLanes.vue'

export default {
  id: 'order',
  label: 'Order',
  key: 'r',
  does: 'Order lens: minutes, waits and poses, why a step stands where it does, what fits the slot',
  inspector: OrderInspector,
  strip: OrderLanes,
} satisfies LensEntry
