import type { Schemas } from '@/api/client'

/** What a part has to agree in, one after the other. */
export const factsOf = (need: Pick<Schemas['Need'], 'mustMatch'>) =>
  need.mustMatch.split('\n').filter((fact) => fact !== '')
