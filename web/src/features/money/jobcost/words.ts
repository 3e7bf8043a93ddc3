/** What the pages of this topic say. */
export const jobCostWords = {
  jobCost: {
    title: 'Thought, asked, paid',
    tells_one: 'The one job that is done cost {{paid}}, and was thought to cost {{thought}}: {{factor}} times.',
    tells_other:
      'The {{count}} jobs that are done cost {{paid}}, and were thought to cost {{thought}}: {{factor}} times.',
    next: 'Reckon with that factor the next time.',
    nothing: 'No job is done yet whose cost was thought of before.',
    job: 'Job',
    thought: 'Thought',
    asked: 'Asked',
    paid: 'Paid',
    difference: 'Against the thought',
    more: '{{money}} more',
    less: '{{money}} less',
    same: 'as thought',
    going: 'not done yet',
    unthought: 'nobody thought of it',
    open: 'All jobs with an amount',
  },
} as const
