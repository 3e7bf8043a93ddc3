/** What the pages of this topic say. */
export const pairingWords = {
  pair: { title: 'This phone', go: 'Sign in this phone' },
} as const
