/** What the pages of this topic say. */
export const measurandWords = {
  own: {
    add: 'Something else to measure',
    name: 'What is measured',
    nameHint: 'Ring gap, valve clearance, end float …',
    unit: 'Unit',
    system: 'Belongs to',
    ifOutside: 'If it is out of limits',
    adjustable: 'It can be adjusted, filed, honed or shimmed',
    save: 'Add it',
    kept: '{{name}} can now be measured.',
    unused: 'Added, not measured yet',
    remove: 'Remove {{name}}',
    removed: 'Removed.',
  },
} as const
