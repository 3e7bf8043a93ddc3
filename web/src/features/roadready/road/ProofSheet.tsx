import { useState } from 'react'
import { useTranslation } from 'react-i18next'
import { api, unwrap, write, type Schemas } from '@/api/client'
import { useWrite } from '@/api/useWrite'
import { ProblemAlert } from '@/ui/page/Feedback'
import { NoteField, TextField } from '@/ui/form/Field'
import { Sheet } from '@/ui/form/Sheet'
import { useFormat } from '@/ui/format/format'
import type { Proof } from './road'

/** One test: what to do, what was recorded, and a form for today's. */
export function ProofSheet({ projectId, proof: p, onClose }: { projectId: string; proof: Proof; onClose: () => void }) {
  const { t } = useTranslation()
  const format = useFormat()
  const [id] = useState(() => crypto.randomUUID())
  const [doneOn, setDoneOn] = useState(format.today())
  const [value, setValue] = useState('')
  const [validUntil, setValidUntil] = useState('')
  const [note, setNote] = useState('')
  const save = useWrite(
    (body: Schemas['ProofRequest'], writeId) =>
      unwrap(
        api.POST('/api/projects/{projectId}/proofs', {
          params: { path: { projectId } },
          body,
          ...write(writeId),
        }),
      ),
    { said: () => t('road.proved', { what: p.name }), done: onClose },
  )
  return (
    <Sheet title={p.name} onClose={onClose}>
      <p className="border-l-4 border-accent bg-base-200 p-3">{p.how}</p>
      <p className="quiet mt-2 text-sm">{t('road.manualFirst')}</p>
      <form
        className="mt-4 grid gap-3"
        onSubmit={(e) => {
          e.preventDefault()
          save.mutate({
            id,
            proof: p.id,
            doneOn,
            ...(p.value && { value: Number(value.replace(',', '.')) }),
            ...(p.until && validUntil && { validUntil }),
            ...(note && { note }),
          })
        }}
      >
        <TextField label={t('road.doneOn')} type="date" value={doneOn} onChange={(e) => setDoneOn(e.target.value)} />
        {p.value && (
          <TextField
            label={`${p.value.name}, ${p.value.unit}`}
            hint={t('road.least', { least: p.value.least, unit: p.value.unit })}
            inputMode="decimal"
            value={value}
            onChange={(e) => setValue(e.target.value)}
          />
        )}
        {p.until && (
          <TextField
            label={t('road.validUntil')}
            type="date"
            value={validUntil}
            onChange={(e) => setValidUntil(e.target.value)}
          />
        )}
        <NoteField label={t('road.note')} value={note} onChange={(e) => setNote(e.target.value)} />
        <ProblemAlert error={save.error} />
        <button type="submit" className="btn btn-primary" disabled={save.isPending || (p.value && value.trim() === '')}>
          {t('road.record')}
        </button>
      </form>
      <ProofHistory proof={p} />
    </Sheet>
  )
}

function ProofHistory({ proof }: { proof: Proof }) {
  const { t } = useTranslation()
  const format = useFormat()
  const takeBack = useWrite(
    ({ id }: { id: string }, writeId) =>
      unwrap(api.DELETE('/api/proofs/{id}', { params: { path: { id } }, ...write(writeId) })),
    { said: () => t('road.takenBack') },
  )
  if (proof.records.length === 0) return null
  return (
    <section className="mt-5 border-t border-base-300 pt-3">
      <h3 className="font-semibold">{t('road.recorded')}</h3>
      <ul>
        {[...proof.records].reverse().map((r) => (
          <li key={r.id} className="flex flex-wrap items-baseline gap-x-3 py-1">
            <span className={r.voidedBy ? 'line-through' : 'font-semibold'}>
              {format.dayAndYear(r.doneOn)}
              {r.value !== undefined && `, ${r.value} ${proof.value?.unit ?? ''}`}
              {r.validUntil && `, ${t('road.until', { date: format.dayAndYear(r.validUntil) })}`}, {r.by}
            </span>
            {r.note && <span className="basis-full text-sm">{r.note}</span>}
            {r.voidedBy ? (
              <span className="text-sm">{t('road.voidedBy', { what: r.voidedBy })}</span>
            ) : (
              <button
                type="button"
                className="btn btn-ghost btn-sm min-h-11"
                disabled={takeBack.isPending}
                onClick={() => takeBack.mutate({ id: r.id })}
              >
                {t('road.takeBack')}
              </button>
            )}
          </li>
        ))}
      </ul>
    </section>
  )
}
