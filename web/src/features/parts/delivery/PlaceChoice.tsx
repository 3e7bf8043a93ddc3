import { useState } from 'react'
import { useQuery } from '@tanstack/react-query'
import { useTranslation } from 'react-i18next'
import { api, unwrap, write, type Schemas } from '@/api/client'
import { placesQuery } from '@/api/queries'
import { useWrite } from '@/api/useWrite'
import { Choice, TextField } from '@/ui/form/Field'
import { ProblemAlert } from '@/ui/page/Feedback'

/** Where a part is put: a place there is, or one made at once; its code is what goes on the part. */
export function PlaceChoice({ placeId, onChoose }: { placeId: string; onChoose: (id: string) => void }) {
  const { t } = useTranslation()
  const places = useQuery(placesQuery)
  const [newPlace, setNewPlace] = useState('')
  const addPlace = useWrite(
    (body: Schemas['NewPlaceRequest'], id) => unwrap(api.POST('/api/places', { body, ...write(id) })),
    {
      said: (_, p) => t('parts.placeMade', { code: p.code }),
      done: (p) => {
        onChoose(p.id)
        setNewPlace('')
      },
    },
  )
  const chosen = places.data?.find((p) => p.id === placeId)
  return (
    <>
      <Choice label={t('parts.where')} value={placeId} onChange={(e) => onChoose(e.target.value)}>
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
      <ProblemAlert error={addPlace.error} />
    </>
  )
}
