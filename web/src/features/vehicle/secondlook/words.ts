/** What the pages of this topic say. */
export const secondlookWords = {
  again: {
    title: 'Second look',
    loading: 'Fetching what was found …',
    none: 'Nothing recorded to look at again.',
    left_one: 'One finding to look at again.',
    left_other: '{{count}} findings to look at again.',
    done: 'Everything has been looked at again.',
    worse_one: 'One is worse: {{what}}.',
    worse_other: '{{count}} are worse: {{what}}.',
    before: 'Before, {{date}}',
    now: 'Now, {{date}}',
    notYet: 'Not looked at again',
    noPhoto: 'no photo',
    compared: { SAME: 'The same', WORSE: 'Worse', BETTER: 'Better', GONE: 'Gone' },
    note: 'What is different',
    photoNow: 'New photo',
    kept: '{{what}}: {{compared}}.',
    gone: '“Gone” does not close a finding. Withdraw it if it was a mistake.',
  },
} as const
