/** How much of what was thought is done, from 0 to 1; by jobs where nobody thought of hours. */
export const share = (far: {
  jobs: number
  jobsDone: number
  thoughtMinutes: number
  doneThoughtMinutes: number
}): number =>
  far.thoughtMinutes > 0 ? far.doneThoughtMinutes / far.thoughtMinutes : far.jobs > 0 ? far.jobsDone / far.jobs : 0
