/** The limit whose reading is taken as a length over a number of pitches. */
export const chainStretch = 'chain-stretch'
/** Pitches of roller chains in millimetres: ISO 606, from memory. */
export const pitches = ['8', '9.525', '12.7', '15.875', '19.05'] as const
export type Chain = { pitch: string; pitches: string }
export const usualChain: Chain = { pitch: '15.875', pitches: '20' }

/** A length in millimetres; the server works the stretch out. */
export const chainReading = (length: number, chain: Chain) => ({
  value: 0,
  chain: { length, pitches: Number(chain.pitches), pitch: Number(chain.pitch) },
})
