import { createStore, delMany, entries, set } from 'idb-keyval'
import { Problem, upload, type Subject } from '../client'
import { shrink } from './shrink'

/** A photo or receipt on this device that is not stored in the garage yet. */
export type Waiting = {
  id: string
  writeId: string
  /** Who chose it: nobody else sends it. */
  accountId: string
  /** Of which sheet, until it is saved. */
  draft: string
  name: string
  blob: Blob
  takenAt?: string
  /** What it belongs to, as soon as that is recorded. */
  to?: { subject: Subject; subjectId: string }
}

/** What photos were chosen for before an upgrade, under the names of then. */
const renamed: Record<string, Subject> = { EVENING: 'WORK_SESSION', LOOK: 'SECOND_LOOK' }

function asCalledNow({ draft, to, ...photo }: Waiting): Waiting {
  return {
    ...photo,
    draft: draft.replace(/^evening\./, 'workSession.'),
    ...(to && { to: { ...to, subject: renamed[to.subject] ?? to.subject } }),
  }
}

export type State = {
  /** Failed: it may be sent again. Refused: it is nothing that can be stored, and never will be. */
  step: 'shrinking' | 'kept' | 'sending' | 'failed' | 'refused'
  /** Of it that is sent, from 0 to 1. */
  share: number
  problem?: Problem | undefined
}
export type Shown = Waiting & State

/** A lost connection, a busy server, a sign-in that ended. */
function passesByItself(problem?: Problem): boolean {
  const status = problem?.status ?? 0
  return status < 400 || status >= 500 || [401, 408, 429].includes(status)
}

function stored({ id, writeId, accountId, draft, name, blob, takenAt, to }: Waiting): Waiting {
  return { id, writeId, accountId, draft, name, blob, ...(takenAt && { takenAt }), ...(to && { to }) }
}

/** The photos that wait on a device; they outlive the page, where the browser has room for them. */
export function makeWaiting() {
  const store = typeof indexedDB === 'undefined' ? undefined : createStore('ofisino', 'photos')
  const listeners = new Set<() => void>()
  let all: Shown[] = []
  let sending: Promise<void> = Promise.resolve()

  function put(changed: Shown[]) {
    all = changed
    listeners.forEach((listen) => listen())
  }

  const change = (id: string, by: Partial<Shown>) => put(all.map((p) => (p.id === id ? { ...p, ...by } : p)))

  const keepOnDevice = async (photo: Waiting) => {
    if (store) await set(photo.id, stored(photo), store)
  }

  function subscribe(listen: () => void) {
    listeners.add(listen)
    return () => listeners.delete(listen)
  }

  /** What the device still has from before the page was loaded. */
  async function load() {
    if (!store) return
    const kept = await entries<string, Waiting>(store)
    const known = new Set(all.map((p) => p.id))
    put([
      ...all,
      ...kept.filter(([id]) => !known.has(id)).map(([, p]) => ({ ...asCalledNow(p), step: 'kept' as const, share: 0 })),
    ])
  }

  /** Makes a photo smaller and keeps it on the device until it is sent. */
  async function keep(file: File, draft: string, accountId: string) {
    const photo: Shown = {
      id: crypto.randomUUID(),
      writeId: crypto.randomUUID(),
      accountId,
      draft,
      name: file.name,
      blob: file,
      step: 'shrinking',
      share: 0,
    }
    put([...all, photo])
    const shrunk = await shrink(file)
    const still = all.find((p) => p.id === photo.id)
    if (!still) return // taken away meanwhile
    await keepOnDevice({ ...still, ...shrunk })
    change(photo.id, { ...shrunk, step: 'kept' })
  }

  async function drop(ids: string[]) {
    put(all.filter((p) => !ids.includes(p.id)))
    if (store) await delMany(ids, store)
  }

  /**
   * Says what the photos of a saved sheet belong to, and sends them.
   *
   * @returns whether all of them are stored; those that are not stay on the device, also when the page is loaded anew
   */
  async function attach(draft: string, subject: Subject, subjectId: string): Promise<boolean> {
    while (all.some((p) => p.draft === draft && p.step === 'shrinking')) await nextChange()
    const mine = all.filter((p) => p.draft === draft && p.step !== 'refused').map((p) => p.id)
    put(all.map((p) => (mine.includes(p.id) ? { ...p, to: { subject, subjectId } } : p)))
    for (const p of all.filter((x) => mine.includes(x.id))) await keepOnDevice(p)
    await send(mine)
    return !all.some((p) => mine.includes(p.id))
  }

  function nextChange() {
    return new Promise<void>((done) => {
      const unsubscribe = subscribe(() => {
        unsubscribe()
        done()
      })
    })
  }

  /** What this person may send now without being asked: all but what the server turned down, which is theirs to decide. */
  function due(accountId: string): string[] {
    return all
      .filter((p) => p.to && p.accountId === accountId)
      .filter((p) => p.step === 'kept' || (p.step === 'failed' && passesByItself(p.problem)))
      .map((p) => p.id)
  }

  /** Sends what waits, one after the other; what fails stays and says why. */
  function send(ids: string[]): Promise<void> {
    sending = sending.then(async () => {
      for (const id of ids) await sendOne(id)
    })
    return sending
  }

  async function sendOne(id: string) {
    const photo = all.find((p) => p.id === id)
    if (!photo?.to) return
    change(id, { step: 'sending', share: 0, problem: undefined })
    try {
      await upload(
        photo.blob,
        { id, ...photo.to, fileName: photo.name, ...(photo.takenAt && { takenAt: photo.takenAt }) },
        photo.writeId,
        (share) => change(id, { share }),
      )
      await drop([id])
    } catch (failure) {
      const problem = failure as Problem
      const refused = [413, 415, 422].includes(problem.status)
      if (refused && store) await delMany([id], store)
      change(id, { step: refused ? 'refused' : 'failed', problem })
    }
  }

  return { subscribe, get: () => all, load, keep, drop, attach, due, send }
}

/** Those of this page. */
export const waitingPhotos = makeWaiting()
