import { z } from 'zod'
import { useTranslation } from 'react-i18next'
import { operations } from '@/api/generated/enums'
import { minutesOf } from '@/ui/format/format'
import { line, whole as wholeNumber } from '@/ui/form/rules'
import { bare, whole, type RecipeLine } from './recipes'

type Step = RecipeLine['steps'][number]

/** What a person says of a recipe: hours as they are typed. */
export function useRecipeRules() {
  const { t } = useTranslation()
  const time = z.string().refine((v) => minutesOf(v) !== undefined, t('recipes.sheet.numberWrong'))
  const step = z
    .object({
      from: z.number().optional(),
      people: z.number(),
      title: line(t('form.missing')),
      operation: z.enum(operations),
      optimistic: time,
      likely: time,
      pessimistic: time,
      wait: wholeNumber(t('form.number'), { min: 0, max: 1440 }),
      tools: z.string(),
    })
    .superRefine((s, said) => {
      const [best, likely, worst] = [s.optimistic, s.likely, s.pessimistic].map((v) => minutesOf(v) ?? 0)
      if (best! > likely! || likely! > worst!)
        said.addIssue({ code: 'custom', path: ['likely'], message: t('recipes.sheet.orderWrong') })
    })
  return z.object({ title: line(t('form.missing')), steps: z.array(step) })
}

type Values = z.output<ReturnType<typeof useRecipeRules>>
type Typed = z.input<ReturnType<typeof useRecipeRules>>

const typed = (minutes: number) => String(Math.round((minutes / 60) * 100) / 100)

export const freshStep: Typed['steps'][number] = {
  people: 1,
  title: '',
  operation: 'INSPECT',
  optimistic: '0.5',
  likely: '1',
  pessimistic: '2',
  wait: '0',
  tools: '',
}

export const valuesOf = (r: RecipeLine): Typed => ({
  title: bare(r.title),
  steps: r.steps.map((s) => ({
    from: s.from ?? undefined,
    people: s.people,
    title: bare(s.title),
    operation: s.operation,
    optimistic: typed(s.optimisticMinutes),
    likely: typed(s.likelyMinutes),
    pessimistic: typed(s.pessimisticMinutes),
    wait: String(s.waitHours),
    tools: s.tools.join(', '),
  })),
})

export const stepsOf = (v: Values, before: RecipeLine) => ({
  title: whole(v.title, before.title),
  steps: v.steps.map((s): Step => ({
    ...(s.from !== undefined && { from: s.from }),
    title: whole(s.title, s.from === undefined ? undefined : before.steps[s.from]?.title),
    operation: s.operation,
    optimisticMinutes: minutesOf(s.optimistic) ?? 0,
    likelyMinutes: minutesOf(s.likely) ?? 0,
    pessimisticMinutes: minutesOf(s.pessimistic) ?? 0,
    people: s.people,
    waitHours: s.wait,
    tools: s.tools
      .split(',')
      .map((tool) => tool.trim())
      .filter((tool) => tool !== ''),
  })),
})
