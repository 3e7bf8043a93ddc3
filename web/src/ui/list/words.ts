/** What is said of every list that is read. */
export const listWords = {
  list: {
    file: 'File',
    paste: 'Or paste it here',
    look: 'Look at it',
    lines_one: 'One line below the first.',
    lines_other: '{{count}} lines below the first.',
    remembered: 'The columns are as you set them last time.',
    column: 'What stands in “{{heading}}”?',
    nothing: 'nothing of use',
    decimals: 'Amounts are written',
    decimalsIs: { POINT: '1,234.50', COMMA: '1.234,50' },
    take: 'Take the list',
    takeOthers: 'Take the others without them',
    bad_one: 'One line cannot be read, so nothing is taken yet.',
    bad_other: '{{count}} lines cannot be read, so nothing is taken yet.',
    badLine: 'Line {{line}}: {{why}}',
    badSaid: 'Line {{line}}: {{why}} (“{{said}}”)',
    badMore: 'And {{count}} more.',
  },
} as const
