type Body = Record<string, unknown>
export type Sent = { method: string; path: string; query: URLSearchParams; body: Body; writeId: string | null }
type Reply = unknown | ((sent: Sent) => unknown)

/** An answer other than 200. */
export class Refusal {
  constructor(
    readonly status: number,
    readonly body: Body,
  ) {}
}

/** Stands where the server stands, behind fetch: tests say what it answers, and see what it was sent. */
class Server {
  private replies = new Map<string, Reply>()
  readonly sent: Sent[] = []

  reset() {
    this.replies = new Map()
    this.sent.length = 0
  }

  /** when('GET /api/projects', […]) */
  when(request: string, reply: Reply) {
    this.replies.set(request, reply)
    return this
  }

  /** What it answers where the test does not say otherwise. */
  unlessSaid(request: string, reply: Reply) {
    if (!this.replies.has(request)) this.replies.set(request, reply)
    return this
  }

  /** What was written to a path, in order. */
  writes(request: string): Sent[] {
    return this.sent.filter((s) => `${s.method} ${s.path}` === request)
  }

  async answer(request: Request): Promise<Response> {
    const url = new URL(request.url)
    const text = request.method === 'GET' ? '' : await request.text()
    const sent: Sent = {
      method: request.method,
      path: url.pathname,
      query: url.searchParams,
      body: text.startsWith('{') ? (JSON.parse(text) as Body) : {},
      writeId: request.headers.get('Write-Id'),
    }
    this.sent.push(sent)
    const key = `${sent.method} ${sent.path}`
    if (!this.replies.has(key)) throw new Error(`the test says no answer to ${key}`)
    const reply = this.replies.get(key)
    const body: unknown = await (typeof reply === 'function' ? (reply as (s: Sent) => unknown)(sent) : reply)
    if (body instanceof Refusal) return json(body.status, body.body)
    return body === undefined ? new Response(null, { status: 204 }) : json(200, body)
  }
}

const json = (status: number, body: unknown) =>
  new Response(JSON.stringify(body), { status, headers: { 'Content-Type': 'application/json' } })

export const server = new Server()
