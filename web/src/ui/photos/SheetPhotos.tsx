import { useTranslation } from 'react-i18next'
import { ProblemAlert } from '../page/Feedback'
import { ChosenPhotos } from './ChosenPhotos'
import { PhotoButton } from './PhotoButton'
import type { SheetPhotos } from './usePhotos'

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
      <ChosenPhotos photos={photos.mine} onRemove={photos.remove} />
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
      <ChosenPhotos photos={photos.mine} onRemove={notStored ? photos.remove : undefined} />
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
