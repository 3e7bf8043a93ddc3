import { useEffect, useRef, useState, useSyncExternalStore } from 'react'
import { useQuery, useQueryClient } from '@tanstack/react-query'
import { useTranslation } from 'react-i18next'
import { Camera, FileText, X } from 'lucide-react'
import { fileUrl, thumbnailUrl, type Subject } from '@/api/client'
import { announce } from '@/api/notices'
import { waitingPhotos, type Shown } from '@/api/photos/waiting'
import { attachmentsQuery, sessionQuery } from '@/api/queries'
import { ProblemAlert } from './Feedback'

/** Chooses a photo or receipt: from the camera on a phone, from a file at the desk. Phones turn their own formats into JPEG for it. */
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
        <Camera className="size-5" aria-hidden="true" />
        {label}
      </button>
      <input
        ref={input}
        type="file"
        hidden
        multiple
        aria-label={label}
        accept={receipts ? 'image/jpeg,image/png,application/pdf' : 'image/jpeg,image/png'}
        onChange={(e) => {
          const files = [...(e.target.files ?? [])]
          e.target.value = ''
          files.forEach(onFile)
        }}
      />
    </>
  )
}

/**
 * The photos of one sheet: chosen before it is saved, kept on the device, and sent as soon as it is known what they belong to.
 *
 * @param draft names the sheet, the same after the page is loaded anew
 */
export function usePhotos(draft: string, subject: Subject) {
  const queries = useQueryClient()
  const { t } = useTranslation()
  const accountId = useQuery(sessionQuery).data?.me?.accountId ?? ''
  const all = useSyncExternalStore(waitingPhotos.subscribe, waitingPhotos.get)
  const mine = all.filter((p) => p.draft === draft && p.accountId === accountId)
  const [to, setTo] = useState<string>()
  async function sendTo(subjectId: string): Promise<boolean> {
    if (mine.length === 0) return true
    setTo(subjectId)
    const ids = mine.map((p) => p.writeId)
    const done = await waitingPhotos.attach(draft, subject, subjectId)
    await queries.invalidateQueries()
    if (done) {
      setTo(undefined)
      announce({ text: t('photo.added', { count: ids.length }), undo: ids.length === 1 ? ids[0] : undefined })
    }
    return done
  }
  return {
    mine,
    add: (file: File) => void waitingPhotos.keep(file, draft, accountId),
    remove: (id: string) => void waitingPhotos.drop([id]),
    send: sendTo,
    /** Sends again what did not arrive; answers whether all of it has now. */
    again: () => sendTo(to ?? mine[0]?.to?.subjectId ?? ''),
    sending: mine.some((p) => p.step === 'sending'),
    failed: mine.find((p) => p.step === 'failed')?.problem,
    refused: mine.find((p) => p.step === 'refused')?.problem,
    /** Takes away what can never be stored; it was said why. */
    forgetRefused: () => void waitingPhotos.drop(mine.filter((p) => p.step === 'refused').map((p) => p.id)),
  }
}

export type SheetPhotos = ReturnType<typeof usePhotos>

/** Chooses photos for a sheet and shows those that were chosen. */
export function PhotoChoice({ photos, receipts }: { photos: SheetPhotos; receipts?: boolean }) {
  const { t } = useTranslation()
  return (
    <div className="grid gap-2">
      <div>
        <PhotoButton
          label={receipts ? t('photo.addReceipt') : t('photo.add')}
          {...(receipts && { receipts })}
          onFile={photos.add}
        />
      </div>
      <Chosen photos={photos.mine} onRemove={photos.remove} />
    </div>
  )
}

/** What is recorded already, while its photos are on their way; or why they are not stored, and what to do. */
export function PhotosOnTheWay({ photos, onDone }: { photos: SheetPhotos; onDone: () => void }) {
  const { t } = useTranslation()
  const again = () => void photos.again().then((all) => all && onDone())
  const notStored = photos.failed ?? photos.refused
  return (
    <div className="grid gap-3">
      <p role="status" className="font-semibold">
        {t(notStored ? 'photo.notStored' : 'photo.onTheWay', { count: photos.mine.length })}
      </p>
      <Chosen photos={photos.mine} onRemove={notStored ? photos.remove : undefined} />
      <ProblemAlert error={photos.refused} />
      <ProblemAlert error={photos.failed} again={again} />
      {notStored && (
        <div>
          <button
            type="button"
            className="btn"
            onClick={() => {
              photos.forgetRefused()
              onDone()
            }}
          >
            {t(photos.failed ? 'photo.later' : 'close')}
          </button>
        </div>
      )}
    </div>
  )
}

function Chosen({ photos, onRemove }: { photos: Shown[]; onRemove?: ((id: string) => void) | undefined }) {
  const { t } = useTranslation()
  if (photos.length === 0) return null
  return (
    <ul className="flex flex-wrap gap-2">
      {photos.map((p) => (
        <li key={p.id} className="w-36">
          <Preview photo={p} />
          <span className="flex items-center gap-1 text-sm">
            <span className="quiet grow truncate">
              {p.step === 'sending'
                ? t('photo.share', { share: Math.round(p.share * 100) })
                : p.step === 'shrinking'
                  ? t('photo.shrinking')
                  : p.name}
            </span>
            {onRemove && p.step !== 'sending' && (
              <button
                type="button"
                className="btn btn-square btn-ghost btn-sm size-11"
                aria-label={t('photo.remove', { name: p.name })}
                onClick={() => onRemove(p.id)}
              >
                <X className="size-4" aria-hidden="true" />
              </button>
            )}
          </span>
          {p.step === 'sending' && <progress className="progress progress-primary" value={p.share} max={1} />}
        </li>
      ))}
    </ul>
  )
}

function Preview({ photo: { blob, name } }: { photo: Shown }) {
  const image = useRef<HTMLImageElement>(null)
  const isPicture = blob.type.startsWith('image/')
  useEffect(() => {
    if (!image.current) return
    const url = URL.createObjectURL(blob)
    image.current.src = url
    return () => URL.revokeObjectURL(url)
  }, [blob])
  if (isPicture) return <img ref={image} alt={name} className="h-28 w-36 rounded border border-base-300 object-cover" />
  return (
    <span className="card-sheet flex h-28 items-center justify-center">
      <FileText aria-hidden="true" />
    </span>
  )
}

/** What is recorded but whose photos are not stored yet, on every page until they are. */
export function WaitingPhotos() {
  const { t } = useTranslation()
  const queries = useQueryClient()
  const accountId = useQuery(sessionQuery).data?.me?.accountId
  const all = useSyncExternalStore(waitingPhotos.subscribe, waitingPhotos.get)
  const mine = all.filter((p) => p.to && p.accountId === accountId && p.step !== 'refused')
  useEffect(() => {
    const sendAll = () => {
      const idle = waitingPhotos
        .get()
        .filter((p) => p.to && p.accountId === accountId && (p.step === 'kept' || p.step === 'failed'))
      if (accountId && idle.length > 0)
        void waitingPhotos.send(idle.map((p) => p.id)).then(() => void queries.invalidateQueries())
    }
    sendAll()
    addEventListener('online', sendAll)
    return () => removeEventListener('online', sendAll)
  }, [accountId, queries])
  if (mine.length === 0) return null
  const failed = mine.find((p) => p.step === 'failed')
  return (
    <div
      role="status"
      className="no-print flex flex-wrap items-center gap-x-4 gap-y-1 border-b-2 border-warning px-4 py-2"
    >
      <span className="font-semibold">{t(failed ? 'photo.notStored' : 'photo.onTheWay', { count: mine.length })}</span>
      {failed && (
        <>
          <span>{failed.problem?.message}</span>
          <button
            type="button"
            className="btn btn-sm min-h-11"
            onClick={() => void waitingPhotos.send(mine.map((p) => p.id)).then(() => void queries.invalidateQueries())}
          >
            {t('tryAgain')}
          </button>
          <button
            type="button"
            className="btn btn-ghost btn-sm min-h-11"
            onClick={() => void waitingPhotos.drop(mine.filter((p) => p.step === 'failed').map((p) => p.id))}
          >
            {t('photo.giveUp')}
          </button>
        </>
      )}
    </div>
  )
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

/** Adds photos to a thing that is recorded: each is sent as soon as it is chosen. */
export function AddPhoto({
  subject,
  subjectId,
  label,
  receipts,
}: {
  subject: Subject
  subjectId: string
  label: string
  receipts?: boolean
}) {
  const photos = usePhotos(`${subject}.${subjectId}`, subject)
  const chosen = photos.mine.filter((p) => !p.to && p.step === 'kept').length
  const sendChosen = photos.send
  const forget = useRef(photos.forgetRefused)
  useEffect(() => {
    forget.current = photos.forgetRefused
  })
  useEffect(() => () => forget.current(), [])
  useEffect(() => {
    if (chosen > 0) void sendChosen(subjectId)
    // eslint-disable-next-line react-hooks/exhaustive-deps -- once for each that is chosen
  }, [chosen, subjectId])
  return (
    <div className="grid gap-2">
      <div>
        <PhotoButton label={label} {...(receipts && { receipts })} onFile={photos.add} busy={photos.sending} />
      </div>
      <Chosen photos={photos.mine} onRemove={photos.remove} />
      <ProblemAlert error={photos.refused} />
      <ProblemAlert error={photos.failed} again={() => void photos.again()} />
    </div>
  )
}
