import { useState } from 'react'
import { useTranslation } from 'react-i18next'
import { api, unwrap, write, type Schemas } from '@/api/client'
import { useWrite } from '@/api/useWrite'
import { ProblemAlert } from '@/ui/page/Feedback'
import { Choice, TextField } from '@/ui/form/Field'
import { Sheet } from '@/ui/form/Sheet'
import { useFormat } from '@/ui/format/format'

export type Equipment = Schemas['EquipmentItemResponse']

type Fact = Schemas['EquipmentFactRequest']
const hows = ['SEEN', 'PAPERS', 'SAID'] as const

/** What it has, and how that is known; a conversion has its day, and what was before stays to be read. */
export function FactForm({ projectId, item, onClose }: { projectId: string; item: Equipment; onClose: () => void }) {
  const { t } = useTranslation()
  const format = useFormat()
  const [id] = useState(() => crypto.randomUUID())
  const [value, setValue] = useState(item.value ?? '')
  const [how, setHow] = useState<Fact['how']>('SEEN')
  const [since, setSince] = useState('')
  const nameOf = (v: string) => item.values.find((x) => x.id === v)?.name ?? v
  const save = useWrite(
    (body: Fact, writeId) =>
      unwrap(
        api.POST('/api/projects/{projectId}/equipment', {
          params: { path: { projectId } },
          body: { facts: [body] },
          ...write(writeId),
        }),
      ),
    { said: () => t('equipment.kept', { item: item.name, value: nameOf(value) }), done: onClose },
  )
  return (
    <Sheet title={item.name} onClose={onClose}>
      <form
        className="grid gap-3"
        onSubmit={(e) => {
          e.preventDefault()
          save.mutate({ id, item: item.id, value, how, ...(since && { since }) })
        }}
      >
        <fieldset>
          <legend className="text-sm font-semibold">{t('equipment.has')}</legend>
          {item.values.map((v) => (
            <label key={v.id} className="flex min-h-11 items-center gap-3">
              <input
                type="radio"
                className="radio"
                name="value"
                checked={value === v.id}
                onChange={() => setValue(v.id)}
              />
              <span>
                {v.name}
                {!v.possible && <span className="quiet text-sm"> {t('equipment.unusual')}</span>}
              </span>
            </label>
          ))}
        </fieldset>
        <Choice label={t('equipment.howKnown')} value={how} onChange={(e) => setHow(e.target.value as Fact['how'])}>
          {hows.map((h) => (
            <option key={h} value={h}>
              {t(`equipment.how.${h}`)}
            </option>
          ))}
        </Choice>
        <TextField
          label={t('equipment.since')}
          hint={t('equipment.sinceHint')}
          type="date"
          value={since}
          onChange={(e) => setSince(e.target.value)}
        />
        <ProblemAlert error={save.error} />
        <button type="submit" className="btn btn-primary" disabled={!value || save.isPending}>
          {t('equipment.keep')}
        </button>
      </form>
      {item.facts.length > 0 && (
        <section className="mt-4" aria-label={t('equipment.before')}>
          <h3 className="font-semibold">{t('equipment.before')}</h3>
          <ul className="text-sm">
            {[...item.facts].reverse().map((f) => (
              <li key={f.id}>
                {nameOf(f.value)}, {t(`equipment.how.${f.how}`)}
                <span className="quiet">
                  {' '}
                  {f.saidBy}, {format.dayAndYear(format.dateOf(f.saidAt))}
                  {f.since && `, ${t('equipment.sinceDay', { day: format.dayAndYear(f.since) })}`}
                </span>
              </li>
            ))}
          </ul>
        </section>
      )}
    </Sheet>
  )
}
