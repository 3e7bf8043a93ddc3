import { z } from 'zod'
import { useTranslation } from 'react-i18next'
import { api, unwrap, write, type Schemas } from '@/api/client'
import { useWrite } from '@/api/useWrite'
import { Form } from '@/ui/form/Form'
import { Line, Pick } from '@/ui/form/named'
import { line } from '@/ui/form/rules'
import { useFields } from '@/ui/form/useFields'
import { READABLE, useUnits } from '@/ui/format/units'
import type { Measured } from './readings'

/** A slip is taken out of what counts, and stays to be read with its reason. */
export function WrongReading({ measured: m, projectId }: { measured: Measured; projectId: string }) {
  const { t } = useTranslation()
  const units = useUnits()
  const there = (max: number) => line(t('form.missing'), max)
  const form = useFields(z.object({ id: there(120), because: there(400) }), { id: '', because: '' })
  const save = useWrite(
    ({ id, ...body }: Schemas['WrongReadingRequest'] & { id: string }, writeId) =>
      unwrap(
        api.POST('/api/projects/{projectId}/readings/{id}/wrong', {
          params: { path: { projectId, id } },
          body,
          ...write(writeId),
        }),
      ),
    { said: () => t('reading.wrongKept'), done: () => form.reset() },
  )
  const nameOf = (p: Measured['points'][number]) => `${p.spot}: ${units.say(p.value, p.unit, READABLE)}`
  const counting = new Map(m.points.filter((p) => !p.wrongBecause).map((p) => [p.id, nameOf(p)]))
  return (
    <details className="text-sm">
      <summary className="cursor-pointer py-2">{t('reading.wrong')}</summary>
      <ul className="quiet">
        {m.points
          .filter((p) => p.wrongBecause)
          .map((p) => (
            <li key={p.id}>
              <s>{nameOf(p)}</s> {p.wrongBecause}
            </li>
          ))}
      </ul>
      {counting.size > 0 && (
        <Form form={form} save={save} label={t('reading.countsNoMore')} aside onSubmit={(v) => save.mutate(v)}>
          <Pick
            name="id"
            label={t('reading.whichWrong')}
            none={t('reading.choose')}
            of={[...counting.keys()]}
            say={(id) => counting.get(id)!}
          />
          <Line name="because" label={t('reading.because')} maxLength={400} />
        </Form>
      )}
    </details>
  )
}
