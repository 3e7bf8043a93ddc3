/** What the pages of this topic say. */
export const yearWords = {
  year: {
    title: 'The year {{year}}',
    choose: 'Year',
    loading: 'the year',
    print: 'Print',
    answer_zero: 'No session in {{year}}; {{money}} spent.',
    answer_one: '{{hours}} in one session, {{jobs}}; {{money}} spent.',
    answer_other: '{{hours}} in {{count}} sessions, {{jobs}}; {{money}} spent.',
    jobs_zero: 'no job finished',
    jobs_one: 'one job finished',
    jobs_other: '{{count}} jobs finished',
    dearest: 'The dearest job: {{job}}, {{money}}.',
    money: 'Money of the year',
    opening: 'Spent before',
    closing: 'Spent by the end of the year',
    finished: 'Finished',
    log: 'Session by session',
    month: '{{month}}: {{hours}}',
    learned: 'Learned: {{what}}',
    see: 'The year to print',
  },
} as const
