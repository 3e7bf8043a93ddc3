import { Controller, useWatch } from 'react-hook-form'
import { useTranslation } from 'react-i18next'
import { api, unwrap, write, type Schemas } from '@/api/client'
import { useWrite } from '@/api/useWrite'
import { Form, FormWrong } from '@/ui/form/Form'
import { Line, Pick, Tick } from '@/ui/form/named'
import { Sheet } from '@/ui/form/Sheet'
import { useFields } from '@/ui/form/useFields'
import { useFormat } from '@/ui/format/format'
import { useUnits } from '@/ui/format/units'
import { ChainFields } from './ChainFields'
import { chainStretch } from './chain'
import { InstrumentFields } from './InstrumentFields'
import { blankFor, rowsOf, useReadingRules } from './readingValues'
import { ReadingRows } from '../ReadingRows'
import type { Measurable, Readings } from '../readings'

type Props = {
  projectId: string
  readings: Readings
  places: string[]
  nameOf: (place: string) => string
  /** What to measure and where, when a check asks for it. */
  limitId: string | null
  at: string | null
  onClose: () => void
}

/** Readings of one thing at one place: as many spots as one likes, in the unit that the instrument shows. */
export function ReadingForm({ projectId, readings, places, nameOf, limitId, at, onClose }: Props) {
  const { t } = useTranslation()
  const here = readings.limits
    .filter((l) => l.places.some((p) => places.includes(p)))
    .sort((a, b) => a.name.localeCompare(b.name))
  const first = readings.limits.find((l) => l.id === limitId) ?? here[0]!
  const placesOf = (id: string) => places.filter((p) => readings.limits.find((l) => l.id === id)!.places.includes(p))
  const placeFor = (id: string, wanted: string | null) =>
    placesOf(id).find((p) => p === wanted) ?? placesOf(id)[0] ?? ''
  const units = useUnits()
  /** In which this person's instruments show it, if it can be read so. */
  const usual = (l: Measurable) => {
    const own = units.shown(l.readIn)
    return l.units.includes(own) ? own : l.readIn
  }
  const form = useFields(
    useReadingRules(readings.limits),
    blankFor(first, placeFor(first.id, at), useFormat().today(), usual(first)),
  )
  const [chosen, unit, instrument] = useWatch({ control: form.control, name: ['limitId', 'unit', 'instrument'] })
  const limit = readings.limits.find((l) => l.id === chosen)!
  const instruments = readings.instruments.filter((i) => limit.units.includes(i.unit))
  const save = useWrite(
    (body: Schemas['NewReadingsRequest'], id) =>
      unwrap(api.POST('/api/projects/{projectId}/readings', { params: { path: { projectId } }, body, ...write(id) })),
    { said: (b) => t('reading.kept', { count: b.readings.length }), done: onClose },
  )
  function choose(id: string) {
    const next = readings.limits.find((l) => l.id === id)!
    form.setValue('unit', usual(next))
    form.setValue('instrument', '')
    form.setValue('place', placeFor(id, form.getValues('place')))
    form.setValue('rows', rowsOf(next))
    save.reset()
  }
  return (
    <Sheet title={t('reading.add')} onClose={onClose}>
      <Form
        form={form}
        save={save}
        label={t('reading.keep')}
        disabled={instrument === 'new'}
        onSubmit={(body) => save.mutate(body)}
      >
        <Pick
          name="limitId"
          label={t('reading.what')}
          of={here.map((l) => l.id)}
          say={(id) => here.find((l) => l.id === id)!.name}
          onChosen={choose}
        />
        <Pick name="place" label={t('reading.where')} of={placesOf(chosen)} say={nameOf} />
        <ReadingRows limit={limit} />
        {limit.id === chainStretch ? (
          <Controller
            name="chain"
            control={form.control}
            render={({ field }) => <ChainFields chain={field.value} onChange={field.onChange} />}
          />
        ) : (
          !limit.age && (
            <div className="grid grid-cols-2 gap-2">
              <Pick name="unit" label={t('reading.unit')} of={limit.units} say={(u) => t(`unit.${u}`)} />
              <Pick
                name="instrument"
                label={t('reading.instrument')}
                none={t('reading.anyInstrument')}
                of={[...instruments.map((i) => i.id), 'new']}
                say={(id) => instruments.find((i) => i.id === id)?.name ?? t('reading.newInstrument')}
              />
            </div>
          )
        )}
        {instrument === 'new' && (
          <InstrumentFields unit={unit} onMade={(made) => form.setValue('instrument', made.id)} />
        )}
        {limit.critical && <Line name="measurer" label={t('reading.measurer')} hint={t('reading.measurerHint')} />}
        <Line name="readOn" label={t('reading.readOn')} type="date" />
        <FormWrong of={['rows']} />
        {save.error?.code === 'reading.ask-again' && <Tick name="sure" label={t('reading.sure')} />}
      </Form>
    </Sheet>
  )
}
