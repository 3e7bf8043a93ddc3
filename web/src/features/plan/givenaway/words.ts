/** What the pages of this topic say. */
export const givenAwayWords = {
  givenAway: {
    say: 'Somebody else does it',
    does: '{{whom}} does it',
    somebody: 'Somebody else',
    days_one: 'one day away',
    days_other: '{{count}} days away',
    backOn: 'it is there, back on {{day}}',
    agreed: '{{money}} agreed',
    noPrice: 'no price yet',
    change: 'Change what was agreed',
    whom: 'Who (may wait)',
    howLong: 'Days until it is back',
    daysWrong: 'Enter 0 to 730 days.',
    price: 'Price, in {{currency}} (empty: not known yet)',
    back: 'Handed over? Then the day it comes back',
    hint: 'The plan gives it days and none of your hours; the price counts as agreed until it is booked on this job as a service. Finish and check the job like your own.',
    give: 'Give it away',
    given: 'Saved. The plan gives it days and none of your hours.',
    takeBack: 'Do it myself again',
    isTakenBack: 'It is yours again.',
  },
} as const
