import { useState } from 'react'
import { useTranslation } from 'react-i18next'
import type { Schemas } from '@/api/client'
import { Photos } from '@/ui/photos/Photos'
import { Sheet } from '@/ui/form/Sheet'
import { useAmounts } from '@/ui/format/amounts'
import { useFormat } from '@/ui/format/format'
import { useQuery } from '@tanstack/react-query'
import { AskSellers } from '../asking/AskSellers'
import { AcceptanceForm } from '../delivery/AcceptanceForm'
import { ArrivalForm } from '../delivery/ArrivalForm'
import { CallOffForm, NewDayForm } from '../delivery/LateForms'
import { SentBackForm } from '../delivery/SentBackForm'
import { Story } from '../delivery/Story'
import { TrialForm } from '../delivery/TrialForm'
import { CannotBeHad } from '../search/CannotBeHad'
import { FromShelf } from '../shelf/FromShelf'
import { tasksQuery } from '../task/queries'
import { HoldForm } from './HoldForm'
import { LeaveOutForm } from './LeaveOutForm'
import { Objections } from './Objections'
import { ReleaseButton } from './ReleaseButton'
import { isToOrder } from '@/api/toOrder'
import { useRole } from '@/api/useRole'
import { Offers } from '../source/Offers'

type Need = Schemas['Need']

/** One part: where it stands and the next thing to do with it. */
export function NeedSheet({
  need: n,
  onOrder,
  onEdit,
  onClose,
}: {
  need: Need
  onOrder: () => void
  onEdit: () => void
  onClose: () => void
}) {
  const { t } = useTranslation()
  const format = useFormat()
  const amount = useAmounts()
  const { owns } = useRole()
  const [fromShelf, setFromShelf] = useState(false)
  const { data: now } = useQuery(tasksQuery(n.projectId))
  const task = (kind: Schemas['Task']['kind']) => now?.tasks.find((x) => x.needId === n.id && x.kind === kind)
  const backBy = task('SEND_BACK')
  const toOrder = isToOrder(n)
  return (
    <Sheet title={n.title} onClose={onClose}>
      <div className="grid gap-4">
        <dl className="grid grid-cols-[auto_1fr] gap-x-4 gap-y-1">
          <dt className="quiet">{t('finding.stands')}</dt>
          <dd className="font-semibold">
            {t(`needState.${n.state}`)}
            {n.stateReason && `: ${n.stateReason}`}
            {n.answerBy && ` (${t('parts.answerBy', { date: format.dayAndYear(n.answerBy) })})`}
          </dd>
          <dt className="quiet">{t('parts.quantity')}</dt>
          <dd>
            {amount(n)}
            {n.side !== 'NONE' && `, ${t(`side.${n.side}`)}`}
          </dd>
          {n.grade && (
            <>
              <dt className="quiet">{t('parts.grade')}</dt>
              <dd>
                {t(`grade.${n.grade}`)}
                {n.gradeReason && `: ${n.gradeReason}`}
              </dd>
            </>
          )}
          {n.mustMatch && (
            <>
              <dt className="quiet">{t('parts.mustMatch')}</dt>
              <dd className="whitespace-pre-line">{n.mustMatch}</dd>
            </>
          )}
          {n.supplier && (
            <>
              <dt className="quiet">{t('parts.from')}</dt>
              <dd>
                {n.supplier}
                {n.expectedOn &&
                  n.state === 'ORDERED' &&
                  `, ${t('parts.expected', { date: format.dayAndYear(n.expectedOn) })}`}
              </dd>
            </>
          )}
          {n.placeCode && (
            <>
              <dt className="quiet">{t('parts.liesAt')}</dt>
              <dd>
                <span className="label-code">{n.placeCode}</span> {n.placeName}
              </dd>
            </>
          )}
        </dl>
        {toOrder && (
          <div>
            <Objections need={n} />
          </div>
        )}
        {toOrder && <FromShelf need={n} />}
        {toOrder && !fromShelf && (
          <div className="flex flex-wrap gap-2">
            <button type="button" className="btn btn-primary" onClick={onOrder}>
              {t('parts.order')}
            </button>
            {n.state !== 'RETURNED' && (
              <button type="button" className="btn" onClick={() => setFromShelf(true)}>
                {t('parts.haveIt')}
              </button>
            )}
          </div>
        )}
        {backBy?.lineId && <SentBackForm lineId={backBy.lineId} />}
        {n.state === 'ORDERED' && (
          <div>
            <ArrivalForm need={n} />
            <NewDayForm need={n} />
            <CallOffForm need={n} />
          </div>
        )}
        {task('TRY_ON') && <TrialForm need={n} />}
        {(n.state === 'RECEIVED' || fromShelf) && <AcceptanceForm need={n} lineId={task('CHECK_IN')?.lineId} />}
        {(n.state === 'NEEDED' || n.state === 'SOURCED') && <HoldForm need={n} />}
        {(n.state === 'HELD' || n.state === 'LEFT_OUT') && <ReleaseButton need={n} />}
        {(toOrder || n.state === 'HELD') && <LeaveOutForm need={n} />}
        {owns && (toOrder || n.state === 'HELD') && <Offers need={n} />}
        {owns && toOrder && <AskSellers need={n} />}
        {toOrder && <CannotBeHad need={n} />}
        {owns && <Story need={n} />}
        <Photos subject="NEED" subjectId={n.id} />
        <div>
          <button type="button" className="btn" onClick={onEdit}>
            {t('parts.edit')}
          </button>
        </div>
      </div>
    </Sheet>
  )
}
