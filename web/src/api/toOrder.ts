import type { Schemas } from './client'

/** In which a part can be ordered now. */
export const toOrderStates: Schemas['Need']['state'][] = ['NEEDED', 'SOURCED', 'RETURNED']

export const isToOrder = (need: Schemas['Need']) => toOrderStates.includes(need.state)
