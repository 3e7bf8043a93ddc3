// Twenty people at once, each with two seconds to think, while a telephone with a bad line sends a photo byte by byte.
// node benchmarks/load.mjs URL PASSWORD [SECONDS]; ends with 1 where reads take longer than 500 ms or writes than 1 s, 95 in 100.
import { connect } from 'node:net'
import { client, percentile } from './client.mjs'

const [url, password, seconds = '60'] = process.argv.slice(2)
const MOST_READ_MS = 500
const MOST_WRITE_MS = 1000
const PEOPLE = 20
const THINK_MS = 2000

const first = await client(url).signIn(password)
const [{ id }] = await first.call('GET', '/api/projects')
const project = `/api/projects/${id}`
const today = new Date().toISOString().slice(0, 10)
const [finding] = await first.call('GET', `${project}/findings`)

/** Sends 100 bytes each half second of a photo that is said to have 3 MB. */
function drip() {
  const { hostname, port } = new URL(url)
  const head = first.headers(crypto.randomUUID(), 'image/jpeg')
  const socket = connect(Number(port), hostname, () => {
    socket.write(
      `POST /api/attachments?id=${crypto.randomUUID()}&subject=FINDING&subjectId=${finding.id}&fileName=slow.jpg HTTP/1.1\r\n` +
        `Host: ${hostname}:${port}\r\nContent-Length: 3000000\r\n` +
        Object.entries(head)
          .map(([k, v]) => `${k}: ${v}\r\n`)
          .join('') +
        '\r\n',
    )
  })
  socket.on('error', () => {})
  const timer = setInterval(() => socket.writable && socket.write(Buffer.alloc(100)), 500)
  let answer = ''
  socket.on('data', (data) => (answer += data))
  return () => {
    clearInterval(timer)
    socket.destroy()
    return answer.split('\r\n')[0] || 'no answer yet'
  }
}

const reads = ['today', 'findings', 'jobs', 'needs', 'plan', 'money', 'checks', 'work-sessions']
const writes = [
  (c) =>
    c.send('POST', `${project}/findings`, {
      id: crypto.randomUUID(),
      fields: { zone: 'bonnet', kind: 'DENT', covered: false, foundOn: today },
    }),
  (c) => c.send('POST', '/api/places', { id: crypto.randomUUID(), name: 'Bag', kind: 'BAG' }),
  (c) => c.send('POST', `${project}/plan/follow`, {}),
  (c) =>
    c.send('POST', `${project}/jobs`, {
      id: crypto.randomUUID(),
      fields: { title: 'Clean', after: [], effort: { optimisticMinutes: 15, likelyMinutes: 15, pessimisticMinutes: 30 } },
    }),
]

const took = { read: [], write: [] }
const refused = new Map()

const people = []
for (let n = 0; n < PEOPLE; n++) people.push(await client(url).signIn(password)) // one after the other, as people come

async function person(mine, number) {
  await new Promise((on) => setTimeout(on, (number * THINK_MS) / PEOPLE))
  for (let i = number; Date.now() < end; i++) {
    const kind = i % 3 === 0 ? 'write' : 'read'
    const from = performance.now()
    const answer =
      kind === 'write'
        ? await writes[i % writes.length](mine)
        : await mine.send('GET', `${project}/${reads[i % reads.length]}`)
    took[kind].push(performance.now() - from)
    if (!answer.ok) refused.set(answer.status, (refused.get(answer.status) ?? 0) + 1)
    await new Promise((on) => setTimeout(on, THINK_MS))
  }
}

const end = Date.now() + Number(seconds) * 1000
const stop = drip()
await Promise.all(people.map(person))
const dripped = stop()
const line = (what, said) => console.log(what.padEnd(58), said)
const of = (kind) => `${percentile(took[kind], 0.5)} ms, 95 in 100 ${percentile(took[kind], 0.95)} ms (${took[kind].length})`
line(`${PEOPLE} people for ${seconds} s: reads`, of('read'))
line('… writes', of('write'))
line('… refused', refused.size === 0 ? 'none' : JSON.stringify([...refused]))
line('… the dripping photo', dripped)
const slow = percentile(took.read, 0.95) > MOST_READ_MS || percentile(took.write, 0.95) > MOST_WRITE_MS
process.exit(slow || refused.size > 0 ? 1 : 0)
