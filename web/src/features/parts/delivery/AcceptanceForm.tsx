import { useState } from 'react'
import { useTranslation } from 'react-i18next'
import { api, unwrap, write, type Schemas } from '@/api/client'
import { useWrite } from '@/api/useWrite'
import { ProblemAlert } from '@/ui/page/Feedback'
import { MatchTicks } from './MatchTicks'
import { PlaceChoice } from './PlaceChoice'
import { SideBySide } from './SideBySide'
import { Choice, TextField } from '@/ui/form/Field'

/** Looked at: right, and into a place with a code; or wrong, and back. */
export function AcceptanceForm({ need, lineId }: { need: Schemas['Need']; lineId?: string | undefined }) {
  const { t } = useTranslation()
  const [placeId, setPlaceId] = useState('')
  const [reason, setReason] = useState('')
  const [seen, setSeen] = useState<string[]>([])
  const [spare, setSpare] = useState('')
  const [failed, setFailed] = useState<'WRONG' | 'DAMAGED'>('WRONG')
  const accept = useWrite(
    (body: Schemas['AcceptanceRequest'], id) =>
      unwrap(api.POST('/api/needs/{id}/acceptance', { params: { path: { id: need.id } }, body, ...write(id) })),
    { said: (v, n) => (v.right ? t('parts.isAccepted', { code: n.placeCode ?? '' }) : t('parts.isReturned')) },
  )
  return (
    <section className="card-sheet grid gap-3 p-3">
      <h3 className="font-semibold">{t('parts.look')}</h3>
      <p className="quiet text-sm">{t('parts.lookHow')}</p>
      <MatchTicks need={need} seen={seen} onSeen={setSeen} />
      <PlaceChoice placeId={placeId} onChoose={setPlaceId} />
      {need.state === 'RECEIVED' && (
        <TextField
          label={t('delivery.spare')}
          hint={t('delivery.spareHint')}
          inputMode="numeric"
          value={spare}
          onChange={(e) => setSpare(e.target.value)}
        />
      )}
      <TextField
        label={t('parts.remark')}
        hint={t('parts.remarkHint')}
        value={reason}
        onChange={(e) => setReason(e.target.value)}
      />
      {need.state === 'RECEIVED' && (
        <Choice
          label={t('delivery.failed')}
          hint={t('delivery.failedHint')}
          value={failed}
          onChange={(e) => setFailed(e.target.value as typeof failed)}
        >
          {(['WRONG', 'DAMAGED'] as const).map((f) => (
            <option key={f} value={f}>
              {t(`delivery.failedAs.${f}`)}
            </option>
          ))}
        </Choice>
      )}
      <ProblemAlert error={accept.error} />
      <div className="flex flex-wrap gap-2">
        <button
          type="button"
          className="btn btn-primary"
          disabled={accept.isPending}
          onClick={() =>
            accept.mutate({
              right: true,
              reason,
              matched: seen,
              version: need.version,
              ...(placeId && { placeId }),
              ...(/^\d+$/.test(spare.trim()) && { spare: Number(spare) }),
            })
          }
        >
          {t('parts.accept')}
        </button>
        {need.state === 'RECEIVED' && (
          <button
            type="button"
            className="btn"
            disabled={accept.isPending}
            onClick={() => accept.mutate({ right: false, failed, reason, version: need.version })}
          >
            {t('parts.sendBack')}
          </button>
        )}
      </div>
      {/* last: what comes in later must not move a button from under a finger */}
      {lineId && <SideBySide needId={need.id} lineId={lineId} />}
    </section>
  )
}
