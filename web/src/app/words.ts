import { common } from './words/common'
import { identity } from './words/identity'
import { vehicle } from './words/vehicle'
import { inspect } from './words/inspect'
import { measure } from './words/measure'
import { register } from './words/register'
import { buying } from './words/buying'
import { shortlook } from './words/shortlook'
import { parts } from './words/parts'
import { plan } from './words/plan'
import { dates } from './words/dates'
import { scope } from './words/scope'
import { ways } from './words/ways'
import { logbook } from './words/logbook'
import { money } from './words/money'
import { roadready } from './words/roadready'

/** All words of the interface, in one place. {{name}} is put in; _one and _other are chosen by the number `count`. */
export const words = {
  ...common,
  ...identity,
  ...vehicle,
  ...inspect,
  ...measure,
  ...register,
  ...buying,
  ...shortlook,
  ...parts,
  ...plan,
  ...dates,
  ...scope,
  ...ways,
  ...logbook,
  ...money,
  ...roadready,
} as const
