// Talks to a running garage as a browser would.
let url = ''
const cookies = new Map()

export async function call(method, path, body) {
  const response = await fetch(url + path, {
    method,
    headers: {
      Cookie: [...cookies].map(([k, v]) => `${k}=${v}`).join('; '),
      ...(method !== 'GET' && {
        'Content-Type': 'application/json',
        'Write-Id': crypto.randomUUID(),
        'X-XSRF-TOKEN': cookies.get('XSRF-TOKEN') ?? '',
      }),
    },
    ...(body && { body: JSON.stringify(body) }),
  })
  for (const cookie of response.headers.getSetCookie()) {
    const [, name, value] = /^([^=]+)=([^;]*)/.exec(cookie)
    cookies.set(name, value)
  }
  const text = await response.text()
  if (!response.ok) throw new Error(`${method} ${path}: ${response.status} ${text}`)
  return text ? JSON.parse(text) : undefined
}

export async function signIn(at, password) {
  url = at
  await call('GET', '/api/session')
  await call('POST', '/api/sign-in', { name: 'ines', password })
}

/** The time below which 95 in 100 of the calls are, in milliseconds. */
export async function p95(run, times = 40) {
  const took = []
  for (let i = 0; i < times + 10; i++) {
    const from = performance.now()
    await run(i)
    if (i >= 10) took.push(performance.now() - from)
  }
  took.sort((a, b) => a - b)
  return Math.round(took[Math.ceil(took.length * 0.95) - 1])
}
