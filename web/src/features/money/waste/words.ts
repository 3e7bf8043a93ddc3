/** What the pages of this topic say. */
export const wasteWords = {
  waste: {
    title: 'For nothing',
    none: 'Nothing is marked as spent for nothing. Open a booked entry to mark part of it.',
    hint: 'It stays in the total; its cause is what one learns from.',
    mark: 'Part of it was for nothing',
    amount: 'How much of it, in {{currency}}',
    cause: 'Why',
    causes: {
      BROKEN_BY_ME: 'I broke it',
      IN_TRANSIT: 'damaged on the way',
      WRONG_ORDER: 'ordered the wrong one',
      WRONG_GUESS: 'guessed wrong what it was',
      REPEAT: 'bought again, the first did not last',
      HANDLING: 'dropped or bent while moving it',
    },
    note: 'What happened (may stay empty)',
    keep: 'Mark it',
    isMarked: 'Marked: {{money}} for nothing.',
    remove: 'It was not for nothing',
    isRemoved: 'It counts as well spent again.',
  },
} as const
