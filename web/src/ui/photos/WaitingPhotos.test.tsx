import { act, screen, waitFor } from '@testing-library/react'
import { afterEach, expect, it, vi } from 'vitest'
import { waitingPhotos } from '@/api/photos/waiting'
import { show } from '@/test/page'
import { server } from '@/test/server'
import { Photos } from './Photos'
import { WaitingPhotos } from './WaitingPhotos'

afterEach(() => vi.restoreAllMocks())

/** The page is loaded anew: the list was asked for before the photo was stored, and answers after it. */
it('shows a photo that was stored while the list of photos was still on its way', async () => {
  let stored: object[] = []
  const answers: (() => void)[] = []
  server.when('GET /api/attachments', () => {
    const asked = stored
    return answers.length > 0 ? asked : new Promise((resolve) => answers.push(() => resolve(asked)))
  })
  vi.spyOn(waitingPhotos, 'due').mockReturnValueOnce(['p']).mockReturnValue([])
  vi.spyOn(waitingPhotos, 'send').mockImplementation(() => {
    stored = [{ id: 'p', fileName: 'later.png', width: 10 }]
    return Promise.resolve()
  })
  show(
    <>
      <WaitingPhotos />
      <Photos subject="FINDING" subjectId="f" />
    </>,
  )
  await waitFor(() => expect(waitingPhotos.send).toHaveBeenCalled())
  await act(() => Promise.resolve(answers[0]!()))
  expect(await screen.findByAltText('Photo: later.png')).toBeInTheDocument()
})
