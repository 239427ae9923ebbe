import { bodyApi } from './bodyApi'
import { kitApi } from './kitApi'
import { planApi } from './planApi'
import { studioApi } from './studioApi'

/** Every call of the service that more than one screen makes; what one screen alone asks for stands beside it. */
export const api = { ...planApi, ...bodyApi, ...kitApi, ...studioApi }

export * from './service'
export type * from './types'
