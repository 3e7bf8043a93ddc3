import { useState } from 'react'
import { useQuery } from '@tanstack/react-query'
import { useTranslation } from 'react-i18next'
import { api, unwrap } from '@/api/client'
import { placesQuery } from '@/api/queries'
import { Loaded, ProblemAlert } from '@/ui/page/Feedback'
import { TextField } from '@/ui/form/Field'
import { NewPlace } from './NewPlace'
import { PlaceRoom } from './PlaceRoom'

/** Places and bags with the code that is written on them, and a look-up by code. */
export function Places() {
  const { t } = useTranslation()
  const places = useQuery(placesQuery)
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
      <NewPlace />
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
