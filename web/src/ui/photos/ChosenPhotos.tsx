import { useEffect, useRef } from 'react'
import { useTranslation } from 'react-i18next'
import { FileText, X } from 'lucide-react'
import type { Shown } from '@/api/photos/waiting'

/** Those that are on the device, with how far each is sent. */
export function ChosenPhotos({ photos, onRemove }: { photos: Shown[]; onRemove?: ((id: string) => void) | undefined }) {
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
