/** What the pages of this topic say. */
export const eventWords = {
  event: {
    title: 'What happened to it?',
    none: 'A flood, a crash or years of standing make sound-looking parts suspect. Say what you know.',
    add: 'Add an event',
    choose: 'Choose …',
    note: 'What you know about it',
    save: 'Add the event',
    recorded: '{{event}}: recorded. The suspect parts are listed.',
    left_one: 'one thing to look at',
    left_other: '{{count}} things to look at',
    allLooked: 'all suspect parts checked',
    kind: {
      LONG_SLEEP: 'Stood for a long time',
      FLOODED: 'Flooded',
      CRASHED: 'Crashed',
      AIRBAGS_FIRED: 'Airbags fired',
      RAN_DRY: 'Ran dry: oil, coolant or fuel',
      VERMIN: 'Mice or other vermin',
      WRONG_JACKING: 'Jacked in the wrong place',
    },
  },
} as const
