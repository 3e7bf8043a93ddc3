import { useRef, useState } from 'react'
import { useQuery, useQueryClient } from '@tanstack/react-query'
import { useTranslation } from 'react-i18next'
import { Camera, FileText } from 'lucide-react'
import { fileUrl, thumbnailUrl, upload, type Subject } from '@/api/client'
import { attachmentsQuery } from '@/api/queries'
import { announce } from '@/api/notices'
import { ProblemAlert } from './Feedback'

/** Chooses a photo or receipt: from the camera on a phone, from a file at the desk. */
export function PhotoButton({
  label,
  onFile,
  busy,
  receipts,
}: {
  label: string
  onFile: (file: File) => void
  busy?: boolean
  receipts?: boolean
}) {
  const input = useRef<HTMLInputElement>(null)
  return (
    <>
      <button type="button" className="btn" disabled={busy} onClick={() => input.current?.click()}>
        {busy ? (
          <span className="loading loading-spinner loading-sm" aria-hidden="true" />
        ) : (
          <Camera className="size-5" aria-hidden="true" />
        )}
        {label}
      </button>
      <input
        ref={input}
        type="file"
        hidden
        aria-label={label}
        accept={receipts ? 'image/jpeg,image/png,application/pdf' : 'image/jpeg,image/png'}
        onChange={(e) => {
          const file = e.target.files?.[0]
          e.target.value = ''
          if (file) onFile(file)
        }}
      />
    </>
  )
}

/** Uploads one after the other; a photo whose answer was lost is sent again under the same id. */
export function useUpload(subject: Subject) {
  const queries = useQueryClient()
  const { t } = useTranslation()
  const [busy, setBusy] = useState(false)
  const [error, setError] = useState<Error | null>(null)
  async function send(file: File, subjectId: string) {
    const id = crypto.randomUUID()
    const writeId = crypto.randomUUID()
    setBusy(true)
    setError(null)
    try {
      await upload(file, subject, subjectId, id, writeId).catch(() => upload(file, subject, subjectId, id, writeId))
      await queries.invalidateQueries()
      announce({ text: t('photo.added'), undo: writeId })
    } catch (failed) {
      setError(failed as Error)
    } finally {
      setBusy(false)
    }
  }
  return { send, busy, error }
}

/** The photos and receipts of one thing, with the button to add another. */
export function Photos({
  subject,
  subjectId,
  receipts,
  readOnly,
}: {
  subject: Subject
  subjectId: string
  receipts?: boolean
  readOnly?: boolean
}) {
  const { t } = useTranslation()
  const { data } = useQuery(attachmentsQuery(subject, subjectId))
  const { send, busy, error } = useUpload(subject)
  return (
    <div className="grid gap-2">
      {data && data.length > 0 && (
        <ul className="flex flex-wrap gap-2">
          {data.map((a) => (
            <li key={a.id}>
              <a href={fileUrl(a.id)} target="_blank" rel="noreferrer" className="block">
                {a.width ? (
                  <img
                    src={thumbnailUrl(a.id)}
                    alt={t('photo.of', { name: a.fileName })}
                    className="h-28 w-36 rounded border border-base-300 object-cover"
                    loading="lazy"
                  />
                ) : (
                  <span className="card-sheet flex h-28 w-36 flex-col items-center justify-center gap-1 p-2 text-center text-sm">
                    <FileText aria-hidden="true" />
                    <span className="line-clamp-2 break-all">{a.fileName}</span>
                  </span>
                )}
              </a>
            </li>
          ))}
        </ul>
      )}
      <ProblemAlert error={error} />
      {!readOnly && (
        <div>
          <PhotoButton
            label={receipts ? t('photo.addReceipt') : t('photo.add')}
            receipts={receipts}
            busy={busy}
            onFile={(f) => void send(f, subjectId)}
          />
        </div>
      )}
    </div>
  )
}
