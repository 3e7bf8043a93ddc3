/** What the pages of this topic say. */
export const ownStockWords = {
  ownStock: {
    title: 'With and without',
    hint: 'Two people who compare what their cars cost often count different things.',
    cash: 'Your cash',
    withoutTools: 'Without the tools you keep ({{money}})',
    others: 'Would cost others, with your own stock ({{money}})',
    labour: 'And with your {{hours}} at a workshop’s {{rate}} an hour',
    noRate: 'Say in the garage what a workshop asks for an hour, and your {{hours}} are counted too.',
    used: 'From your own stock',
    add: 'Used something you had',
    what: 'What it was',
    worth: 'What it would cost to buy, in {{currency}}',
    usedOn: 'Used on',
    job: 'For the job',
    noJob: 'for the car as a whole',
    save: 'Write it down',
    isAdded: '“{{what}}” is written down; your cash is as it was.',
    remove: 'Remove',
    isRemoved: '“{{what}}” is removed.',
  },
} as const
