// Fills one vehicle with 300 jobs and their ways in, and measures its plan.
// Called by measure: node benchmarks/plan.mjs URL PASSWORD
import { call, p95, signIn, startACar } from './client.mjs'

const [url, password] = process.argv.slice(2)
await signIn(url, password)
const line = (what, ms) => console.log(what.padEnd(58), `${ms} ms`)
/** Another hour or two on one of its jobs: the plan is made anew, and with it what shares a strip-down. */
async function longer(jobIds, i) {
  const job = await call('GET', `/api/jobs/${jobIds[(i * 7) % jobIds.length]}`)
  const { title, operation, zone, aim, note, after, findings, details, pieces, cause, halfOpen } = job
  const likelyMinutes = job.likelyMinutes === 120 ? 60 : 120
  const effort = { optimisticMinutes: likelyMinutes, likelyMinutes, pessimisticMinutes: likelyMinutes }
  const fields = { title, operation, zone, aim, effort, note, after, findings, details, pieces, cause, halfOpen }
  await call('PUT', `/api/jobs/${job.id}`, { fields, version: job.version })
}
const anew = (of, jobIds, page) =>
  p95(() => call('GET', `/api/projects/${of}/${page}`), 40, (i) => longer(jobIds, i))
const demo = (await call('GET', '/api/projects')).find((p) => p.vehicleName !== 'measured').id
const demoJobs = (await call('GET', `/api/projects/${demo}/jobs`)).jobs.filter((j) => !j.over && j.likelyMinutes).map((j) => j.id)
line('the demo: front page, 95 in 100', await p95(() => call('GET', `/api/projects/${demo}/today`)))
line('… after a change, made anew: plan', await anew(demo, demoJobs, 'plan'))
line('… front page', await anew(demo, demoJobs, 'today'))

const id = await startACar({ monthlyMinor: 30_000 })
await call('PUT', '/api/projects/order', { ids: [id, ...(await call('GET', '/api/projects')).map((p) => p.id).filter((p) => p !== id)] })
const project = `/api/projects/${id}`
const { zones } = await call('GET', `${project}/drawing`)
const operations = ['STRIP', 'CLEAN', 'CUT', 'WELD', 'DRY_FIT', 'PRIME', 'PAINT', 'ASSEMBLE', 'REPLACE', 'INSPECT']
const jobs = []
for (let i = 0; i < 300; i++) {
  const job = crypto.randomUUID()
  const minutes = 15 + ((i * 37) % 8) * 15
  await call('POST', `${project}/jobs`, {
    id: job,
    fields: {
      title: `Job ${i + 1}`,
      operation: operations[i % 10],
      zone: zones[Math.floor(i / 5) % zones.length].id,
      aim: ['RUNNER', 'ROAD_READY', 'DRIVER'][i % 3],
      effort: { optimisticMinutes: minutes, likelyMinutes: minutes, pessimisticMinutes: minutes * 2 },
      after: i % 5 === 0 ? [] : [jobs[i - 1]],
    },
  })
  jobs.push(job)
  if (i % 6 === 0)
    await call('POST', `${project}/needs`, {
      id: crypto.randomUUID(),
      fields: { jobId: job, title: `Part ${i}`, quantity: 1, estimateMinor: 1500, leadDays: 10 },
    })
}
const plan = await call('GET', `${project}/plan`)
console.log(`${jobs.length} jobs, ${plan.activities.length} activities, ${plan.unplaced.length} without a date`)
line('plan with 300 jobs, 95 in 100', await p95(() => call('GET', `${project}/plan`)))
line('… after a change, made anew: plan', await anew(id, jobs, 'plan'))
line('… front page', await anew(id, jobs, 'today'))
const day = (i) => new Date(Date.now() + (20 + i) * 86_400_000).toISOString().slice(0, 10)
line(
  '… what would come of another day (each another question)',
  await p95((i) => call('POST', `${project}/plan/preview`, { activity: `job:${jobs[(i * 7) % 300]}`, notBefore: day(i) })),
)
line('… front page', await p95(() => call('GET', `${project}/today`)))
line('… ways in', await p95(() => call('GET', `${project}/access`)))
line('… order of work', await p95(() => call('GET', `${project}/order-of-work`)))
line('… scope', await p95(() => call('GET', `${project}/scope`)))
