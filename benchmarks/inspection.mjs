// Fills one vehicle with 300 findings and 600 answers to checks, and measures its pages.
// Called by measure: node benchmarks/inspection.mjs URL PASSWORD
import { call, signIn, startACar } from './client.mjs'

const [url, password] = process.argv.slice(2)
await signIn(url, password)
const today = new Date().toISOString().slice(0, 10)
const id = await startACar({ state: 'LOOKING' })
const project = `/api/projects/${id}`
const { steps } = await call('GET', `${project}/checks`)
const seen = ['GOOD', 'GOOD', 'DOUBTFUL', 'NOT_OPENED', 'BAD']
const answers = Array.from({ length: 600 }, (_, i) => ({
  id: crypto.randomUUID(),
  checkId: steps[i % steps.length].checkId,
  place: steps[i % steps.length].place,
  seen: seen[i % seen.length],
  howSeen: 'WALKED_ROUND',
  covered: false,
  another: false,
}))
await call('POST', `${project}/answers`, { answers })
const zones = steps.filter((s) => s.zone).map((s) => s.zone)
const kinds = ['SURFACE_RUST', 'WORN', 'DENT', 'LEAK', 'DOUBT']
const findings = Array.from({ length: 300 }, (_, i) => ({
  id: crypto.randomUUID(),
  fields: { zone: zones[i % zones.length], kind: kinds[i % kinds.length], covered: false, foundOn: today, note: 'seen' },
}))
for (const finding of findings) await call('POST', `${project}/findings`, finding)
for (let i = 0; i < 300; i++)
  await call('POST', `${project}/jobs`, {
    id: crypto.randomUUID(),
    fields: { title: `Job ${i}`, operation: 'INSPECT', zone: zones[i % zones.length], aim: 'ROAD_READY' },
  })
for (const minor of [800000, 900000, 1000000])
  await call('POST', `${project}/buying/comparables`, {
    id: crypto.randomUUID(),
    title: 'like it',
    minor,
    sold: true,
    seenOn: today,
  })

for (const page of ['/checks', '/findings', '/estimates', '/decisions', '/readings', '/buying', '/road']) {
  const times = []
  for (let i = 0; i < 140; i++) {
    const from = performance.now()
    await call('GET', project + page)
    if (i >= 40) times.push(performance.now() - from)
  }
  times.sort((a, b) => a - b)
  const at = (share) => times[Math.floor(times.length * share)].toFixed(0)
  console.log(`600 answers, 300 findings, 300 jobs: GET ${page}`.padEnd(58), `${at(0.95)} ms (median ${at(0.5)})`)
}
