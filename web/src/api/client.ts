import createClient from 'openapi-fetch'
import type { components, paths } from './generated/schema'

export type Schemas = components['schemas']

/** An answer of the form application/problem+json: a sentence to show, a stable code, the facts. */
export class Problem extends Error {
  constructor(
    readonly status: number,
    readonly code: string,
    sentence: string,
    readonly field?: string,
    readonly stored?: unknown,
  ) {
    super(sentence)
  }

  /** Whether the same request may be sent again in a moment: nothing was done, or nobody answered. */
  get mayPass(): boolean {
    return this.code === 'network' || this.code === 'request.busy'
  }
}

const lost = 'No answer from Ofisino. What you typed is kept; check the connection and try again.'

function xsrfToken(): string {
  return document.cookie.match(/(?:^|; )XSRF-TOKEN=([^;]+)/)?.[1] ?? ''
}

/** In which the server answers: that of the page. */
const language = () => document.documentElement.lang || 'en-GB'

export const api = createClient<paths>({ baseUrl: '/' })
api.use({
  onRequest({ request }) {
    request.headers.set('Accept-Language', language())
    if (request.method !== 'GET') request.headers.set('X-XSRF-TOKEN', xsrfToken())
    return request
  },
})

/** Headers of a change: an id that stays the same however often it is sent. */
export const write = (writeId: string) => ({ headers: { 'Write-Id': writeId } })

type Answer<T> = { data?: T; error?: unknown; response: Response }

function problemOf(status: number, body: unknown): Problem {
  const b = (typeof body === 'object' && body !== null ? body : {}) as Record<string, unknown>
  const text = (key: string) => (typeof b[key] === 'string' ? (b[key] as string) : undefined)
  return new Problem(status, text('code') ?? `http.${status}`, text('detail') ?? lost, text('field'), b.stored)
}

/** The answer itself, or a Problem thrown. */
export async function unwrap<T>(call: Promise<Answer<T>>): Promise<T> {
  let answer: Answer<T>
  try {
    answer = await call
  } catch {
    throw new Problem(0, 'network', lost)
  }
  if (!answer.response.ok) throw problemOf(answer.response.status, answer.error)
  return answer.data as T
}

export type Photo = Schemas['AttachmentRow']

/**
 * Sends a file as it is: the generated client knows no progress.
 *
 * @param progress is told the share that has left, from 0 to 1
 */
export function upload(
  file: Blob,
  to: { id: string; subject: Subject; subjectId: string; fileName: string; takenAt?: string },
  writeId: string,
  progress: (share: number) => void = () => {},
): Promise<Photo> {
  return new Promise((done, failed) => {
    const request = new XMLHttpRequest()
    request.open('POST', `/api/attachments?${new URLSearchParams(to)}`)
    request.setRequestHeader('Content-Type', file.type || 'application/octet-stream')
    request.setRequestHeader('Write-Id', writeId)
    request.setRequestHeader('X-XSRF-TOKEN', xsrfToken())
    request.setRequestHeader('Accept-Language', language())
    request.responseType = 'json'
    request.upload.onprogress = (e) => progress(e.total > 0 ? e.loaded / e.total : 0)
    request.onload = () =>
      request.status < 300 ? done(request.response as Photo) : failed(problemOf(request.status, request.response))
    request.onerror = () => failed(new Problem(0, 'network', lost))
    request.ontimeout = request.onerror
    request.send(file)
  })
}

/** What a photo or receipt can belong to. */
export type Subject = paths['/api/attachments']['get']['parameters']['query']['subject']

export const thumbnailUrl = (id: string) => `/api/attachments/${id}/thumbnail`
export const fileUrl = (id: string) => `/api/attachments/${id}/file`
