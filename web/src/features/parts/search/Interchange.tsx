import { useState } from 'react'
import { useQuery } from '@tanstack/react-query'
import { z } from 'zod'
import { useTranslation } from 'react-i18next'
import { api, unwrap, write, type Schemas } from '@/api/client'
import { useWrite } from '@/api/useWrite'
import { Form } from '@/ui/form/Form'
import { Line, Note, Tick } from '@/ui/form/named'
import { filled, line } from '@/ui/form/rules'
import { useFields } from '@/ui/form/useFields'
import { interchangeQuery } from './queries'

/** What of other models fits in place of a part, with which change, and who says so. */
export function Interchange({ part }: { part: string }) {
  const { t } = useTranslation()
  const { data: notes } = useQuery(interchangeQuery(part))
  return (
    <section>
      <h3 className="font-semibold">{t('interchange.title')}</h3>
      {notes?.length === 0 && <p className="quiet text-sm">{t('interchange.none')}</p>}
      <ul>
        {notes?.map((n) => (
          <NoteRow key={n.id} note={n} />
        ))}
      </ul>
      <AddNote part={part} />
    </section>
  )
}

function NoteRow({ note: n }: { note: Schemas['InterchangeRow'] }) {
  const { t } = useTranslation()
  const remove = useWrite(
    (_: void, id) => unwrap(api.DELETE('/api/interchange/{id}', { params: { path: { id: n.id } }, ...write(id) })),
    { said: () => t('interchange.removed') },
  )
  return (
    <li className="flex flex-wrap items-baseline gap-x-3 border-b border-base-300 py-2 last:border-0">
      <span className="grow basis-48">
        <span className="font-semibold">{t('interchange.row', { part: n.part, fitsFrom: n.fitsFrom })}</span>
        {n.change && <span className="block">{n.change}</span>}
        <span className="quiet block text-sm">
          {t('interchange.told', { who: n.toldBy })} · {t(n.tried ? 'interchange.tried' : 'interchange.notTried')}
        </span>
      </span>
      <button type="button" className="btn btn-ghost btn-sm" onClick={() => remove.mutate()}>
        {t('interchange.remove')}
      </button>
    </li>
  )
}

function AddNote({ part }: { part: string }) {
  const { t } = useTranslation()
  const missing = t('form.missing')
  const [id, setId] = useState(() => crypto.randomUUID())
  const form = useFields(
    z.object({
      part: line(missing),
      fitsFrom: line(missing),
      change: z.string().max(4000),
      toldBy: line(missing),
      tried: z.boolean(),
    }),
    { part, fitsFrom: '', change: '', toldBy: '', tried: false },
  )
  const add = useWrite(
    (fields: Schemas['InterchangeFields'], writeId) =>
      unwrap(api.POST('/api/interchange', { body: { id, fields }, ...write(writeId) })),
    {
      said: () => t('interchange.added'),
      done: () => {
        setId(crypto.randomUUID())
        form.reset()
      },
    },
  )
  return (
    <details>
      <summary className="cursor-pointer py-2 text-sm font-semibold">{t('interchange.add')}</summary>
      <Form form={form} save={add} label={t('interchange.add')} aside onSubmit={(v) => add.mutate(filled(v))}>
        <Line name="part" label={t('interchange.part')} />
        <Line name="fitsFrom" label={t('interchange.fitsFrom')} />
        <Note name="change" label={t('interchange.change')} rows={2} />
        <Line name="toldBy" label={t('interchange.toldBy')} />
        <Tick name="tried" label={t('interchange.triedLabel')} />
      </Form>
    </details>
  )
}
