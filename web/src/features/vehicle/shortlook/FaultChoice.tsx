import { useState } from 'react'
import { useTranslation } from 'react-i18next'
import { Choice } from '@/ui/form/Field'
import type { Card } from './shortLook'

/** Which of the few things that may be wrong here it is, and where. */
export function FaultChoice({
  card,
  nameOf,
  pending,
  onBack,
  onChoose,
}: {
  card: Card
  nameOf: (place: string) => string
  pending: boolean
  onBack: () => void
  onChoose: (fault: { checkId: string; place: string }) => void
}) {
  const { t } = useTranslation()
  const [checkId, setCheckId] = useState(card.faults[0]!.checkId)
  const [place, setPlace] = useState(card.faults[0]!.places[0]!)
  const fault = card.faults.find((f) => f.checkId === checkId)!
  const choose = (id: string) => {
    setCheckId(id)
    setPlace(card.faults.find((f) => f.checkId === id)!.places[0]!)
  }
  return (
    <form
      className="grid gap-3 border-t border-base-300 pt-3"
      onSubmit={(e) => {
        e.preventDefault()
        onChoose({ checkId, place })
      }}
    >
      <fieldset className="grid gap-1">
        <legend className="mb-1 font-semibold">{t('short.which')}</legend>
        {card.faults.map((f) => (
          <label key={f.checkId} className="flex min-h-11 items-center gap-3">
            <input
              type="radio"
              name="fault"
              className="radio"
              checked={f.checkId === checkId}
              onChange={() => choose(f.checkId)}
            />
            {f.means}
          </label>
        ))}
      </fieldset>
      {fault.places.length > 1 && (
        <Choice label={t('short.whereAt')} value={place} onChange={(e) => setPlace(e.target.value)}>
          {fault.places.map((p) => (
            <option key={p} value={p}>
              {nameOf(p)}
            </option>
          ))}
        </Choice>
      )}
      <div className="flex gap-2">
        <button type="submit" className="btn btn-primary" disabled={pending}>
          {t('short.record')}
        </button>
        <button type="button" className="btn" onClick={onBack}>
          {t('notNow')}
        </button>
      </div>
    </form>
  )
}
