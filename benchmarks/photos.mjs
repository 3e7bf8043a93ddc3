// 200 photos in a row, of all sizes that phones make, sent as they are; then the most memory that the server ever had.
// node benchmarks/photos.mjs URL PASSWORD PID FOLDER; ends with 1 where one is not taken or the server had more than 512 MB.
import { readFileSync, readdirSync } from 'node:fs'
import { client } from './client.mjs'

const [url, password, pid, folder] = process.argv.slice(2)
const MOST_MB = 512
const garage = await client(url).signIn(password)
const [{ id }] = await garage.call('GET', '/api/projects')
const [finding] = await garage.call('GET', `/api/projects/${id}/findings`)
const photos = readdirSync(folder).filter((f) => f.endsWith('.jpg'))
const took = new Map()
let failed = 0
for (let i = 0; i < 200; i++) {
  const name = photos[i % photos.length]
  const from = performance.now()
  const query = new URLSearchParams({ id: crypto.randomUUID(), subject: 'FINDING', subjectId: finding.id, fileName: name })
  const answer = await garage.send('POST', `/api/attachments?${query}`, readFileSync(`${folder}/${name}`), { type: 'image/jpeg' })
  if (answer.status !== 201) {
    failed++
    console.log(name, answer.status, answer.text)
  }
  took.set(name, Math.max(took.get(name) ?? 0, performance.now() - from))
}
const most = Number(/VmHWM:\s+(\d+)/.exec(readFileSync(`/proc/${pid}/status`, 'utf8'))[1]) / 1024
const line = (what, said) => console.log(what.padEnd(58), said)
for (const [name, ms] of took) line(`the slowest of ${name}`, `${(ms / 1000).toFixed(1)} s`)
line('200 photos: not taken', failed)
line('… the most memory that the server had (resident)', `${Math.round(most)} MB`)
process.exit(failed > 0 || most > MOST_MB ? 1 : 0)
