import { z } from 'zod'
import { useTranslation } from 'react-i18next'
import { api, unwrap, write } from '@/api/client'
import { useWrite } from '@/api/useWrite'
import { Form } from '@/ui/form/Form'
import { Line } from '@/ui/form/named'
import { line } from '@/ui/form/rules'
import { useFields } from '@/ui/form/useFields'
import { Part } from '@/ui/page/Page'
import { hours } from '@/ui/format/format'
import { useZoneNames } from '@/ui/format/names/zones'
import type { Scope } from './scope'

/** What was repaired again and again, and why that is. */
export function Repeats({ projectId, scope: s }: { projectId: string; scope: Scope }) {
  const { t } = useTranslation()
  if (s.repeats.length === 0) return null
  return (
    <Part title={t('scope.repeats')}>
      <ul>
        {s.repeats.map((r) => (
          <Repeat key={r.jobs[0]} projectId={projectId} repeat={r} />
        ))}
      </ul>
    </Part>
  )
}

type RepeatProps = { projectId: string; repeat: Scope['repeats'][number] }

function Repeat({ projectId, repeat: r }: RepeatProps) {
  const { t } = useTranslation()
  const nameOf = useZoneNames(projectId)
  return (
    <li className="border-b border-base-300 py-2">
      {t('scope.repeat', {
        operation: t(`operation.${r.operation}`),
        place: nameOf(r.zone),
        times: r.repairs,
        hours: hours(r.spentMinutes),
      })}{' '}
      {r.wholePanel && <span className="font-bold">{t('scope.wholePanel')}</span>}
      {r.cause ? (
        <span className="block">{t('scope.causeIs', { cause: r.cause })}</span>
      ) : (
        <WhyAgain projectId={projectId} repeat={r} />
      )}
    </li>
  )
}

function WhyAgain({ projectId, repeat: r }: RepeatProps) {
  const { t } = useTranslation()
  const form = useFields(z.object({ cause: line(t('form.missing')) }), { cause: '' })
  const save = useWrite(
    (cause: string, id) =>
      unwrap(
        api.PUT('/api/projects/{projectId}/scope/repeats', {
          params: { path: { projectId } },
          body: { zone: r.zone, operation: r.operation, cause },
          ...write(id),
        }),
      ),
    { said: () => t('scope.causeKept') },
  )
  return (
    <Form
      form={form}
      save={save}
      label={t('scope.keepCause')}
      aside
      inRow
      className="mt-1"
      onSubmit={({ cause }) => save.mutate(cause)}
    >
      <div className="grow">
        <Line name="cause" label={t('scope.whyAgain')} />
      </div>
    </Form>
  )
}
