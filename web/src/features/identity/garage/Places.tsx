import { useState } from 'react'
import { placeKinds } from '@/api/generated/enums'
import { useQuery } from '@tanstack/react-query'
import { useTranslation } from 'react-i18next'
import { api, unwrap, write, type Schemas } from '@/api/client'
import { placesQuery } from '@/api/queries'
import { useWrite } from '@/api/useWrite'
import { Loaded, ProblemAlert } from '@/ui/page/Feedback'
import { Choice, TextField } from '@/ui/form/Field'
import { PlaceRoom } from './PlaceRoom'

/** Places and bags with the code that is written on them, and a look-up by code. */
export function Places() {
  const { t } = useTranslation()
  const places = useQuery(placesQuery)
  const [name, setName] = useState('')
  const [kind, setKind] = useState<(typeof placeKinds)[number]>('BAG')
  const add = useWrite(
    (body: Schemas['NewPlaceRequest'], id) => unwrap(api.POST('/api/places', { body, ...write(id) })),
    {
      said: (_, p) => t('parts.placeMade', { code: p.code }),
      done: () => setName(''),
    },
  )
  return (
    <div className="grid gap-3">
      <LookUp />
      <Loaded query={places} what={t('garage.loading')}>
        {(list) => (
          <ul>
            {list.map((p) => (
              <li key={p.id} className="border-b border-base-300 py-1.5">
                <p className="flex items-baseline gap-3">
                  <span className="label-code">{p.code}</span>
                  <span className="grow">{p.name}</span>
                  <span className="quiet text-sm whitespace-nowrap">{t('garage.partsHere', { count: p.parts })}</span>
                </p>
                {p.toWorkIn && <PlaceRoom key={p.version} place={p} />}
              </li>
            ))}
          </ul>
        )}
      </Loaded>
      <form
        className="flex flex-wrap items-end gap-2"
        onSubmit={(e) => {
          e.preventDefault()
          add.mutate({ id: crypto.randomUUID(), name, kind })
        }}
      >
        <div className="min-w-40 grow">
          <TextField label={t('garage.newPlace')} value={name} onChange={(e) => setName(e.target.value)} />
        </div>
        <Choice label={t('garage.placeKind')} value={kind} onChange={(e) => setKind(e.target.value as typeof kind)}>
          {placeKinds.map((k) => (
            <option key={k} value={k}>
              {t(`place.${k}`)}
            </option>
          ))}
        </Choice>
        <button type="submit" className="btn" disabled={add.isPending}>
          {t('parts.makePlace')}
        </button>
      </form>
      <ProblemAlert error={add.error} />
    </div>
  )
}

function LookUp() {
  const { t } = useTranslation()
  const [code, setCode] = useState('')
  const label = useQuery({
    queryKey: ['labels', code],
    enabled: code.trim().length >= 3,
    retry: false,
    queryFn: () => unwrap(api.GET('/api/labels/{code}', { params: { path: { code: code.trim() } } })),
  })
  return (
    <div>
      <TextField
        label={t('garage.whatIs')}
        hint={t('garage.whatIsHint')}
        value={code}
        maxLength={6}
        autoCapitalize="characters"
        onChange={(e) => setCode(e.target.value.toUpperCase())}
      />
      {label.data && (
        <p role="status" className="mt-1 font-semibold">
          {label.data.name}
        </p>
      )}
      <ProblemAlert error={label.error} />
    </div>
  )
}
