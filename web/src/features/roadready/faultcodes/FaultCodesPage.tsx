import { useState } from 'react'
import { useQuery } from '@tanstack/react-query'
import { Link, useParams } from 'react-router'
import { useTranslation } from 'react-i18next'
import { Plus } from 'lucide-react'
import { jobsQuery } from '@/api/queries'
import { Loaded } from '@/ui/page/Feedback'
import { Page, Part } from '@/ui/page/Page'
import { useFormat } from '@/ui/format/format'
import { groupBy } from '@/ui/format/groupBy'
import { CauseForm } from './CauseForm'
import { ScanForm } from './ScanForm'
import { causeOf, faultsQuery, type FaultLine, type Faults } from './faultCodes'
import { Trend } from './Trend'

/** Fault codes as progress: how many are left, behind what, and which came back. */
export function FaultCodesPage() {
  const { projectId = '' } = useParams()
  const { t } = useTranslation()
  const faults = useQuery(faultsQuery(projectId))
  const [reading, setReading] = useState(false)
  const [blaming, setBlaming] = useState<FaultLine>()
  return (
    <Loaded query={faults} what={t('codes.loading')}>
      {(f) => (
        <Page
          title={t('codes.title')}
          words={['faultCodes']}
          answer={<Answer faults={f} />}
          action={
            <button type="button" className="btn btn-primary" onClick={() => setReading(true)}>
              <Plus className="size-5" aria-hidden="true" />
              {t('codes.read')}
            </button>
          }
        >
          {f.trend.length > 0 && (
            <div className="grid gap-x-10 md:grid-cols-[3fr_2fr]">
              <div>
                {[
                  ...groupBy(
                    f.lines.filter((l) => l.standing !== 'GONE'),
                    (l) => l.code.module,
                  ),
                ].map(([module, lines]) => (
                  <Part key={module} title={module}>
                    <CodeList faults={f} lines={lines} projectId={projectId} onBlame={setBlaming} />
                  </Part>
                ))}
                <Gone lines={f.lines.filter((l) => l.standing === 'GONE')} />
              </div>
              <Part title={t('codes.trend')}>
                <Trend trend={f.trend} />
                <ul className="mt-3">
                  {f.left.map((l) => (
                    <li key={l.cause}>{t('codes.behind', { count: l.codes, cause: l.cause || t('codes.nobody') })}</li>
                  ))}
                </ul>
              </Part>
            </div>
          )}
          {reading && <ScanForm projectId={projectId} faults={f} onClose={() => setReading(false)} />}
          {blaming && (
            <CauseForm projectId={projectId} faults={f} line={blaming} onClose={() => setBlaming(undefined)} />
          )}
        </Page>
      )}
    </Loaded>
  )
}

function Answer({ faults: f }: { faults: Faults }) {
  const { t } = useTranslation()
  const last = f.trend.at(-1)
  if (!last) return t('codes.none')
  if (f.clear) return t('codes.clear')
  if (last.codes === 0) return t('codes.driveFirst')
  const back = f.lines.filter((l) => l.standing === 'CAME_BACK')
  const biggest = f.left.find((l) => l.cause && l.codes > 1)
  return (
    <>
      {t('codes.left', { count: last.codes, first: f.trend[0]!.codes })}{' '}
      {back.length > 0 && t('codes.back', { count: back.length, what: back.map((l) => l.code.code).join(', ') })}{' '}
      {biggest && t('codes.first', { count: biggest.codes, cause: biggest.cause })}
    </>
  )
}

function CodeList({
  faults,
  lines,
  projectId,
  onBlame,
}: {
  faults: Faults
  lines: FaultLine[]
  projectId: string
  onBlame: (line: FaultLine) => void
}) {
  const { t } = useTranslation()
  const format = useFormat()
  const { data: work } = useQuery(jobsQuery(projectId))
  return (
    <ul>
      {lines.map((l) => {
        const cause = causeOf(faults, l)
        const job = work?.jobs.find((j) => j.id === cause?.jobId)
        return (
          <li
            key={l.code.code}
            className="grid grid-cols-[4rem_1fr_auto] items-center gap-x-3 border-b border-base-300 py-2"
          >
            <span className="font-mono font-bold">{l.code.code}</span>
            <span>
              <span className={l.standing === 'CAME_BACK' ? 'font-bold' : ''}>{t(`codes.standing.${l.standing}`)}</span>
              , {t('codes.since', { day: format.shortDay(l.first) })}
              <span className="quiet block text-sm">
                {cause?.cause ?? (l.hint ? t(`codes.hint.${l.hint}`) : t('codes.noCause'))}
                {job && (
                  <>
                    {' · '}
                    <Link className="link" to={`/p/${projectId}/work?job=${job.id}`}>
                      {job.code} {job.title}
                    </Link>
                  </>
                )}
              </span>
            </span>
            <button
              type="button"
              className="btn btn-ghost"
              aria-label={t('actOn', { act: t('codes.say'), what: l.code.code })}
              onClick={() => onBlame(l)}
            >
              {t('codes.say')}
            </button>
          </li>
        )
      })}
    </ul>
  )
}

function Gone({ lines }: { lines: FaultLine[] }) {
  const { t } = useTranslation()
  if (lines.length === 0) return null
  return (
    <p className="quiet">
      {t('codes.gone', { count: lines.length, what: lines.map((l) => `${l.code.code} (${l.code.module})`).join(', ') })}
    </p>
  )
}
