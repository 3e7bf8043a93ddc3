/** Words that a beginner cannot know, as `docs/glossary.md` explains them; a test holds the two together. */
export const glossary = {
  open: 'What the words mean',
  of: {
    finding: { word: 'finding', meaning: 'something seen that is not as it should be' },
    safetyClass: {
      word: 'class A, B, C, D',
      meaning: 'A: it must not be driven; B: not on the road before it is put right; C: soon; D: looks',
    },
    standard: { word: 'standard', meaning: 'how good it should be: runner, road-ready, driver, show' },
    check: { word: 'check', meaning: 'one look at one place, with what is good and what is bad' },
    reading: { word: 'reading, limit', meaning: 'a measured value, and what it is compared with' },
    equipment: { word: 'equipment', meaning: 'what a vehicle has: guessed, said, read in its papers, or seen' },
    job: { word: 'job', meaning: 'work with a beginning and an end' },
    pieceOfWork: { word: 'piece of work', meaning: 'the jobs that a finding becomes, in order' },
    access: { word: 'access', meaning: 'what has to be out of the way, and what it takes' },
    stripDown: { word: 'strip-down', meaning: 'an access opened once for several jobs, and refitted once' },
    orderOfWork: { word: 'order of work', meaning: 'what comes before what by the rules of the trade' },
    condition: { word: 'condition', meaning: 'what is made sure of before the first step' },
    beforeTheRoad: {
      word: 'before the road',
      meaning: 'what still keeps a gate shut: pushed, first start, first move, private ground, road test, road',
    },
    outstanding: { word: 'outstanding', meaning: 'a repair for the time being, a loan, what was left off' },
    sentOut: { word: 'sent out', meaning: 'work that a shop does elsewhere' },
    session: { word: 'session', meaning: 'a time in the garage; the page is the logbook' },
    planB: { word: 'Plan B', meaning: 'what is done instead, if it fails' },
    secondLook: { word: 'second look', meaning: 'a finding looked at again on a later visit' },
    faultCodes: { word: 'fault codes', meaning: 'what a control unit keeps, over time' },
    slack: { word: 'slack', meaning: 'how late each may begin with no milestone later' },
    entry: { word: 'entry', meaning: 'a sum that was spent or came in; booked, it is only reversed' },
    share: {
      word: 'share',
      meaning: 'the part of an entry that belongs to one thing; all shares add up to it',
    },
    ceiling: { word: 'ceiling', meaning: 'the highest sensible bid' },
  },
} as const
