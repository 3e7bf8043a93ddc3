import { z } from 'zod'
import { useQuery } from '@tanstack/react-query'
import { useTranslation } from 'react-i18next'
import { api, unwrap, write, type Schemas } from '@/api/client'
import { heatings } from '@/api/generated/enums'
import { useWrite } from '@/api/useWrite'
import { Loaded } from '@/ui/page/Feedback'
import { Form } from '@/ui/form/Form'
import { Decimal, Line, Pick } from '@/ui/form/named'
import { minuteOfDay, number, numberOf, orNothing } from '@/ui/form/rules'
import { useFields } from '@/ui/form/useFields'
import { clockOf } from '@/ui/format/format'

type Said = Schemas['PremisesBody']

const MONTHS = 12
const HUNDREDTHS = 100

/** What the garage or one of its places allows: warmth, noise, and room for what comes off. */
export function Premises({ placeId }: { placeId?: string }) {
  const { t } = useTranslation()
  const premises = useQuery({ queryKey: ['premises'], queryFn: () => unwrap(api.GET('/api/premises')) })
  return (
    <Loaded query={premises} what={t('garage.loading')}>
      {(p) => {
        const said = p.said.find((s) => (s.placeId ?? undefined) === placeId)
        return <Edit key={JSON.stringify(said)} placeId={placeId} said={said} usual={p.usualNights} />
      }}
    </Loaded>
  )
}

const nightsOf = (typed: string) =>
  typed
    .trim()
    .split(/[\s,;]+/)
    .map(numberOf)

function useRules() {
  const { t } = useTranslation()
  const wrong = t('premises.nightsWrong')
  return z
    .object({
      heating: z.enum(heatings),
      nights: orNothing(
        z
          .string()
          .transform(nightsOf)
          .refine((n) => n.length === MONTHS && n.every(Number.isInteger), wrong),
      ),
      from: minuteOfDay,
      to: minuteOfDay,
      room: orNothing(number(t('premises.roomWrong'), { min: 0, max: 1000 })),
    })
    .refine((v) => (v.from === undefined) === (v.to === undefined), { path: ['to'], message: t('premises.noiseHalf') })
}

function Edit({ placeId, said, usual }: { placeId?: string; said?: Said; usual: number[] }) {
  const { t } = useTranslation()
  const form = useFields(useRules(), {
    heating: said?.heating ?? 'NOT_SAID',
    nights: (said?.nights ?? []).join(' '),
    from: said?.noise ? clockOf(said.noise.fromMinute) : '',
    to: said?.noise ? clockOf(said.noise.toMinute) : '',
    room: said?.shelf === undefined || said.shelf === null ? '' : String(said.shelf / HUNDREDTHS),
  })
  const save = useWrite((body: Said, id) => unwrap(api.PUT('/api/premises', { body, ...write(id) })), {
    said: () => t('premises.kept'),
  })
  return (
    <Form
      form={form}
      save={save}
      label={t('save')}
      aside
      onSubmit={(v) =>
        save.mutate({
          placeId,
          heating: v.heating,
          nights: v.nights,
          noise: v.from === undefined || v.to === undefined ? undefined : { fromMinute: v.from, toMinute: v.to },
          shelf: v.room === undefined ? undefined : Math.round(v.room * HUNDREDTHS),
        })
      }
    >
      <Pick
        name="heating"
        label={t('premises.heating')}
        hint={t('premises.heatingHint')}
        of={heatings}
        say={(h) => t(`premises.heatingIs.${h}`)}
      />
      {form.watch('heating') === 'COLD' && (
        <Line
          name="nights"
          label={t('premises.nights')}
          hint={t('premises.nightsHint', { usual: usual.join(' ') })}
          inputMode="numeric"
        />
      )}
      <div className="flex flex-wrap gap-2">
        <Line name="from" type="time" label={t('premises.noiseFrom')} />
        <Line name="to" type="time" label={t('premises.noiseTo')} />
      </div>
      <p className="quiet -mt-2 text-sm">{t('premises.noiseHint')}</p>
      {!placeId && <Decimal name="room" label={t('premises.room')} hint={t('premises.roomHint')} />}
    </Form>
  )
}
