import { useState } from 'react'
import { useQuery } from '@tanstack/react-query'
import { useTranslation } from 'react-i18next'
import { api, unwrap, write, type Schemas } from '@/api/client'
import { placesQuery } from '@/api/queries'
import { useWrite } from '@/api/useWrite'
import { ProblemAlert } from '@/ui/page/Feedback'
import { Choice, TextField } from '@/ui/form/Field'
import { hours } from '@/ui/format/format'
import type { Job } from '../job/jobWork'

type Where = Schemas['ConditionsResponse']

/** Where and how a job is worked: the plan keeps its place, its drying, its helper and its daylight. */
export function Conditions({ job }: { job: Job }) {
  const { t } = useTranslation()
  const { data } = useQuery({
    queryKey: ['conditions', job.id],
    queryFn: () => unwrap(api.GET('/api/jobs/{jobId}/conditions', { params: { path: { jobId: job.id } } })),
  })
  if (!data) return null
  return (
    <section aria-label={t('conditions.title')}>
      <InWords where={data} />
      <details>
        <summary className="cursor-pointer py-2 font-semibold">{t('conditions.title')}</summary>
        <Edit key={JSON.stringify(data)} jobId={job.id} stored={data} />
        {data.follows.map((f) => (
          <Within key={f.jobId + f.withinMinutes} jobId={job.id} follows={f} />
        ))}
      </details>
    </section>
  )
}

/** Only what is not as usual. */
function InWords({ where }: { where: Where }) {
  const { t } = useTranslation()
  const { data: places } = useQuery(placesQuery)
  const c = where.conditions
  const place = places?.find((p) => p.id === where.placeId)
  const said = [
    place && t(c.keepsPlace ? 'conditions.inKept' : 'conditions.in', { place: place.name }),
    c.outdoors && t('conditions.isOutdoors'),
    c.people > 1 && t('conditions.takes', { count: c.people }),
    c.inOneGo && t('conditions.isInOneGo'),
    c.dryMinutes > 0 && t('conditions.dries', { time: hours(c.dryMinutes) }),
    ...where.follows
      .filter((f) => f.withinMinutes !== undefined)
      .map((f) => t('conditions.follows', { what: f.title, time: hours(f.withinMinutes!) })),
  ].filter(Boolean)
  return said.length > 0 && <p>{said.join(' ')}</p>
}

function Edit({ jobId, stored }: { jobId: string; stored: Where }) {
  const { t } = useTranslation()
  const { data: places } = useQuery(placesQuery)
  const [c, setC] = useState(stored.conditions)
  const [placeId, setPlaceId] = useState(stored.placeId ?? '')
  const [dry, setDry] = useState(String(stored.conditions.dryMinutes / 60))
  const save = useWrite(
    (body: Schemas['Where'], id) =>
      unwrap(api.PUT('/api/jobs/{jobId}/conditions', { params: { path: { jobId } }, body, ...write(id) })),
    { said: () => t('conditions.kept') },
  )
  const flag = (key: 'inOneGo' | 'outdoors' | 'keepsPlace', disabled = false) => (
    <label className="flex min-h-11 items-center gap-2">
      <input
        type="checkbox"
        className="checkbox"
        disabled={disabled}
        checked={c[key] && !disabled}
        onChange={(e) => setC({ ...c, [key]: e.target.checked })}
      />
      {t(`conditions.${key}`)}
    </label>
  )
  return (
    <form
      className="grid gap-2"
      onSubmit={(e) => {
        e.preventDefault()
        const dryMinutes = Math.round(Number(dry.replace(',', '.')) * 60)
        save.mutate({
          conditions: {
            ...c,
            keepsPlace: c.keepsPlace && placeId !== '',
            dryMinutes: Number.isFinite(dryMinutes) ? dryMinutes : -1,
          },
          ...(placeId && { placeId }),
        })
      }}
    >
      <Choice label={t('conditions.place')} value={placeId} onChange={(e) => setPlaceId(e.target.value)}>
        <option value="">{t('conditions.anywhere')}</option>
        {places
          ?.filter((p) => p.toWorkIn)
          .map((p) => (
            <option key={p.id} value={p.id}>
              {p.name}
            </option>
          ))}
      </Choice>
      {flag('keepsPlace', placeId === '')}
      {flag('outdoors')}
      {flag('inOneGo')}
      <div className="grid grid-cols-2 items-start gap-3">
        <Choice
          label={t('conditions.people')}
          value={c.people}
          onChange={(e) => setC({ ...c, people: Number(e.target.value) })}
        >
          {[1, 2, 3, 4].map((n) => (
            <option key={n} value={n}>
              {t('conditions.peopleCount', { count: n })}
            </option>
          ))}
        </Choice>
        <TextField
          label={t('conditions.dry')}
          hint={t('conditions.dryHint')}
          inputMode="decimal"
          value={dry}
          onChange={(e) => setDry(e.target.value)}
        />
      </div>
      <ProblemAlert error={save.error} />
      <div>
        <button type="submit" className="btn" disabled={save.isPending}>
          {t('save')}
        </button>
      </div>
    </form>
  )
}

/** How soon it should begin after one that it follows. Empty: as the trade says, or at any time. */
function Within({ jobId, follows }: { jobId: string; follows: Where['follows'][number] }) {
  const { t } = useTranslation()
  const own = follows.withinMinutes !== undefined && !follows.byRule
  const [typed, setTyped] = useState(own ? String(follows.withinMinutes! / 60) : '')
  const save = useWrite(
    (body: Schemas['WithinRequest'], id) =>
      unwrap(api.PUT('/api/jobs/{id}/within', { params: { path: { id: jobId } }, body, ...write(id) })),
    { said: () => t('conditions.kept') },
  )
  return (
    <form
      className="mt-3 flex flex-wrap items-end gap-2"
      onSubmit={(e) => {
        e.preventDefault()
        const minutes = Math.round(Number(typed.replace(',', '.')) * 60)
        save.mutate({
          before: follows.jobId,
          ...(typed.trim() && { minutes: Number.isFinite(minutes) ? minutes : -1 }),
        })
      }}
    >
      <div className="grow">
        <TextField
          label={t('conditions.within', { what: follows.title })}
          hint={
            follows.byRule ? t('conditions.byRule', { time: hours(follows.withinMinutes!) }) : t('conditions.noRule')
          }
          inputMode="decimal"
          value={typed}
          onChange={(e) => setTyped(e.target.value)}
        />
      </div>
      <button type="submit" className="btn" disabled={save.isPending}>
        {t('save')}
      </button>
      <ProblemAlert error={save.error} />
    </form>
  )
}
