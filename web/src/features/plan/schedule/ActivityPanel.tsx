import { z } from 'zod'
import { useQuery } from '@tanstack/react-query'
import { Link } from 'react-router'
import { useTranslation } from 'react-i18next'
import { api, unwrap, write, type Schemas } from '@/api/client'
import { useWrite } from '@/api/useWrite'
import { Loaded, ProblemAlert } from '@/ui/page/Feedback'
import { Form } from '@/ui/form/Form'
import { Line } from '@/ui/form/named'
import { line } from '@/ui/form/rules'
import { useFields } from '@/ui/form/useFields'
import { Sheet } from '@/ui/form/Sheet'
import { useFormat } from '@/ui/format/format'
import { useFreshId } from '@/ui/form/draft/useFreshId'
import { workPath } from '@/ui/format/workPath'
import { MilestoneMoves } from './offers/MilestoneMoves'
import type { Activity } from './axis/lanes'
import { SomebodyElse } from '../whatif/SomebodyElse'
import { useReason } from './useReason'

/** One activity: why not sooner, how late it may be, and what would come of another day before that is kept. */
export function ActivityPanel({
  projectId,
  activity: a,
  wanted,
  onWant,
  onClose,
}: {
  projectId: string
  activity: Activity
  /** The day on which somebody would like it. */
  wanted: string | undefined
  onWant: (day: string) => void
  onClose: () => void
}) {
  const { t } = useTranslation()
  const format = useFormat()
  const reason = useReason()
  const title = a.subject.title
  return (
    <Sheet title={title} onClose={onClose}>
      <div className="grid gap-4">
        <p>
          {t('dates.fromTo', { from: format.shortDay(a.start), to: format.shortDay(a.end) })}{' '}
          {a.latestStart && <Slack start={a.start} latest={a.latestStart} />}
          {a.followed && (
            <span className="block font-semibold">{t('dates.wasOn', { day: format.shortDay(a.followed) })}</span>
          )}
        </p>
        <section>
          <h3 className="font-semibold">{t('plan.whyNotSooner')}</h3>
          <ul className="list-disc pl-5">
            {a.reasons.map((r) => (
              <li key={r.kind + r.until}>{reason(r)}</li>
            ))}
          </ul>
        </section>
        {a.planB && (
          <p className="border-l-4 border-accent pl-3">
            {t('planB.short', { what: a.planB.what })}{' '}
            {!!a.planB.costMinor && t('planB.held', { money: format.money(a.planB.costMinor, format.currency) })}{' '}
            {a.planB.decideBy &&
              t(a.planB.decideBy < format.today() ? 'planB.decideNow' : 'planB.decideBy', {
                day: format.shortDay(a.planB.decideBy),
              })}
          </p>
        )}
        {(a.subject.kind === 'JOB' || a.subject.kind === 'TRIAL') && (
          <Link className="link" to={workPath(projectId, a.subject)}>
            {t(a.subject.kind === 'JOB' ? 'dates.openJob' : 'dates.openPart')}
          </Link>
        )}
        {a.movable && <NotBefore first={wanted ?? format.dateOf(a.start)} onWant={onWant} />}
        {wanted && <Consequences key={wanted} projectId={projectId} activity={a} day={wanted} onDone={onClose} />}
        {a.subject.kind === 'JOB' && <SomebodyElse projectId={projectId} activity={a} onDone={onClose} />}
        {a.notBefore && <Free projectId={projectId} activity={a} onDone={onClose} />}
      </div>
    </Sheet>
  )
}

function NotBefore({ first, onWant }: { first: string; onWant: (day: string) => void }) {
  const { t } = useTranslation()
  const form = useFields(z.object({ day: line(t('form.missing')) }), { day: first })
  return (
    <Form
      form={form}
      save={{ isPending: false, error: null }}
      label={t('dates.ask')}
      aside
      inRow
      onSubmit={({ day }) => onWant(day)}
    >
      <Line name="day" label={t('dates.notBefore')} type="date" />
    </Form>
  )
}

function Slack({ start, latest }: { start: string; latest: string }) {
  const { t } = useTranslation()
  const format = useFormat()
  const days = Math.floor((Date.parse(latest) - Date.parse(start)) / 86_400_000)
  return <>{days > 0 ? t('dates.mayWait', { day: format.shortDay(latest), count: days }) : t('dates.mayNotWait')}</>
}

/** What another day would do, before it is kept. */
function Consequences({
  projectId,
  activity,
  day,
  onDone,
}: {
  projectId: string
  activity: Activity
  day: string
  onDone: () => void
}) {
  const { t } = useTranslation()
  const format = useFormat()
  const [fresh] = useFreshId()
  const path = { params: { path: { projectId } } }
  const preview = useQuery({
    queryKey: ['plan', projectId, 'preview', activity.key, day],
    queryFn: () =>
      unwrap(
        api.POST('/api/projects/{projectId}/plan/preview', {
          ...path,
          body: { activity: activity.key, notBefore: day },
          ...write(crypto.randomUUID()),
        }),
      ),
  })
  const keep = useWrite(
    (body: Schemas['PinRequest'], id) =>
      unwrap(api.PUT('/api/projects/{projectId}/plan/pins', { ...path, body, ...write(id) })),
    { said: () => t('dates.moved', { what: activity.subject.title, day: format.shortDay(day) }), done: onDone },
  )
  return (
    <Loaded query={preview} what={t('dates.asking')}>
      {(m) => (
        <section className="border-l-4 border-accent pl-3" aria-label={t('dates.comesOfIt')}>
          <h3 className="font-semibold">{t('dates.comesOfIt')}</h3>
          <MilestoneMoves move={m} />
          {m.moved.length > 0 && (
            <details>
              <summary className="cursor-pointer py-1">{t('dates.othersMove', { count: m.moved.length })}</summary>
              <ul className="text-sm">
                {m.moved.map((o) => (
                  <li key={o.subject.kind + o.subject.id}>
                    {o.subject.title}: {format.shortDay(o.before)} → {format.shortDay(o.after)}
                  </li>
                ))}
              </ul>
            </details>
          )}
          <ProblemAlert error={keep.error} />
          <div className="mt-2 flex gap-2">
            <button
              type="button"
              className="btn btn-primary"
              disabled={keep.isPending}
              onClick={() => keep.mutate({ id: fresh, activity: activity.key, notBefore: day })}
            >
              {t('dates.keep')}
            </button>
            <button type="button" className="btn" onClick={onDone}>
              {t('dates.leave')}
            </button>
          </div>
        </section>
      )}
    </Loaded>
  )
}

function Free({ projectId, activity, onDone }: { projectId: string; activity: Activity; onDone: () => void }) {
  const { t } = useTranslation()
  const format = useFormat()
  const free = useWrite(
    (_: object, id) =>
      unwrap(
        api.DELETE('/api/projects/{projectId}/plan/pins/{activity}', {
          params: { path: { projectId, activity: activity.key } },
          ...write(id),
        }),
      ),
    { said: () => t('dates.freed'), done: onDone },
  )
  return (
    <div>
      <p>{t('dates.pinned', { day: format.shortDay(activity.notBefore!) })}</p>
      <button type="button" className="btn" disabled={free.isPending} onClick={() => free.mutate({})}>
        {t('dates.free')}
      </button>
      <ProblemAlert error={free.error} />
    </div>
  )
}
