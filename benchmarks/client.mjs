/**
 * Talks to a running garage as a browser would: with cookies, the token against forgery, and an id for each change.
 *
 * @param at the address, or what says the address that it has now
 */
export function client(at) {
  const address = typeof at === 'function' ? at : () => at
  const cookies = new Map()
  const headers = (writeId, type) => ({
    Cookie: [...cookies].map(([k, v]) => `${k}=${v}`).join('; '),
    ...(writeId && { 'Content-Type': type, 'Write-Id': writeId, 'X-XSRF-TOKEN': cookies.get('XSRF-TOKEN') ?? '' }),
  })

  /** @returns the answer, whatever it says; throws when there is none */
  async function send(method, path, body, { writeId = crypto.randomUUID(), type = 'application/json' } = {}) {
    const response = await fetch(address() + path, {
      method,
      headers: headers(method === 'GET' ? undefined : writeId, type),
      ...(body !== undefined && { body: type === 'application/json' ? JSON.stringify(body) : body }),
    })
    for (const cookie of response.headers.getSetCookie()) {
      const [, name, value] = /^([^=]+)=([^;]*)/.exec(cookie)
      cookies.set(name, value)
    }
    const text = await response.text()
    return { ok: response.ok, status: response.status, text }
  }

  async function call(method, path, body, options) {
    const { ok, status, text } = await send(method, path, body, options)
    if (!ok) throw new Error(`${method} ${path}: ${status} ${text}`)
    return text ? JSON.parse(text) : undefined
  }

  return {
    send,
    call,
    headers,
    async signIn(password) {
      await call('GET', '/api/session')
      await call('POST', '/api/sign-in', { name: 'ines', password })
      return this
    },
  }
}

let one
/** The only client of a script that has one. */
export const call = (...request) => one.call(...request)
export async function signIn(at, password) {
  one = await client(at).signIn(password)
}

/** A vehicle to measure: its id. */
export async function startACar(said) {
  const id = crypto.randomUUID()
  await call('POST', '/api/projects', {
    id,
    vehicleId: crypto.randomUUID(),
    bodyStyle: 'ESTATE',
    begunOn: new Date().toISOString().slice(0, 10),
    fields: {
      vehicleName: 'measured',
      builtYear: 1969,
      layout: 'FRONT_ENGINE_REAR_DRIVE',
      driverSide: 'LEFT',
      aim: 'DRIVER',
      state: 'ACTIVE',
      budgetMinor: 0,
      monthlyMinor: 0,
      ...said,
    },
  })
  return id
}

/** The value below which a share of all is. */
export function percentile(values, share) {
  const sorted = [...values].sort((a, b) => a - b)
  return Math.round(sorted[Math.max(0, Math.ceil(sorted.length * share) - 1)])
}

/**
 * The time below which 95 in 100 of the calls are, in milliseconds.
 *
 * @param before done before each of them, not measured
 */
export async function p95(run, times = 40, before = async () => {}) {
  const took = []
  for (let i = 0; i < times + 10; i++) {
    await before(i)
    const from = performance.now()
    await run(i)
    if (i >= 10) took.push(performance.now() - from)
  }
  return percentile(took, 0.95)
}
