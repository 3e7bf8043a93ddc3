import { useState } from 'react'
import { useTranslation } from 'react-i18next'
import { api, unwrap, write, type Schemas } from '@/api/client'
import { useWrite } from '@/api/useWrite'
import { ProblemAlert } from '@/ui/page/Feedback'
import { Photos } from '@/ui/photos/Photos'
import { Sheet } from '@/ui/form/Sheet'
import { useAmounts } from '@/ui/format/amounts'
import { useFormat } from '@/ui/format/format'
import { AcceptanceForm } from './AcceptanceForm'
import { HoldForm } from './HoldForm'
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
          {n.supplier && (
            <>
              <dt className="quiet">{t('parts.from')}</dt>
              <dd>
                {n.supplier}
                {n.expectedOn && `, ${t('parts.expected', { date: format.dayAndYear(n.expectedOn) })}`}
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
        {n.state === 'ORDERED' && <ArrivalButton need={n} />}
        {(n.state === 'RECEIVED' || fromShelf) && <AcceptanceForm need={n} />}
        {(n.state === 'NEEDED' || n.state === 'SOURCED') && <HoldForm need={n} />}
        {n.state === 'HELD' && <ReleaseButton need={n} />}
        {owns && (toOrder || n.state === 'HELD') && <Offers need={n} />}
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

function ArrivalButton({ need }: { need: Need }) {
  const { t } = useTranslation()
  const format = useFormat()
  const arrive = useWrite(
    (body: Schemas['ArrivalRequest'], id) =>
      unwrap(api.POST('/api/needs/{id}/arrival', { params: { path: { id: need.id } }, body, ...write(id) })),
    { said: () => t('parts.hasArrived', { part: need.title }) },
  )
  return (
    <div>
      <button
        type="button"
        className="btn btn-primary"
        disabled={arrive.isPending}
        onClick={() => arrive.mutate({ arrivedOn: format.today(), version: need.version })}
      >
        {t('parts.arrived')}
      </button>
      <ProblemAlert error={arrive.error} />
    </div>
  )
}
