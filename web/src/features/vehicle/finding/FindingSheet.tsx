import { useState } from 'react'
import { useQuery } from '@tanstack/react-query'
import { Link, useParams } from 'react-router'
import { useTranslation } from 'react-i18next'
import type { Schemas } from '@/api/client'
import { jobsQuery } from '@/api/queries'
import { useRole } from '@/api/useRole'
import { Photos } from '@/ui/photos/Photos'
import { SafetyMark } from '@/ui/safety/SafetyMark'
import { Sheet } from '@/ui/form/Sheet'
import { useFormat } from '@/ui/format/format'
import { ChainOffer } from './ChainOffer'
import { DecisionForm } from './form/DecisionForm'
import { EditFinding } from './form/EditFinding'
import { OriginForm } from './form/OriginForm'
import { EstimatePart } from '../estimate/EstimatePart'
import { RecheckForm, ReopenButton, WithdrawForm } from './form/ClosingForms'
import { isOver } from './findingMarks'
import { useFindingName } from '@/ui/format/names/findingNames'

type Finding = Schemas['FindingRow']
type Doing = 'edit' | 'decide' | 'withdraw' | 'origin' | undefined

/** One finding: how it stands, and the one next thing to do with it. */
export function FindingSheet({
  finding: f,
  all,
  nameOf,
  onClose,
}: {
  finding: Finding
  /** All findings of the vehicle. */
  all: Finding[]
  nameOf: (zone: string) => string
  onClose: () => void
}) {
  const { t } = useTranslation()
  const format = useFormat()
  const { owns } = useRole()
  const [doing, setDoing] = useState<Doing>()
  const stop = () => setDoing(undefined)
  const { whole: title } = useFindingName(f.projectId, nameOf)
  const others = all.filter((o) => o.id !== f.id && !isOver(o))
  const behind = all.find((o) => o.id === f.behindId)
  const keptAs = all.find((o) => o.id === f.duplicateOf)
  const joined = all.filter((o) => o.duplicateOf === f.id).length
  const proposed = (field: string) => (f.proposed.includes(field) ? ` ${t('finding.isProposed')}` : '')
  return (
    <Sheet title={title(f)} onClose={onClose}>
      <dl className="mb-3 grid grid-cols-[auto_1fr] gap-x-4 gap-y-1">
        <dt className="quiet">{t('finding.stands')}</dt>
        <dd className="font-semibold">{t(`findingState.${f.state}`)}</dd>
        <dt className="quiet">{t('finding.safetyClass')}</dt>
        <dd>
          <SafetyMark safety={f.safetyClass} />
          {proposed('safetyClass')}
          {f.loweredReason && (
            <span className="block text-sm">
              {t('finding.lowered', { demanded: f.demandedClass, by: f.loweredByName ?? '', reason: f.loweredReason })}
            </span>
          )}
        </dd>
        <dt className="quiet">{t('finding.severity')}</dt>
        <dd>
          {t(`severity.g${f.severity as 1 | 2 | 3 | 4}`)}
          {proposed('severity')}
        </dd>
        <dt className="quiet">{t('finding.howSeen')}</dt>
        <dd>
          {t(`seen.${f.howSeen}`)}
          {f.covered && `, ${t('finding.covered')}`}
          {proposed('howSeen')}
        </dd>
        <dt className="quiet">{t('finding.aim')}</dt>
        <dd>
          {t(`aim.${f.aim}`)}
          {proposed('aim')}
        </dd>
        <dt className="quiet">{t('finding.foundOn')}</dt>
        <dd>{format.dayAndYear(f.foundOn)}</dd>
        {f.decision && (
          <>
            <dt className="quiet">{t('finding.decision')}</dt>
            <dd>
              {t(`decision.${f.decision}`)}: {f.decisionReason}
            </dd>
          </>
        )}
      </dl>
      {f.note && <p className="mb-3 whitespace-pre-wrap">{f.note}</p>}
      {f.closingNote && <p className="mb-3 border-l-4 border-base-300 pl-3">{f.closingNote}</p>}
      {behind && <p className="mb-1">{t('origin.behindIs', { what: title(behind) })}</p>}
      {keptAs && <p className="mb-1">{t('origin.isDuplicateOf', { what: title(keptAs) })}</p>}
      {joined > 0 && <p className="mb-1">{t('origin.alsoRecorded', { count: joined })}</p>}
      {f.previousWork && (
        <p className="mb-1">
          {t('origin.previous')}: {t(`origin.previousWork.${f.previousWork}`)}
        </p>
      )}
      {!doing && f.state === 'DECIDED' && <Work finding={f} />}
      {/* what is read later stands below: a button does not move away from under the finger */}
      <div className="my-4 border-y border-base-300 py-4">
        {doing === 'edit' && <EditFinding finding={f} onDone={stop} />}
        {doing === 'decide' && <DecisionForm finding={f} onDone={stop} />}
        {doing === 'withdraw' && <WithdrawForm finding={f} others={others} nameOf={title} onDone={stop} />}
        {doing === 'origin' && <OriginForm finding={f} others={others} nameOf={title} onDone={stop} />}
        {!doing && <NextStep finding={f} onDo={setDoing} />}
      </div>
      {!doing && f.state !== 'DECIDED' && <Work finding={f} />}
      {owns && !isOver(f) && <EstimatePart finding={f} />}
      <Photos subject="FINDING" subjectId={f.id} />
    </Sheet>
  )
}

function NextStep({ finding: f, onDo }: { finding: Finding; onDo: (doing: Doing) => void }) {
  const { t } = useTranslation()
  return (
    <div className="grid gap-3">
      {f.state === 'AWAITING_RECHECK' && <RecheckForm finding={f} />}
      {f.state === 'OPEN' && (
        <button type="button" className="btn btn-primary" onClick={() => onDo('decide')}>
          {t('finding.decide')}
        </button>
      )}
      <div className="flex flex-wrap gap-2">
        {!isOver(f) && f.state !== 'OPEN' && (
          <button type="button" className="btn" onClick={() => onDo('decide')}>
            {t('finding.decideAgain')}
          </button>
        )}
        <button type="button" className="btn" onClick={() => onDo('edit')}>
          {t('finding.edit')}
        </button>
        {!isOver(f) && (
          <button type="button" className="btn" onClick={() => onDo('origin')}>
            {t('origin.open')}
          </button>
        )}
        {!isOver(f) && (
          <button type="button" className="btn" onClick={() => onDo('withdraw')}>
            {t('finding.withdraw')}
          </button>
        )}
        {isOver(f) && <ReopenButton finding={f} />}
      </div>
    </div>
  )
}

/** Its jobs; those that could be made of it while there are none. */
function Work({ finding: f }: { finding: Finding }) {
  const { t } = useTranslation()
  const { projectId = '' } = useParams()
  const { data: work } = useQuery(jobsQuery(projectId))
  if (!work) return null
  const jobs = work.jobs.filter((j) => j.findings.includes(f.id))
  if (jobs.length === 0) return f.state === 'DECIDED' ? <ChainOffer finding={f} /> : null
  return (
    <div>
      <h3 className="font-semibold">{t('finding.jobs')}</h3>
      <ul>
        {jobs.map((j) => (
          <li key={j.id} className="flex items-baseline gap-2 py-0.5">
            <span className="label-code text-sm">{j.code}</span>
            <Link className="link grow" to={`/p/${projectId}/work?job=${j.id}`}>
              {j.title}
            </Link>
            <span className="quiet text-sm">{t(`jobState.${j.state}`)}</span>
          </li>
        ))}
      </ul>
    </div>
  )
}
