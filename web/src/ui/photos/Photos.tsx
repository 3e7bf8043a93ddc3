import { useQuery } from '@tanstack/react-query'
import { useTranslation } from 'react-i18next'
import { FileText } from 'lucide-react'
import { fileUrl, thumbnailUrl, type Subject } from '@/api/client'
import { attachmentsQuery } from '@/api/queries'
import { ProblemAlert } from '../page/Feedback'
import { AddPhoto } from './AddPhoto'

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
  const { data, error, refetch } = useQuery(attachmentsQuery(subject, subjectId))
  return (
    <div className="grid gap-2">
      <ProblemAlert error={error} again={() => void refetch()} />
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
      {!readOnly && (
        <AddPhoto
          subject={subject}
          subjectId={subjectId}
          label={receipts ? t('photo.addReceipt') : t('photo.add')}
          {...(receipts && { receipts })}
        />
      )}
    </div>
  )
}
