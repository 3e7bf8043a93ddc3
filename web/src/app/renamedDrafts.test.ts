import { expect, it } from 'vitest'
import { renameDrafts } from './renamedDrafts'

it('opens what was typed before an upgrade under the names of now, and leaves all else', () => {
  localStorage.setItem('ofisino.draft.evening.car.job', '{"done":"Bores","work":[{"wayIn":"engine-out","minutes":60}]}')
  localStorage.setItem('ofisino.sheet./p/car/work/owed?new=1 Add', '{"at":1}')
  localStorage.setItem('ofisino.sheet./p/car/work Add', '{"at":2}')
  localStorage.setItem('ofisino.draft.trip.car', '{}')
  renameDrafts(localStorage)
  renameDrafts(localStorage)
  expect({ ...localStorage }).toEqual({
    'ofisino.draft.workSession.car.job': '{"done":"Bores","work":[{"access":"engine-out","minutes":60}]}',
    'ofisino.sheet./p/car/work/outstanding?new=1 Add': '{"at":1}',
    'ofisino.sheet./p/car/work Add': '{"at":2}',
    'ofisino.draft.trip.car': '{}',
  })
})
