/** What the pages of this topic say. */
export const riskWords = {
  risk: {
    title: 'How sure is it?',
    running: 'Running the plan through {{runs}} times …',
    stop: 'Stop',
    stopped: 'Stopped. It is worked out anew when the plan changes.',
    how: 'The plan is run through {{runs}} times in its order. Each time jobs take longer or shorter, sessions are missed as often as you miss them, parts come late, and what is still closed may hide damage.',
    notBefore: 'Some of what the road asks for is not in the plan yet: all of these may be later.',
    sentence: '{{aim}}: <b>8 in 10 by {{eight}}</b>, as likely as not by {{five}}; {{planned}} if all goes as planned.',
    never: '{{aim}}: in more than 2 of 10 runs not within two years; {{planned}} if all goes as planned.',
    milestone: 'Milestone',
    planned: 'If all goes as planned',
    inTen: '{{count}} in 10',
    beyond: 'beyond two years',
    table: 'As a table',
    drivers: 'What moves the date most',
    onlyYou:
      'No one job decides it: how often you come and how long you take do. It narrows with each session you log.',
    driver: {
      strong: 'decides most of it',
      some: 'moves it',
      little: 'moves it a little',
    },
    openings: 'What opening it first would tell',
    opening: '{{what}}: {{hours}} of work, and the span from 2 to 8 in 10 gets about {{days}} shorter.',
    nothingToOpen: 'No one thing that is still closed decides the date.',
    days_one: 'a day',
    days_other: '{{count}} days',
  },
} as const
