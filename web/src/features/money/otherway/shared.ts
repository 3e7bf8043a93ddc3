/** An amount in so many shares that sum to it, the larger ones first. */
export const shared = (minor: number, into: number): number[] =>
  Array.from({ length: into }, (_, i) => Math.floor(minor / into) + (i < minor % into ? 1 : 0))
