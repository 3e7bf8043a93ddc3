import { useState } from 'react'
import { useQuery } from '@tanstack/react-query'
import { Link, useParams } from 'react-router'
import { useTranslation } from 'react-i18next'
import { Printer } from 'lucide-react'
import { api, unwrap } from '@/api/client'
import { placesQuery } from '@/api/queries'
import { Loaded } from '@/ui/page/Feedback'
import { Choice } from '@/ui/form/Field'
import { hours } from '@/ui/format/format'
import { workPath } from '@/ui/format/workPath'

const lengths = [30, 60, 90, 120, 180, 240, 360, 480]

/** The evening as it really is: how long, with whom, where, how loud, in what weather; and what can be done in it, best first. */
export function OtherWorkSession({ minutes: usual }: { minutes: number }) {
  const { t } = useTranslation()
  const { projectId = '' } = useParams()
  const [open, setOpen] = useState(false)
  const [minutes, setMinutes] = useState(lengths.find((l) => l >= usual) ?? 480)
  const [people, setPeople] = useState(1)
  const [quiet, setQuiet] = useState(false)
  const [wet, setWet] = useState(false)
  const [place, setPlace] = useState('')
  const { data: places } = useQuery(placesQuery)
  const workIn = places?.filter((p) => p.toWorkIn) ?? []
  const possible = useQuery({
    queryKey: ['plan', projectId, 'tonight', minutes, people, quiet, wet, place],
    queryFn: () =>
      unwrap(
        api.GET('/api/projects/{projectId}/plan/tonight', {
          params: { path: { projectId }, query: { minutes, people, quiet, wet, ...(place && { place }) } },
        }),
      ),
    enabled: open,
  })
  return (
    <details className={open ? undefined : 'no-print'} onToggle={(e) => setOpen(e.currentTarget.open)}>
      <summary className="cursor-pointer py-2 font-semibold">{t('today.otherWorkSession')}</summary>
      <div className="no-print mb-3 flex flex-wrap items-end gap-3">
        <Choice label={t('today.howLong')} value={minutes} onChange={(e) => setMinutes(Number(e.target.value))}>
          {lengths.map((l) => (
            <option key={l} value={l}>
              {hours(l)}
            </option>
          ))}
        </Choice>
        <Choice label={t('today.withWhom')} value={people} onChange={(e) => setPeople(Number(e.target.value))}>
          {[1, 2, 3].map((p) => (
            <option key={p} value={p}>
              {t('today.people', { count: p })}
            </option>
          ))}
        </Choice>
        {workIn.length > 0 && (
          <Choice label={t('today.where')} value={place} onChange={(e) => setPlace(e.target.value)}>
            <option value="">{t('today.anywhere')}</option>
            {workIn.map((p) => (
              <option key={p.id} value={p.id}>
                {p.name}
              </option>
            ))}
          </Choice>
        )}
        <label className="flex min-h-11 items-center gap-2">
          <input type="checkbox" className="checkbox" checked={wet} onChange={(e) => setWet(e.target.checked)} />
          {t('today.wet')}
        </label>
        <label className="flex min-h-11 items-center gap-2">
          <input type="checkbox" className="checkbox" checked={quiet} onChange={(e) => setQuiet(e.target.checked)} />
          {t('today.quiet')}
        </label>
      </div>
      {open && (
        <Loaded query={possible} what={t('today.loading')}>
          {(all) => (
            <>
              <p className="mb-1 font-semibold">{t('today.possible', { count: all.length })}</p>
              <ol>
                {all.slice(0, 12).map((p) => (
                  <li
                    key={p.subject.kind + p.subject.id}
                    className="flex items-baseline gap-3 border-b border-base-300 py-1.5"
                  >
                    <Link className="link grow" to={workPath(projectId, p.subject)}>
                      {p.subject.title}
                      <span className="quiet block text-sm">{t(`today.why.${p.why}`)}</span>
                    </Link>
                    <span className="whitespace-nowrap">{hours(p.minutes)}</span>
                  </li>
                ))}
              </ol>
              {all.length > 0 && (
                <button type="button" className="btn no-print mt-2" onClick={() => window.print()}>
                  <Printer className="size-5" aria-hidden="true" />
                  {t('today.print')}
                </button>
              )}
            </>
          )}
        </Loaded>
      )}
    </details>
  )
}
