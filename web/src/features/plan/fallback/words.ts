/** What the pages of this topic say. */
export const fallbackWords = {
  planB: {
    title: 'Plan B',
    is_one: 'Plan B: “{{what}}”, one day.',
    is_other: 'Plan B: “{{what}}”, {{count}} days.',
    held: '{{money}} set aside for it.',
    add: 'Add a plan B in case it fails',
    change: 'Change plan B',
    what: 'What is done instead',
    days: 'Days until it is in place',
    cost: 'What it costs, {{currency}}',
    kept: 'Saved. The plan shows when to decide by.',
    remove: 'Not needed any more',
    removed: 'Plan B removed.',
    short: 'Plan B: “{{what}}”.',
    decideBy: 'Decide by {{day}}, or something will be late.',
    decideNow: 'It should have been decided by {{day}}: every day now makes something later.',
  },
} as const
