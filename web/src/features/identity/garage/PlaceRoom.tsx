import { useState } from 'react'
import { useTranslation } from 'react-i18next'
import { api, unwrap, write, type Schemas } from '@/api/client'
import { useWrite } from '@/api/useWrite'
import { ProblemAlert } from '@/ui/page/Feedback'
import { TextField } from '@/ui/form/Field'
import { useDays, WeekdayChoice } from '@/ui/form/WeekdayChoice'

/** For how many jobs at once a place has room, and on which days it can be used: the plan keeps to both. */
export function PlaceRoom({ place }: { place: Schemas['PlaceRow'] }) {
  const { t } = useTranslation()
  const daysOf = useDays()
  const [room, setRoom] = useState(String(place.room))
  const [usableOn, setUsableOn] = useState(place.usableOn)
  const save = useWrite(
    (body: Schemas['PlaceChangeRequest'], id) =>
      unwrap(api.PUT('/api/places/{id}', { params: { path: { id: place.id } }, body, ...write(id) })),
    { said: () => t('garage.roomKept') },
  )
  const days = daysOf(place.usableOn)
  return (
    <details>
      <summary className="quiet cursor-pointer py-1 text-sm">
        {t('garage.room', { count: place.room })} {days && t('garage.usableOnly', { days })}
      </summary>
      <form
        className="grid gap-2 pb-2"
        onSubmit={(e) => {
          e.preventDefault()
          const { name, kind, version } = place
          save.mutate({ name, kind, room: Math.trunc(Number(room)) || 0, usableOn, version })
        }}
      >
        <TextField
          label={t('garage.roomFor')}
          inputMode="numeric"
          value={room}
          onChange={(e) => setRoom(e.target.value)}
        />
        <WeekdayChoice label={t('garage.usableOn')} value={usableOn} onChange={setUsableOn} />
        <ProblemAlert error={save.error} />
        <div>
          <button type="submit" className="btn" disabled={save.isPending}>
            {t('save')}
          </button>
        </div>
      </form>
    </details>
  )
}
