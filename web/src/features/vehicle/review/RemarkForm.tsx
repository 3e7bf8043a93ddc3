import { useState } from 'react'
import { z } from 'zod'
import { useTranslation } from 'react-i18next'
import { api, unwrap, write, type Schemas } from '@/api/client'
import { useWrite } from '@/api/useWrite'
import { Form } from '@/ui/form/Form'
import { Line, Note } from '@/ui/form/named'
import { line } from '@/ui/form/rules'
import { useFields } from '@/ui/form/useFields'
import { tokenHeader } from './review'

export type About = { zone: string } | { findingId: string }

/** Says something about a place or a finding. */
export function RemarkForm({
  token,
  about,
  aboutName,
  onSent,
}: {
  token: string
  about: About | undefined
  aboutName: string | undefined
  onSent: () => void
}) {
  const { t } = useTranslation()
  const there = (max: number) => line(t('form.missing'), max)
  const form = useFields(z.object({ author: there(120), words: there(4000) }), { author: '', words: '' })
  const [id, setId] = useState(() => crypto.randomUUID())
  const [sent, setSent] = useState(false)
  const send = useWrite(
    (body: Schemas['NewRemarkRequest'], writeId) =>
      unwrap(
        api.POST('/api/review/remarks', {
          params: { header: tokenHeader(token) },
          body,
          headers: { ...write(writeId).headers, ...tokenHeader(token) },
        }),
      ),
    {
      done: () => {
        form.resetField('words')
        setId(crypto.randomUUID())
        setSent(true)
        onSent()
      },
    },
  )
  return (
    <Form
      form={form}
      save={send}
      label={t('outside.send')}
      disabled={!about}
      className="card-sheet p-4"
      onSubmit={(remark) => about && send.mutate({ id, ...remark, ...about })}
    >
      <p className="font-semibold" aria-live="polite">
        {aboutName ? t('outside.about', { what: aboutName }) : sent ? t('outside.sent') : t('outside.pressSomething')}
      </p>
      <Line name="author" label={t('outside.name')} />
      <Note name="words" label={t('outside.words')} />
    </Form>
  )
}
