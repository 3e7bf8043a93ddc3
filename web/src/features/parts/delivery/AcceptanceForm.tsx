import { useState } from 'react'
import { useQuery } from '@tanstack/react-query'
import { useTranslation } from 'react-i18next'
import { api, unwrap, write, type Schemas } from '@/api/client'
import { placesQuery } from '@/api/queries'
import { useWrite } from '@/api/useWrite'
import { ProblemAlert } from '@/ui/page/Feedback'
import { MatchTicks } from './MatchTicks'
import { Choice, TextField } from '@/ui/form/Field'

/** Looked at: right, and into a place with a code; or wrong, and back. */
export function AcceptanceForm({ need }: { need: Schemas['Need'] }) {
  const { t } = useTranslation()
  const places = useQuery(placesQuery)
  const [placeId, setPlaceId] = useState('')
  const [newPlace, setNewPlace] = useState('')
  const [reason, setReason] = useState('')
  const [seen, setSeen] = useState<string[]>([])
  const [spare, setSpare] = useState('')
  const [failed, setFailed] = useState<'WRONG' | 'DAMAGED'>('WRONG')
  const accept = useWrite(
    (body: Schemas['AcceptanceRequest'], id) =>
      unwrap(api.POST('/api/needs/{id}/acceptance', { params: { path: { id: need.id } }, body, ...write(id) })),
    { said: (v, n) => (v.right ? t('parts.isAccepted', { code: n.placeCode ?? '' }) : t('parts.isReturned')) },
  )
  const addPlace = useWrite(
    (body: Schemas['NewPlaceRequest'], id) => unwrap(api.POST('/api/places', { body, ...write(id) })),
    {
      said: (_, p) => t('parts.placeMade', { code: p.code }),
      done: (p) => {
        setPlaceId(p.id)
        setNewPlace('')
      },
    },
  )
  const chosen = places.data?.find((p) => p.id === placeId)
  return (
    <section className="card-sheet grid gap-3 p-3">
      <h3 className="font-semibold">{t('parts.look')}</h3>
      <p className="quiet text-sm">{t('parts.lookHow')}</p>
      <MatchTicks need={need} seen={seen} onSeen={setSeen} />
      <Choice label={t('parts.where')} value={placeId} onChange={(e) => setPlaceId(e.target.value)}>
        <option value="">{t('parts.choosePlace')}</option>
        {places.data?.map((p) => (
          <option key={p.id} value={p.id}>
            {p.code} {p.name}
          </option>
        ))}
      </Choice>
      <div className="flex items-end gap-2">
        <div className="grow">
          <TextField
            label={t('parts.newPlace')}
            placeholder={t('parts.newPlaceExample')}
            value={newPlace}
            onChange={(e) => setNewPlace(e.target.value)}
          />
        </div>
        <button
          type="button"
          className="btn"
          disabled={newPlace.trim() === '' || addPlace.isPending}
          onClick={() =>
            addPlace.mutate({
              id: crypto.randomUUID(),
              name: newPlace,
              kind: newPlace.toLowerCase().startsWith('bag') ? 'BAG' : 'BOX',
            })
          }
        >
          {t('parts.makePlace')}
        </button>
      </div>
      {chosen && (
        <p>
          {t('parts.writeCode')} <span className="label-code text-lg">{chosen.code}</span>
        </p>
      )}
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
      <ProblemAlert error={accept.error ?? addPlace.error} />
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
    </section>
  )
}
