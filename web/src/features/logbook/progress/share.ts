/** Guessed minutes, to the hour; what is less than one stays as it is. */
export const guessed = (minutes: number): number => (minutes < 60 ? minutes : Math.round(minutes / 60) * 60)

/** How much of what was thought is done, from 0 to 1; by jobs where nobody thought of hours. */
export const share = (far: {
  jobs: number
  jobsDone: number
  thoughtMinutes: number
  earnedMinutes: number
}): number =>
  far.thoughtMinutes > 0 ? far.earnedMinutes / far.thoughtMinutes : far.jobs > 0 ? far.jobsDone / far.jobs : 0
