/** What the pages of this topic say. */
export const reachWords = {
  reach: {
    title: 'How to reach it',
    add: 'Note how to reach an awkward fastener',
    fastener: 'Which one',
    tools: 'With which tools, from where',
    after: 'Only after',
    any: 'no particular job; just awkward',
    onlyAfter: 'Only after: {{job}}.',
    from: 'Noted on: {{job}}.',
    keep: 'Save',
    kept: 'Saved for whoever works here next.',
    remove: 'Remove',
    removed: 'Removed.',
  },
} as const
