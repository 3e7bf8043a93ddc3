import { queryOptions, useQuery } from '@tanstack/react-query'
import { useParams, useSearchParams } from 'react-router'
import { useTranslation } from 'react-i18next'
import { api, unwrap, write, type Schemas } from '@/api/client'
import { jobsQuery } from '@/api/queries'
import { useWrite } from '@/api/useWrite'
import { useRole } from '@/api/useRole'
import { Loaded, ProblemAlert } from '@/ui/page/Feedback'
import { Further, Page, Part } from '@/ui/page/Page'
import { ChangeForm, PassageForm, SizeForm } from './ClearanceForms'
import { useUnits, type Units } from '@/ui/format/units'
import { PartInSpace } from './PartInSpace'

type Clearance = Schemas['ClearanceResponse']
type Through = Clearance['passages'][number]

const clearanceQuery = (projectId: string) =>
  queryOptions({
    queryKey: ['clearance', projectId],
    queryFn: () => unwrap(api.GET('/api/projects/{projectId}/clearance', { params: { path: { projectId } } })),
  })

/** Whether the vehicle still gets out, after each of its planned jobs. */
export function ClearancePage() {
  const { projectId = '' } = useParams()
  const { t } = useTranslation()
  const units = useUnits()
  const clearance = useQuery(clearanceQuery(projectId))
  const work = useQuery(jobsQuery(projectId))
  const [params, setParams] = useSearchParams()
  const close = () => setParams({})
  const title = (id: string) => work.data?.jobs.find((j) => j.id === id)?.title ?? ''
  const { owns } = useRole()
  return (
    <Loaded query={clearance} what={t('fits.loading')}>
      {(c) => (
        <Page
          title={t('fits.title')}
          answer={<Answer clearance={c} title={title} />}
          action={
            <>
              <button type="button" className="btn btn-primary" onClick={() => setParams({ form: 'size' })}>
                {t('fits.measure')}
              </button>
              {owns && (
                <>
                  <button type="button" className="btn" onClick={() => setParams({ form: 'passage' })}>
                    {t('fits.addPassage')}
                  </button>
                  <button type="button" className="btn" onClick={() => setParams({ form: 'change' })}>
                    {t('fits.addChange')}
                  </button>
                </>
              )}
            </>
          }
        >
          <div className="grid gap-x-10 lg:grid-cols-[3fr_2fr]">
            <Part title={t('fits.passages')}>
              {c.size && (
                <p className="quiet">
                  {t('fits.size', {
                    height: units.figure(c.size.heightMm, 'MILLIMETRE'),
                    width: units.figure(c.size.widthMm, 'MILLIMETRE'),
                    length: units.figure(c.size.lengthMm, 'MILLIMETRE'),
                    unit: units.word('MILLIMETRE'),
                  })}
                </p>
              )}
              <ul className="grid gap-3">
                {c.passages.map((p) => (
                  <PassageCard key={p.passage.id} through={p} title={title} />
                ))}
              </ul>
            </Part>
            <div>
              <Part title={t('fits.changes')}>
                <ul>
                  {c.changes.map((x) => (
                    <li key={x.jobId} className="border-b border-base-300 py-1">
                      {title(x.jobId)}: {[x.heightMm, x.widthMm, x.lengthMm].map((mm) => signed(units, mm)).join(' / ')}{' '}
                      {units.word('MILLIMETRE')}
                    </li>
                  ))}
                </ul>
                <p className="quiet text-sm">{t('fits.tyres')}</p>
              </Part>
              <PartInSpace />
            </div>
          </div>
          {params.get('form') === 'size' && (
            <SizeForm projectId={projectId} {...(c.size && { size: c.size })} onClose={close} />
          )}
          {params.get('form') === 'passage' && <PassageForm onClose={close} />}
          {params.get('form') === 'change' && <ChangeForm jobs={work.data?.jobs ?? []} onClose={close} />}
        </Page>
      )}
    </Loaded>
  )
}

const signed = (units: Units, mm: number) =>
  mm === 0 ? '0' : `${mm > 0 ? '+' : '−'}${units.figure(Math.abs(mm), 'MILLIMETRE')}`

function Answer({ clearance: c, title }: { clearance: Clearance; title: (id: string) => string }) {
  const { t } = useTranslation()
  const units = useUnits()
  if (!c.size) return t('fits.unmeasured')
  if (c.passages.length === 0) return t('fits.noPassage')
  const stuck = c.passages.find((p) => p.now?.fit === 'STUCK')
  if (stuck)
    return t('fits.stuckNow', { passage: stuck.passage.name, size: units.about(-stuck.now!.spareMm, 'MILLIMETRE') })
  const trapped = c.passages.find((p) => p.trap)
  if (trapped) {
    const at = trapped.after.find((a) => a.job === trapped.trap)!
    return (
      <>
        {t('fits.trap', {
          job: title(at.job),
          passage: trapped.passage.name,
          size: units.about(-at.verdict.spareMm, 'MILLIMETRE'),
        })}
        {trapped.waysOut.length > 0 && (
          <Further>
            {t('fits.waysOut', {
              count: trapped.waysOut.length,
              jobs: trapped.waysOut.map((j) => `“${title(j)}”`).join(', '),
            })}
          </Further>
        )}
      </>
    )
  }
  const spare = Math.min(...c.passages.flatMap((p) => [p.now!, ...p.after.map((a) => a.verdict)]).map((v) => v.spareMm))
  return t('fits.fits', { size: units.about(spare, 'MILLIMETRE') })
}

function PassageCard({ through: p, title }: { through: Through; title: (id: string) => string }) {
  const { t } = useTranslation()
  const units = useUnits()
  const drop = useWrite(
    (id: string, writeId) =>
      unwrap(api.DELETE('/api/clearance/passages/{id}', { params: { path: { id } }, ...write(writeId) })),
    { said: () => t('fits.dropped') },
  )
  const lines = [
    ...(p.now ? [{ key: 'now', words: t('fits.now'), verdict: p.now }] : []),
    ...p.after.map((a) => ({ key: a.job, words: t('fits.after', { job: title(a.job) }), verdict: a.verdict })),
  ]
  return (
    <li className="card-sheet p-3">
      <div className="flex items-baseline justify-between gap-2">
        <h3 className="font-semibold">
          {p.passage.name}{' '}
          <span className="quiet text-sm font-normal">
            {[p.passage.heightMm, p.passage.widthMm, p.passage.lengthMm]
              .filter((mm) => mm !== undefined)
              .map((mm) => units.figure(mm, 'MILLIMETRE'))
              .join(' × ')}{' '}
            {units.word('MILLIMETRE')}
          </span>
        </h3>
        <button
          type="button"
          className="btn btn-ghost"
          aria-label={t('actOn', { act: t('fits.drop'), what: p.passage.name })}
          onClick={() => drop.mutate(p.passage.id)}
        >
          {t('fits.drop')}
        </button>
      </div>
      <ul>
        {lines.map(({ key, words, verdict: v }) => (
          <li key={key} className={`flex justify-between gap-3 ${v.fit === 'STUCK' ? 'font-bold' : ''}`}>
            <span>{words}</span>
            <span className="text-right">
              {t(`fits.fit.${v.fit}`)},{' '}
              {v.spareMm < 0
                ? t('fits.lacks', { size: units.about(-v.spareMm, 'MILLIMETRE') })
                : t('fits.spare', { size: units.about(v.spareMm, 'MILLIMETRE') })}
            </span>
          </li>
        ))}
      </ul>
      <ProblemAlert error={drop.error} />
    </li>
  )
}
