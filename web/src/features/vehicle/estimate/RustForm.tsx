import { useState } from 'react'
import { useQuery } from '@tanstack/react-query'
import { useTranslation } from 'react-i18next'
import type { Schemas } from '@/api/client'
import { ProblemAlert } from '@/ui/page/Feedback'
import { Choice, TextField } from '@/ui/form/Field'
import { rustSpots } from './rustSpots'
import { rustGradesQuery, type FindingEstimate, type Rust } from './estimates'
import { useSayEstimate } from './useSayEstimate'

type Grade = Rust['grade']
const scale = [1, 2, 3, 4, 5]

/** Compares the metal with drawn squares, and measures how far the rust goes. */
export function RustForm({
  finding,
  estimate,
  onDone,
}: {
  finding: Schemas['FindingRow']
  estimate: FindingEstimate
  onDone: () => void
}) {
  const { t } = useTranslation()
  const said = estimate.said?.rust
  const [grade, setGrade] = useState<Grade | undefined>(said?.grade)
  const [length, setLength] = useState(said ? String(said.lengthMillimetres) : '')
  const [width, setWidth] = useState(said ? String(said.widthMillimetres) : '')
  const [holed, setHoled] = useState(said?.perforated ?? finding.kind === 'RUST_THROUGH')
  const [mounting, setMounting] = useState(said?.mountingMillimetres?.toString() ?? '')
  const [blisters, setBlisters] = useState(said?.blisters)
  const { data: grades = [] } = useQuery(rustGradesQuery)
  const [wrong, setWrong] = useState<string>()
  const save = useSayEstimate(finding.id, onDone)

  function submit() {
    const numbers = [length, width, mounting || '0'].map(Number)
    if (numbers.some((n) => !Number.isInteger(n)) || !length || !width) return setWrong(t('estimate.numbersWrong'))
    setWrong(undefined)
    const { effort, cost, payer, payerNote } = estimate.said ?? {}
    save.mutate({
      fields: {
        ...(effort && { effort }),
        ...(cost && { cost }),
        ...(payer && { payer }),
        ...(payerNote && { payerNote }),
        rust: {
          grade: grade!,
          lengthMillimetres: Number(length),
          widthMillimetres: Number(width),
          perforated: holed,
          ...(mounting && { mountingMillimetres: Number(mounting) }),
          ...(blisters && { blisters }),
        },
      },
      version: estimate.version,
    })
  }

  return (
    <form
      className="mt-3 grid gap-3"
      onSubmit={(e) => {
        e.preventDefault()
        submit()
      }}
    >
      <fieldset>
        <legend className="font-semibold">{t('estimate.sheet')}</legend>
        <p className="quiet mb-2 text-sm">{t('estimate.sheetHint')}</p>
        <div className="grid grid-cols-3 gap-2">
          {grades.map(({ grade: g, rustedPercent }) => (
            <button
              key={g}
              type="button"
              aria-pressed={g === grade}
              className={`rounded border-2 p-1 text-sm ${g === grade ? 'border-primary font-bold' : 'border-base-300'}`}
              onClick={() => setGrade(g)}
            >
              <RustSquare percent={rustedPercent} />
              {t(`estimate.ri.${g}`)} · {t('estimate.share', { share: rustedPercent })}
            </button>
          ))}
        </div>
      </fieldset>
      <label className="flex min-h-11 items-center gap-2">
        <input type="checkbox" className="checkbox" checked={holed} onChange={(e) => setHoled(e.target.checked)} />
        {t('estimate.holedThrough')}
      </label>
      <label className="flex min-h-11 items-center gap-2">
        <input
          type="checkbox"
          className="checkbox"
          checked={!!blisters}
          onChange={(e) => setBlisters(e.target.checked ? { quantity: 2, size: 2 } : undefined)}
        />
        {t('estimate.blisters')}
      </label>
      {blisters && (
        <div className="grid grid-cols-2 gap-2">
          {(['quantity', 'size'] as const).map((what) => (
            <Choice
              key={what}
              label={t(what === 'quantity' ? 'estimate.blisterQuantity' : 'estimate.blisterSize')}
              value={blisters[what]}
              onChange={(e) => setBlisters({ ...blisters, [what]: Number(e.target.value) })}
            >
              {scale.map((n) => (
                <option key={n}>{n}</option>
              ))}
            </Choice>
          ))}
        </div>
      )}
      <div className="grid grid-cols-2 gap-2">
        <TextField
          label={t('estimate.length')}
          inputMode="numeric"
          value={length}
          onChange={(e) => setLength(e.target.value)}
        />
        <TextField
          label={t('estimate.width')}
          inputMode="numeric"
          value={width}
          onChange={(e) => setWidth(e.target.value)}
        />
      </div>
      <TextField
        label={t('estimate.mounting')}
        hint={t('estimate.mountingHint')}
        inputMode="numeric"
        value={mounting}
        onChange={(e) => setMounting(e.target.value)}
      />
      {wrong && (
        <p role="alert" className="font-semibold text-error">
          {wrong}
        </p>
      )}
      <ProblemAlert error={save.error} />
      <div className="flex gap-2">
        <button type="submit" className="btn btn-primary" disabled={!grade || save.isPending}>
          {t('estimate.save')}
        </button>
        <button type="button" className="btn" onClick={onDone}>
          {t('notNow')}
        </button>
      </div>
    </form>
  )
}

/** What a degree looks like: spots that cover its share of the square. */
function RustSquare({ percent }: { percent: number }) {
  return (
    <svg viewBox="0 0 100 100" className="block w-full" aria-hidden="true">
      <rect width={100} height={100} fill="#b9c4c4" />
      {rustSpots(percent).map((s) => (
        <circle key={`${s.x} ${s.y}`} cx={s.x} cy={s.y} r={s.r} fill="#7a3b16" />
      ))}
    </svg>
  )
}
