import { useState } from 'react'
import { z } from 'zod'
import { useTranslation } from 'react-i18next'
import { api, unwrap, write } from '@/api/client'
import { useWrite } from '@/api/useWrite'
import { Form } from '@/ui/form/Form'
import { Amount } from '@/ui/form/named'
import { useAmountRule } from '@/ui/form/rules'
import { useFields } from '@/ui/form/useFields'
import { useFreshId } from '@/ui/form/draft/useFreshId'
import { minorText } from '@/ui/format/money'
import { ProblemAlert } from '@/ui/page/Feedback'
import { useSpan } from './useSpan'
import type { Forecast } from './queries'

type Line = Forecast['lines'][number]
const prompts = ['consumables', 'trips', 'delivery', 'tools', 'tests_and_fees'] as const
type Prompt = (typeof prompts)[number]

/** What always comes on top, one by one: the usual share, or a sum of one's own. */
export function ForgottenLines({ projectId, lines, currency }: { projectId: string; lines: Line[]; currency: string }) {
  const { t } = useTranslation()
  const span = useSpan(currency)
  const [open, setOpen] = useState<Prompt>()
  return (
    <ul>
      {prompts.flatMap((prompt) => {
        const line = lines.find((l) => l.about === prompt)
        return line ? (
          <li key={prompt} className="border-b border-base-300 py-1 last:border-0">
            <span className="flex items-baseline justify-between gap-4">
              <span>
                {t(`forecast.prompt.${prompt}`)}{' '}
                <span className="quiet">{t(line.setAside ? 'forecast.own' : 'forecast.usual')}</span>
              </span>
              <span className="whitespace-nowrap">
                {span([line])}{' '}
                <button
                  type="button"
                  className="btn btn-ghost btn-sm"
                  aria-label={t('actOn', { act: t('forecast.change'), what: t(`forecast.prompt.${prompt}`) })}
                  aria-expanded={open === prompt}
                  onClick={() => setOpen(open === prompt ? undefined : prompt)}
                >
                  {t('forecast.change')}
                </button>
              </span>
            </span>
            {open === prompt && (
              <SetAside
                projectId={projectId}
                prompt={prompt}
                line={line}
                currency={currency}
                onDone={() => setOpen(undefined)}
              />
            )}
          </li>
        ) : (
          []
        )
      })}
    </ul>
  )
}

function SetAside({
  projectId,
  prompt,
  line,
  currency,
  onDone,
}: {
  projectId: string
  prompt: Prompt
  line: Line
  currency: string
  onDone: () => void
}) {
  const { t } = useTranslation()
  const [id] = useFreshId()
  const path = { projectId, what: prompt }
  const form = useFields(z.object({ sum: useAmountRule()(currency) }), {
    sum: line.setAside ? minorText(line.likelyMinor, currency) : '',
  })
  const keep = useWrite(
    (minor: number, writeId) =>
      unwrap(
        api.PUT('/api/projects/{projectId}/forecast/allowances/{what}', {
          params: { path },
          body: { id, minor },
          ...write(writeId),
        }),
      ),
    { said: () => t('forecast.isSetAside'), done: onDone },
  )
  const usual = useWrite(
    (_: void, writeId) =>
      unwrap(
        api.DELETE('/api/projects/{projectId}/forecast/allowances/{what}', { params: { path }, ...write(writeId) }),
      ),
    { said: () => t('forecast.isAsUsual'), done: onDone },
  )
  return (
    <div className="py-2">
      <Form form={form} save={keep} label={t('forecast.setAside')} aside inRow onSubmit={({ sum }) => keep.mutate(sum)}>
        <Amount name="sum" label={t('forecast.sum', { currency })} currency={currency} />
      </Form>
      {line.setAside && (
        <button type="button" className="btn btn-ghost btn-sm mt-1" onClick={() => usual.mutate()}>
          {t('forecast.asUsual')}
        </button>
      )}
      <ProblemAlert error={usual.error} />
    </div>
  )
}
