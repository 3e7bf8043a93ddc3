import { useWatch } from 'react-hook-form'
import { z } from 'zod'
import { useTranslation } from 'react-i18next'
import { api, unwrap, write, type Schemas } from '@/api/client'
import { useWrite } from '@/api/useWrite'
import { Form } from '@/ui/form/Form'
import { Line, Whole } from '@/ui/form/named'
import { whole } from '@/ui/form/rules'
import { useFields } from '@/ui/form/useFields'
import { ProblemAlert } from '@/ui/page/Feedback'

/** What went out is counted as it comes back; or whoever had it gave up. */
export function BackForm({ sentOut: { row } }: { sentOut: Schemas['SentOutResponse'] }) {
  const { t } = useTranslation()
  const form = useFields(z.object({ piecesBack: whole(t('form.whole'), { min: 0 }), note: z.string() }), {
    piecesBack: '',
    note: '',
  })
  const [count, note] = useWatch({ control: form.control, name: ['piecesBack', 'note'] })
  const path = { params: { path: { id: row.id } } }
  const back = useWrite(
    (body: Schemas['BackRequest'], id) => unwrap(api.POST('/api/sent-out/{id}/back', { ...path, body, ...write(id) })),
    { said: () => t('away.counted') },
  )
  const refused = useWrite(
    (body: Schemas['RefusedRequest'], id) =>
      unwrap(api.POST('/api/sent-out/{id}/refused', { ...path, body, ...write(id) })),
    { said: () => t('away.refusedKept') },
  )
  const short = count !== '' && Number(count) < row.pieces
  return (
    <div className="grid gap-2">
      <Form
        form={form}
        save={back}
        label={t('away.back')}
        inRow
        onSubmit={(v) => back.mutate({ ...v, version: row.version })}
      >
        <Whole name="piecesBack" label={t('away.count', { count: row.pieces })} />
        <Line name="note" label={t(short ? 'away.whereMissing' : 'away.reasonOrNote')} />
      </Form>
      {row.state === 'AWAY' && (
        <div>
          <button
            type="button"
            className="btn"
            disabled={note.trim() === '' || refused.isPending}
            onClick={() => refused.mutate({ reason: note, version: row.version })}
          >
            {t('away.gaveUp')}
          </button>
        </div>
      )}
      <ProblemAlert error={refused.error} />
    </div>
  )
}
