import { z } from 'zod'
import type { Schemas } from '@/api/client'

/** How the body is done: only where it is bad, or all of it at bare metal. */
export const bodies = ['BARE_METAL'] as const

/** Somebody else does it: none or one of them. */
type ByOthers = { days: number; costMinor: number }[]

/** The fields of a body at bare metal; each half is one's own or of somebody else. */
export const bareMetalRules = (byOthers: z.ZodType<ByOthers, unknown>) => ({
  body: z.union([z.enum(bodies), z.literal('')]),
  strip: byOthers,
  coat: byOthers,
})

/** As it is sent; nothing where the body is done as planned. */
export const bareMetalOf = (said: {
  body: string
  strip: ByOthers
  coat: ByOthers
}): Pick<Schemas['NewWayRequest'], 'bareMetal'> =>
  said.body === ''
    ? {}
    : { bareMetal: { ...(said.strip[0] && { strip: said.strip[0] }), ...(said.coat[0] && { coat: said.coat[0] }) } }
