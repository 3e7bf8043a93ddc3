/** What the pages of this topic say. */
export const taskWords = {
  partsNow: {
    title: 'What to do now',
    more: 'And {{count}} more',
    waits: 'Its job waits for it.',
    act: {
      SEND_BACK: 'Send it back',
      CHECK_IN: 'Check it in',
      TRY_ON: 'Try it',
      CHASE: 'What do they say?',
      ANSWER: 'Decide',
      LOOK: 'Looked',
      ORDER: 'Order it',
    },
  },
} as const
