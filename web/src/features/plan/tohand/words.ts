/** What the pages of this topic say. */
export const toHandWords = {
  toHand: {
    title: 'Tools and what is tightened',
    tools: 'To hand: {{what}}.',
    tightened: 'Tightened to its figure',
    record: 'Record the torque',
    change: 'Change tools and fasteners',
    toolsField: 'Tools beyond those on the bench, one per line',
    fastenersField: 'Fasteners that must hold, one per line',
    fastenersHint: 'Each asks for its figure before the job is verified',
    kept: 'Saved.',
  },
} as const
