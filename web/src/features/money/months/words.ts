/** What the pages of this topic say. */
export const monthsWords = {
  months: {
    title: 'Month by month',
    fine: 'Every month has enough for what is due in it.',
    unknown_one: 'One thing to buy has no price yet: no month can be called safe.',
    unknown_other: '{{count}} things to buy have no price yet: no month can be called safe.',
    short: '{{month}} is short by {{money}}.',
    putOff: 'This can wait without moving the road: {{what}}.',
    nothingWaits: 'Nothing that is due until then can wait without moving the road.',
    noAllowance: 'Say in the car’s details what you may spend a month, and each month stands here.',
    undated: 'Parts for {{money}} have no day in the plan yet and are not counted.',
    month: 'Month',
    in: 'Comes in',
    due: 'Due',
    left: 'Left',
    running: 'Storage, insurance, hire',
    item: '{{what}}, {{money}}',
  },
} as const
