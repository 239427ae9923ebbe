import { say } from '../../texts'
import type { LensEntry } from '../lens'
import OrderInspector from './OrderInspector.vue'
import OrderLanes from './OrderLanes.vue'

export default {
  id: 'order',
  label: say('orderLens.order'),
  key: 'r',
  does: say('orderLens.orderLensMinutesWaitsAndPoses'),
  inspector: OrderInspector,
  strip: OrderLanes,
} satisfies LensEntry
