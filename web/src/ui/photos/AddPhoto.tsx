import { useEffect, useRef } from 'react'
import type { Subject } from '@/api/client'
import { ProblemAlert } from '../page/Feedback'
import { ChosenPhotos } from './ChosenPhotos'
import { PhotoButton } from './PhotoButton'
import { usePhotos } from './usePhotos'

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
      <ChosenPhotos photos={photos.mine} onRemove={photos.remove} />
      <ProblemAlert error={photos.refused} />
      <ProblemAlert error={photos.failed} again={() => void photos.again()} />
    </div>
  )
}
