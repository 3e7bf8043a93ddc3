import { useState, useSyncExternalStore } from 'react'
import { useQuery, useQueryClient } from '@tanstack/react-query'
import { useTranslation } from 'react-i18next'
import type { Subject } from '@/api/client'
import { lookAgain } from '@/api/lookAgain'
import { announce } from '@/api/notices'
import { waitingPhotos } from '@/api/photos/waiting'
import { sessionQuery } from '@/api/queries'

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
    await lookAgain(queries)
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
