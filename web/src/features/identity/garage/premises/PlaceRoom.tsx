import { z } from 'zod'
import { useTranslation } from 'react-i18next'
import { api, unwrap, write, type Schemas } from '@/api/client'
import { useWrite } from '@/api/useWrite'
import { Form } from '@/ui/form/Form'
import { Whole } from '@/ui/form/named'
import { whole } from '@/ui/form/rules'
import { Premises } from './Premises'
import { useFields } from '@/ui/form/useFields'
import { useDays, WeekdayPick, type Weekdays } from '@/ui/form/WeekdayPick'

/** For how many jobs at once a place has room, and on which days it can be used: the plan keeps to both. */
export function PlaceRoom({ place }: { place: Schemas['PlaceRow'] }) {
  const { t } = useTranslation()
  const daysOf = useDays()
  const form = useFields(
    z.object({ room: whole(t('garage.roomWrong'), { min: 1, max: 99 }), usableOn: z.custom<Weekdays>() }),
    {
      room: String(place.room),
      usableOn: place.usableOn,
    },
  )
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
      <Form
        form={form}
        save={save}
        label={t('save')}
        aside
        className="pb-2"
        onSubmit={(v) => {
          const { name, kind, version } = place
          save.mutate({ name, kind, ...v, version, ...(place.within && { within: place.within }) })
        }}
      >
        <Whole name="room" label={t('garage.roomFor')} />
        <WeekdayPick name="usableOn" label={t('garage.usableOn')} />
      </Form>
      <h4 className="mt-2 mb-1 font-semibold">{t('premises.here')}</h4>
      <p className="quiet mb-2 text-sm">{t('premises.hereHint')}</p>
      <Premises placeId={place.id} />
    </details>
  )
}
