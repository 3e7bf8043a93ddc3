import { IDBFactory } from 'fake-indexeddb'
import { createStore, set } from 'idb-keyval'
import { afterEach, beforeEach, expect, it, vi } from 'vitest'
import { makeWaiting } from './waiting'

type Sent = {
  url: string
  headers: Record<string, string>
  body: Blob
  answer: (status: number, body?: unknown) => void
  lose: () => void
}

let sent: Sent[] = []

/** Stands where the browser's own request stands: the test says when it is answered, or lost. */
class Request {
  upload: { onprogress?: (e: { loaded: number; total: number }) => void } = {}
  status = 0
  response: unknown
  onload?: () => void
  onerror?: () => void
  private url = ''
  private headers: Record<string, string> = {}
  open(_: string, url: string) {
    this.url = url
  }
  setRequestHeader(name: string, value: string) {
    this.headers[name] = value
  }
  send(body: Blob) {
    sent.push({
      url: this.url,
      headers: this.headers,
      body,
      answer: (status, response) => {
        this.status = status
        this.response = response
        this.onload?.()
      },
      lose: () => this.onerror?.(),
    })
  }
}

/** The store as a page has it that was just loaded. */
async function loadedAnew() {
  const store = makeWaiting()
  await store.load()
  return store
}

beforeEach(() => {
  sent = []
  vi.stubGlobal('XMLHttpRequest', Request)
  vi.stubGlobal('indexedDB', new IDBFactory())
})
afterEach(() => vi.unstubAllGlobals())

const waits = { writeId: 'w', accountId: 'ines', draft: 'evening.b', name: 'sill.jpg', blob: new Blob(['a picture']) }
const photo = () => new File(['a picture'], 'sill.jpg', { type: 'image/jpeg' })
const next = async () => {
  await vi.waitFor(() => expect(sent.length).toBeGreaterThan(0))
  return sent.shift()!
}

it('keeps a photo until it is stored, over a page that is loaded anew', async () => {
  let store = await loadedAnew()
  await store.keep(photo(), 'finding.a', 'ines')
  store = await loadedAnew()
  expect(store.get()).toMatchObject([{ draft: 'finding.a', name: 'sill.jpg', step: 'kept' }])

  const first = store.attach('finding.a', 'FINDING', 'f1')
  const lost = await next()
  expect(lost.url).toContain('subjectId=f1')
  lost.lose()
  expect(await first).toBe(false)
  expect(store.get()[0]?.problem?.message).toContain('No answer from Ofisino')

  store = await loadedAnew()
  const [waits] = store.get()
  expect(waits).toMatchObject({ to: { subject: 'FINDING', subjectId: 'f1' } })
  const again = store.send([waits!.id])
  const second = await next()
  expect(second.headers['Write-Id']).toBe(lost.headers['Write-Id'])
  second.answer(201, { id: waits!.id })
  await again
  expect(store.get()).toEqual([])
  expect((await loadedAnew()).get()).toEqual([])
})

it('sends what was chosen before an upgrade under the name that it has now', async () => {
  await set(
    'old',
    { ...waits, id: 'old', to: { subject: 'EVENING', subjectId: 'e1' } },
    createStore('ofisino', 'photos'),
  )
  const store = await loadedAnew()
  expect(store.get()).toMatchObject([{ draft: 'workSession.b' }])
  const all = store.send(['old'])
  const one = await next()
  expect(one.url).toContain('subject=WORK_SESSION')
  one.answer(201, {})
  await all
})

it('sends one after the other, and one that is refused stops none', async () => {
  const store = await loadedAnew()
  await store.keep(photo(), 'workSession.b', 'ines')
  await store.keep(photo(), 'workSession.b', 'ines')
  const all = store.attach('workSession.b', 'WORK_SESSION', 'e1')
  const first = await next()
  expect(sent).toHaveLength(0)
  first.answer(422, { code: 'attachment.damaged', detail: 'This picture cannot be read.' })
  ;(await next()).answer(201, {})
  expect(await all).toBe(false)
  expect(store.get()).toMatchObject([{ step: 'refused', problem: { message: 'This picture cannot be read.' } }])
  expect((await loadedAnew()).get()).toEqual([])
})

it('may send again by itself what was lost, but not what the server turned down, and never for somebody else', async () => {
  const store = await loadedAnew()
  const after = async (answer: (sent: Sent) => void) => {
    const all = store.attach('job.c', 'JOB', 'j1')
    answer(await next())
    await all
    return store.due('ines').length
  }
  await store.keep(photo(), 'job.c', 'ines')
  expect(store.due('ines')).toEqual([]) // its sheet is not saved
  expect(await after((s) => s.lose())).toBe(1)
  expect(await after((s) => s.answer(503, { code: 'request.busy', detail: 'Busy.' }))).toBe(1)
  expect(store.due('tom')).toEqual([])
  expect(await after((s) => s.answer(403, { code: 'role', detail: 'Ask the owner.' }))).toBe(0)
})
