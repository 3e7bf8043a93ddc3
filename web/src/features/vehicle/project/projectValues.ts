import { z } from 'zod'
import { useTranslation } from 'react-i18next'
import type { Schemas } from '@/api/client'
import { aims, bodyStyles, doubtfulPartPolicies, driverSides, layouts, projectStates } from '@/api/generated/enums'
import { line, orNothing, useAmountRule, whole } from '@/ui/form/rules'
import { minorText } from '@/ui/format/money'

export type Project = Schemas['Project']

/** What may stand in the form of a vehicle. */
export function useProjectRules(currency: string) {
  const { t } = useTranslation()
  const amount = useAmountRule()
  return z.object({
    vehicleName: line(t('projects.nameMissing')),
    builtYear: whole(t('projects.yearWrong')),
    bodyStyle: z.enum(bodyStyles),
    layout: z.enum(layouts),
    driverSide: z.enum(driverSides),
    identity: z.string().max(120),
    aim: z.enum(aims),
    state: z.enum(projectStates),
    doubtfulParts: z.enum(doubtfulPartPolicies),
    budget: orNothing(amount(currency)),
    monthly: orNothing(amount(currency)),
    targetOn: z.string(),
    note: z.string().max(4000),
    fuel: z.string(),
    cooling: z.string(),
  })
}
export type ProjectValues = z.input<ReturnType<typeof useProjectRules>>
type Said = z.output<ReturnType<typeof useProjectRules>>

export const blank: ProjectValues = {
  vehicleName: '',
  builtYear: '',
  bodyStyle: 'ESTATE',
  layout: 'FRONT_ENGINE_REAR_DRIVE',
  driverSide: 'LEFT',
  identity: '',
  aim: 'ROAD_READY',
  state: 'ACTIVE',
  doubtfulParts: 'REPLACE',
  budget: '',
  monthly: '',
  targetOn: '',
  note: '',
  fuel: '',
  cooling: '',
}

export const valuesOf = (p: Project, currency: string): ProjectValues => ({
  vehicleName: p.vehicleName,
  builtYear: String(p.builtYear),
  bodyStyle: p.bodyStyle,
  layout: p.layout,
  driverSide: p.driverSide,
  identity: p.identity,
  aim: p.aim,
  state: p.state,
  doubtfulParts: p.doubtfulParts,
  budget: minorText(p.budgetMinor ?? 0, currency),
  monthly: minorText(p.monthlyMinor ?? 0, currency),
  targetOn: p.targetOn ?? '',
  note: p.note,
  fuel: '',
  cooling: '',
})

/** A motorcycle has its own layout; a car that was entered as one takes the usual one. */
const layoutOf = (body: Said['bodyStyle'], layout: Said['layout']): Said['layout'] =>
  body === 'MOTORCYCLE' ? 'MOTORCYCLE' : layout === 'MOTORCYCLE' ? 'FRONT_ENGINE_REAR_DRIVE' : layout

export const fieldsOf = (said: Said): Schemas['ProjectFields'] => ({
  vehicleName: said.vehicleName,
  builtYear: said.builtYear,
  layout: layoutOf(said.bodyStyle, said.layout),
  driverSide: said.driverSide,
  identity: said.identity,
  aim: said.aim,
  state: said.state,
  doubtfulParts: said.doubtfulParts,
  note: said.note,
  budgetMinor: said.budget ?? 0,
  monthlyMinor: said.monthly ?? 0,
  ...(said.targetOn && { targetOn: said.targetOn }),
})

/** What is known at once; what is not is asked at the first check that depends on it. */
export const equipmentOf = ({ fuel, cooling }: Said): Schemas['Fact'][] => [
  ...(fuel ? [{ item: 'fuel', value: fuel, how: 'PAPERS' as const }] : []),
  ...(cooling ? [{ item: 'cooling', value: cooling, how: 'SEEN' as const }] : []),
]
