import { useState } from 'react'
import { useQuery } from '@tanstack/react-query'
import { useTranslation } from 'react-i18next'
import { api, unwrap, write, type Schemas } from '@/api/client'
import { drawingQuery, needsQuery } from '@/api/queries'
import { useWrite } from '@/api/useWrite'
import { ProblemAlert } from '@/ui/page/Feedback'
import { Choice, TextField } from '@/ui/form/Field'
import { JobChoice } from '@/ui/form/JobChoice'
import { Sheet } from '@/ui/form/Sheet'
import { useZoneNames } from '@/ui/format/zones'

type When = Schemas['NewOutstandingRequest']['when']
type Kind = NonNullable<Schemas['NewOutstandingRequest']['kind']>
const kinds: Kind[] = ['FOR_NOW', 'LOAN', 'LEFT_OFF']
const whens: When[] = ['EVENT', 'DATE', 'ARRIVAL']

/** A repair for the time being, a loan, or what was left off: what it is, what comes later, and when. */
export function OutstandingForm({ projectId, onClose }: { projectId: string; onClose: () => void }) {
  const { t } = useTranslation()
  const nameOf = useZoneNames(projectId)
  const { data: body } = useQuery(drawingQuery(projectId))
  const { data: needs } = useQuery(needsQuery(projectId))
  const [id] = useState(() => crypto.randomUUID())
  const [v, setV] = useState({ what: '', later: '', zone: '', event: '', dueOn: '', needId: '', jobId: '' })
  const [when, setWhen] = useState<When>('EVENT')
  const [kind, setKind] = useState<Kind>('FOR_NOW')
  const [gas, setGas] = useState(false)
  const put = (key: keyof typeof v) => (e: { target: { value: string } }) => setV({ ...v, [key]: e.target.value })
  const save = useWrite(
    (request: Schemas['NewOutstandingRequest'], writeId) =>
      unwrap(
        api.POST('/api/projects/{projectId}/outstanding', {
          params: { path: { projectId } },
          body: request,
          ...write(writeId),
        }),
      ),
    { said: () => t('outstanding.kept'), done: onClose },
  )
  return (
    <Sheet title={t('outstanding.add')} onClose={onClose}>
      <form
        className="grid gap-3"
        onSubmit={(e) => {
          e.preventDefault()
          save.mutate({
            id,
            kind,
            what: v.what,
            later: v.later,
            when,
            gas: gas && kind === 'FOR_NOW',
            ...(v.zone && { zone: v.zone }),
            ...(v.event && when === 'EVENT' && { event: v.event }),
            ...(v.dueOn && { dueOn: v.dueOn }),
            ...(v.needId && when === 'ARRIVAL' && { needId: v.needId }),
            ...(v.jobId && { jobId: v.jobId }),
          })
        }}
      >
        <Choice label={t('outstanding.kind')} value={kind} onChange={(e) => setKind(e.target.value as Kind)}>
          {kinds.map((k) => (
            <option key={k} value={k}>
              {t(`outstanding.kindIs.${k}`)}
            </option>
          ))}
        </Choice>
        <TextField label={t(`outstanding.whatIs.${kind}`)} value={v.what} maxLength={120} onChange={put('what')} />
        <TextField label={t(`outstanding.laterIs.${kind}`)} value={v.later} maxLength={120} onChange={put('later')} />
        <Choice label={t('outstanding.where')} value={v.zone} onChange={put('zone')}>
          <option value="">{t('outstanding.nowhere')}</option>
          {body?.zones.map((z) => (
            <option key={z.id} value={z.id}>
              {nameOf(z.id)}
            </option>
          ))}
        </Choice>
        <Choice label={t('outstanding.when')} value={when} onChange={(e) => setWhen(e.target.value as When)}>
          {whens.map((w) => (
            <option key={w} value={w}>
              {t(`outstanding.whenIs.${w}`)}
            </option>
          ))}
        </Choice>
        {when === 'EVENT' && (
          <TextField label={t('outstanding.event')} value={v.event} maxLength={120} onChange={put('event')} />
        )}
        {when === 'ARRIVAL' && (
          <Choice label={t('outstanding.part')} value={v.needId} onChange={put('needId')}>
            <option value="">–</option>
            {needs?.map((n) => (
              <option key={n.id} value={n.id}>
                {n.title}
              </option>
            ))}
          </Choice>
        )}
        <TextField label={t('outstanding.on')} type="date" value={v.dueOn} onChange={put('dueOn')} />
        <JobChoice
          projectId={projectId}
          label={t('outstanding.job')}
          none={t('outstanding.noJob')}
          value={v.jobId}
          onChange={put('jobId')}
        />
        {kind === 'FOR_NOW' && (
          <label className="flex min-h-11 items-center gap-2">
            <input type="checkbox" className="checkbox" checked={gas} onChange={(e) => setGas(e.target.checked)} />
            {t('outstanding.gas')}
          </label>
        )}
        <ProblemAlert error={save.error} />
        <button
          type="submit"
          className="btn btn-primary"
          disabled={v.what.trim() === '' || v.later.trim() === '' || save.isPending}
        >
          {t('outstanding.keep')}
        </button>
      </form>
    </Sheet>
  )
}
