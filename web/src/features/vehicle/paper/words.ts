/** What the pages of this topic say. */
export const paperWords = {
  paper: {
    title: 'On paper',
    answer_one: 'One check on a sheet to print. Type your marks in afterwards.',
    answer_other: '{{count}} checks on a sheet to print. Type your marks in afterwards.',
    print: 'Print the sheet',
    onlyLeft: 'Only unanswered checks',
    typeIn: 'Type a sheet in',
    edition: 'Edition at the top of the sheet',
    typed: 'Numbers and letters',
    typedHint: '12g 13-20g 21b: g good, d doubtful, b bad, m missing, c covered, n not opened, r no reach',
    howSeen: 'How it was inspected',
    keep: 'Save them',
    kept_one: 'One answer saved.',
    kept_other: '{{count}} answers saved.',
    failed_one: 'One of them is recorded as a finding.',
    failed_other: '{{count}} of them are recorded as findings.',
    head: 'Edition {{edition}} · Date: ________ · Looked at by: ________________',
    letters: 'Write a letter in the box: g good, d doubtful, b bad, m missing, c covered, n not opened, r no reach.',
  },
} as const
