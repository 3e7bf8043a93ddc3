/** What the pages of this topic say. */
export const sleepWords = {
  sleep: {
    title: 'How long has it stood?',
    none: 'Papers, plates and what people say show when it last ran. Enter what you find.',
    estimate: 'About {{years}}, since {{month}}.',
    months_one: 'one month',
    months_other: '{{count}} months',
    years_one: 'one year',
    years_other: '{{count}} years',
    onPaper: 'There is something in writing.',
    onlySaid: 'It rests on hearsay or guesswork.',
    undisturbed: 'The dirt is undisturbed: nobody has touched it since.',
    kind: {
      STATEMENT: 'Somebody says so',
      DATED_PAPER: 'A dated paper',
      DATED_PART: 'A date on a part',
      STATE_OF_PARTS: 'State of plugs, fuel, fluids',
      UNDISTURBED: 'Undisturbed dirt',
    },
    evidence: 'Evidence',
    usedOn: 'Last ran',
    note: 'What it is',
    add: 'Add the evidence',
    added: 'Evidence added.',
    left_one: 'After so long, one more check is due.',
    left_other: 'After so long, {{count}} more checks are due.',
  },
} as const
