/** What the pages of this topic say. */
export const madeWords = {
  made: {
    title: 'What is made',
    say: 'Write down what is made, so that it can be made again',
    change: 'Change what is made',
    material: 'Material and thickness',
    materialHint: 'For example: steel sheet 1 mm',
    sizes: 'Sizes, with units and what they are measured from',
    materialMissing: 'Say what it is made of.',
    sizesMissing: 'Say how large it is.',
    pieces: 'Pieces',
    piecesWrong: 'Enter 1 to 999.',
    number: 'Number of the drawing or part (optional)',
    drawing: 'Photograph the drawing or the pattern with the pictures of this job.',
    saved: 'Saved.',
    is_one: '{{material}}, one piece',
    is_other: '{{material}}, {{count}} pieces',
    numbered: 'no. {{number}}',
    all: 'Made by hand',
  },
} as const
