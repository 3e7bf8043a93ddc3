import { useEffect } from 'react'
import { useQuery } from '@tanstack/react-query'
import { z } from 'zod'
import { decisions } from './decisions'
import { useTranslation } from 'react-i18next'
import { api, unwrap, write, type Schemas } from '@/api/client'
import { useWrite } from '@/api/useWrite'
import { Form } from '@/ui/form/Form'
import { Line } from '@/ui/form/named'
import { line } from '@/ui/form/rules'
import { useFields } from '@/ui/form/useFields'
import { hours, useFormat } from '@/ui/format/format'
import { SafetyMark } from '@/ui/safety/SafetyMark'
import { useFindingName } from '@/ui/format/names/findingNames'
import type { Proposed } from './decisions'

type Decision = Schemas['DecisionRequest']['decision']

/** The finding at hand: take what is proposed, or choose otherwise; each choice has a key. */
export function DecideCard({
  proposed: { finding: f, proposal },
  zoneName,
  onLater,
}: {
  proposed: Proposed
  zoneName: string
  onLater: () => void
}) {
  const { t } = useTranslation()
  const { whole } = useFindingName(f.projectId, () => zoneName)
  const { data: choices } = useQuery({
    queryKey: ['choices', f.id, f.version],
    queryFn: () => unwrap(api.GET('/api/findings/{id}/choices', { params: { path: { id: f.id } } })),
  })
  const form = useFields(z.object({ reason: line(t('form.missing')) }), { reason: t(`decide.why.${proposal.why}`) })
  const decide = useWrite(
    (body: Schemas['DecisionRequest'], id) =>
      unwrap(api.POST('/api/findings/{id}/decision', { params: { path: { id: f.id } }, body, ...write(id) })),
    {
      said: (v) => `${whole(f)}. ${t('finding.decided', { decision: t(`decision.${v.decision}`) })}`,
    },
  )
  const as = (decision: Decision) => (said: { reason: string }) => {
    if (!decide.isPending) decide.mutate({ decision, ...said, version: f.version })
  }
  const send = (decision: Decision) => void form.handleSubmit(as(decision))()
  useEffect(() => {
    const press = (e: KeyboardEvent) => {
      const element = e.target instanceof HTMLElement ? e.target.tagName : ''
      if (element === 'INPUT' || element === 'SELECT' || e.ctrlKey || e.metaKey || e.altKey) return
      const chosen = decisions[Number(e.key) - 1]
      if (chosen && (choices?.some((c) => c.decision === chosen) ?? true)) send(chosen)
      else if (e.key === 'Enter' && element !== 'BUTTON' && element !== 'A') send(proposal.decision)
    }
    window.addEventListener('keydown', press)
    return () => window.removeEventListener('keydown', press)
  })
  return (
    <div className="card-sheet grid content-start gap-3 p-4">
      <h2 className="text-xl font-semibold">{whole(f)}</h2>
      <SafetyMark safety={f.safetyClass} />
      {f.note && <p className="whitespace-pre-wrap">{f.note}</p>}
      <p className="font-semibold">{t('decide.proposes', { decision: t(`decision.${proposal.decision}`) })}</p>
      <Form form={form} save={decide} label={t('decide.take')} onSubmit={as(proposal.decision)}>
        <Line name="reason" label={t('decide.reason')} />
      </Form>
      <fieldset>
        <legend className="quiet mb-1 text-sm">{t('decide.differ')}</legend>
        <div className="grid grid-cols-2 gap-2">
          {decisions.map((d, i) => {
            const choice = choices?.find((c) => c.decision === d)
            if (choices && !choice) return null
            return (
              <button
                key={d}
                type="button"
                className="btn h-auto min-h-11 justify-start border-base-300 bg-base-100 py-1 text-left font-normal"
                disabled={decide.isPending}
                aria-keyshortcuts={String(i + 1)}
                onClick={() => send(d)}
              >
                <kbd className="kbd kbd-sm">{i + 1}</kbd>
                <span>
                  {t(`decision.${d}`)}
                  {choice && <Takes choice={choice} />}
                </span>
              </button>
            )
          })}
        </div>
      </fieldset>
      <p className="quiet hidden text-sm md:block">{t('decide.keys')}</p>
      <button type="button" className="btn btn-ghost" onClick={onLater}>
        {t('decide.next')}
      </button>
    </div>
  )
}

/** What a choice takes and what its parts cost, as far as anybody knows. */
function Takes({ choice: { work, cost } }: { choice: Schemas['DecisionChoice'] }) {
  const { t } = useTranslation()
  const format = useFormat()
  if (!work) return null
  return (
    <span className="quiet block text-sm">
      {hours(work.likelyMinutes)}
      {cost &&
        cost.likelyMinor > 0 &&
        `, ${t('decide.parts', { money: format.roughly(cost.likelyMinor, format.currency) })}`}
    </span>
  )
}
