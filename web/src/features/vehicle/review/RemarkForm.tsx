import { useState } from 'react'
import { useTranslation } from 'react-i18next'
import { api, unwrap, write, type Schemas } from '@/api/client'
import { useWrite } from '@/api/useWrite'
import { ProblemAlert } from '@/ui/page/Feedback'
import { NoteField, TextField } from '@/ui/form/Field'
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
  const [author, setAuthor] = useState('')
  const [words, setWords] = useState('')
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
        setWords('')
        setId(crypto.randomUUID())
        setSent(true)
        onSent()
      },
    },
  )
  return (
    <form
      className="card-sheet grid gap-3 p-4"
      onSubmit={(e) => {
        e.preventDefault()
        if (about) send.mutate({ id, author, words, ...about })
      }}
    >
      <p className="font-semibold" aria-live="polite">
        {aboutName ? t('outside.about', { what: aboutName }) : sent ? t('outside.sent') : t('outside.pressSomething')}
      </p>
      <TextField label={t('outside.name')} value={author} maxLength={120} onChange={(e) => setAuthor(e.target.value)} />
      <NoteField label={t('outside.words')} value={words} maxLength={4000} onChange={(e) => setWords(e.target.value)} />
      <ProblemAlert error={send.error} />
      <button type="submit" className="btn btn-primary" disabled={!about || send.isPending}>
        {t('outside.send')}
      </button>
    </form>
  )
}
