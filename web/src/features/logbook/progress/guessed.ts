/** Guessed minutes, to the hour; what is less than one stays as it is. */
export const guessed = (minutes: number): number => (minutes < 60 ? minutes : Math.round(minutes / 60) * 60)
