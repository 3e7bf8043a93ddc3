import { useState } from 'react'
import { useTranslation } from 'react-i18next'
import { api, unwrap, write, type Schemas } from '@/api/client'
import { useWrite } from '@/api/useWrite'
import { ProblemAlert } from '@/ui/page/Feedback'
import { Choice, TextField } from '@/ui/form/Field'
import { Sheet } from '@/ui/form/Sheet'
import { useFormat } from '@/ui/format/format'
import { ChainFields } from './ChainFields'
import { chainReading, chainStretch, usualChain, type Chain } from './chain'
import { InstrumentFields } from './InstrumentFields'
import type { Measurable, Readings, Unit } from './readings'

type Row = { id: string; spot: string; value: string }
const fresh = (spot: string): Row => ({ id: crypto.randomUUID(), spot, value: '' })
const sides = ['left', 'right']
/** Readings that are compared stand beside one another: left and right of each axle, or two spots at least. */
const rowsOf = (limit: Measurable): Row[] =>
  limit.pairs.length > 0
    ? limit.pairs.flatMap((pair) => sides.map((side) => fresh(`${pair} ${side}`)))
    : limit.derived
      ? [fresh('1'), fresh('2')]
      : [fresh('1')]

/** Readings of one thing at one place: as many spots as one likes, in the unit that the instrument shows. */
export function ReadingForm({
  projectId,
  readings,
  places,
  nameOf,
  limitId,
  at,
  onClose,
}: {
  projectId: string
  readings: Readings
  places: string[]
  nameOf: (place: string) => string
  /** What to measure and where, when a check asks for it. */
  limitId: string | null
  at: string | null
  onClose: () => void
}) {
  const { t } = useTranslation()
  const format = useFormat()
  const [limit, setLimit] = useState<Measurable>(
    readings.limits.find((l) => l.id === limitId) ??
      readings.limits.find((l) => l.places.some((p) => places.includes(p)))!,
  )
  const [chosen, setPlace] = useState(at ?? '')
  const fittingPlaces = places.filter((p) => limit.places.includes(p))
  const place = fittingPlaces.find((p) => p === chosen) ?? fittingPlaces[0] ?? ''
  const [unit, setUnit] = useState<Unit>(limit.readIn)
  const [instrument, setInstrument] = useState('')
  const [readOn, setReadOn] = useState(format.today())
  const [rows, setRows] = useState(() => rowsOf(limit))
  const [chain, setChain] = useState<Chain>(usualChain)
  const [measurer, setMeasurer] = useState('')
  const [sure, setSure] = useState(false)
  const [wrong, setWrong] = useState<string>()
  const save = useWrite(
    (body: Schemas['NewReadingsRequest'], id) =>
      unwrap(api.POST('/api/projects/{projectId}/readings', { params: { path: { projectId } }, body, ...write(id) })),
    { said: (b) => t('reading.kept', { count: b.readings.length }), done: onClose },
  )
  const ofChain = limit.id === chainStretch
  const fitting = readings.instruments.filter((i) => limit.units.includes(i.unit))
  const asked = save.error?.code === 'reading.ask-again'
  const put = (i: number, change: Partial<Row>) => setRows(rows.with(i, { ...rows[i]!, ...change }))

  function choose(id: string) {
    const next = readings.limits.find((l) => l.id === id)!
    setLimit(next)
    setUnit(next.readIn)
    setInstrument('')
    setRows(rowsOf(next))
    save.reset()
  }

  function submit() {
    const filled = rows.filter((r) => r.value.trim() !== '')
    const values = filled.map((r) => Number(r.value.replace(',', '.')))
    if (filled.length === 0 || (!limit.age && values.some(Number.isNaN))) return setWrong(t('reading.valueWrong'))
    setWrong(undefined)
    save.mutate({
      limitId: limit.id,
      place,
      readings: filled.map((r, i) => ({
        id: r.id,
        spot: r.spot,
        unit,
        readOn,
        sure,
        ...(limit.age ? { made: r.value } : ofChain ? chainReading(values[i]!, chain) : { value: values[i]! }),
        ...(instrument && { instrumentId: instrument }),
        ...(measurer.trim() && { measurer }),
      })),
    })
  }

  return (
    <Sheet title={t('reading.add')} onClose={onClose}>
      <form
        className="grid gap-3"
        onSubmit={(e) => {
          e.preventDefault()
          submit()
        }}
      >
        <Choice label={t('reading.what')} value={limit.id} onChange={(e) => choose(e.target.value)}>
          {readings.limits
            .filter((l) => l.places.some((p) => places.includes(p)))
            .sort((a, b) => a.name.localeCompare(b.name))
            .map((l) => (
              <option key={l.id} value={l.id}>
                {l.name}
              </option>
            ))}
        </Choice>
        <Choice label={t('reading.where')} value={place} onChange={(e) => setPlace(e.target.value)}>
          {fittingPlaces.map((p) => (
            <option key={p} value={p}>
              {nameOf(p)}
            </option>
          ))}
        </Choice>
        {rows.map((row, i) => (
          <div key={row.id} className="grid grid-cols-[1fr_1fr] gap-2">
            <TextField label={t('reading.spot')} value={row.spot} onChange={(e) => put(i, { spot: e.target.value })} />
            <TextField
              label={
                limit.age
                  ? t('reading.made')
                  : ofChain
                    ? t('chain.length')
                    : `${t('reading.value')}, ${t(`unit.${unit}`)}`
              }
              inputMode={limit.age ? 'text' : 'decimal'}
              value={row.value}
              onChange={(e) => put(i, { value: e.target.value })}
            />
          </div>
        ))}
        <p className="quiet text-sm">{limit.age ? t('reading.madeHint') : t('reading.spotHint')}</p>
        <div>
          <button type="button" className="btn" onClick={() => setRows([...rows, fresh(String(rows.length + 1))])}>
            {t('reading.another')}
          </button>
        </div>
        {ofChain && <ChainFields chain={chain} onChange={setChain} />}
        {!limit.age && !ofChain && (
          <div className="grid grid-cols-2 gap-2">
            <Choice label={t('reading.unit')} value={unit} onChange={(e) => setUnit(e.target.value as Unit)}>
              {limit.units.map((u) => (
                <option key={u} value={u}>
                  {t(`unit.${u}`)}
                </option>
              ))}
            </Choice>
            <Choice label={t('reading.instrument')} value={instrument} onChange={(e) => setInstrument(e.target.value)}>
              <option value="">{t('reading.anyInstrument')}</option>
              {fitting.map((i) => (
                <option key={i.id} value={i.id}>
                  {i.name}
                </option>
              ))}
              <option value="new">{t('reading.newInstrument')}</option>
            </Choice>
          </div>
        )}
        {instrument === 'new' && <InstrumentFields unit={unit} onMade={(made) => setInstrument(made.id)} />}
        {limit.critical && (
          <TextField
            label={t('reading.measurer')}
            hint={t('reading.measurerHint')}
            value={measurer}
            maxLength={120}
            onChange={(e) => setMeasurer(e.target.value)}
          />
        )}
        <TextField label={t('reading.readOn')} type="date" value={readOn} onChange={(e) => setReadOn(e.target.value)} />
        {wrong && (
          <p role="alert" className="font-semibold text-error">
            {wrong}
          </p>
        )}
        <ProblemAlert error={save.error} />
        {asked && (
          <label className="flex min-h-11 items-center gap-2 font-semibold">
            <input type="checkbox" className="checkbox" checked={sure} onChange={(e) => setSure(e.target.checked)} />
            {t('reading.sure')}
          </label>
        )}
        <button type="submit" className="btn btn-primary" disabled={instrument === 'new' || save.isPending}>
          {t('reading.keep')}
        </button>
      </form>
    </Sheet>
  )
}
