// A car with 10,000 booked entries: its totals, its books, and a bank's list of 5,000 payments that find their receipts.
// Called by measure: node benchmarks/money.mjs URL PASSWORD
import { call, p95, signIn, startACar } from './client.mjs'

const [url, password] = process.argv.slice(2)
await signIn(url, password)
const line = (what, ms) => console.log(what.padEnd(58), `${ms} ms`)
const car = await startACar({ vehicleName: 'Ten thousand receipts' })
const jobs = []
for (let i = 0; i < 40; i++) {
  const id = crypto.randomUUID()
  await call('POST', `/api/projects/${car}/jobs`, { id, fields: { title: `Job ${i}`, after: [] } })
  jobs.push(id)
}
const day = (i) => new Date(Date.UTC(2024, 0, 1) + (i % 900) * 86_400_000).toISOString().slice(0, 10)
const amount = (i) => 100 + ((i * 7919) % 50_000)
const entry = (i) => {
  const minor = amount(i)
  const half = Math.floor(minor / 2)
  return {
    id: crypto.randomUUID(),
    booked: true,
    fields: {
      kind: 'PURCHASE',
      paidOn: day(i),
      description: `Receipt ${i}`,
      currency: 'EUR',
      amountMinor: minor,
      rate: 1,
      rateOn: day(i),
      splits: [
        { destination: 'JOB', jobId: jobs[i % jobs.length], baseMinor: half },
        { destination: 'GENERAL', baseMinor: minor - half },
      ],
    },
  }
}
const from = performance.now()
for (let i = 0; i < 10_000; i += 8)
  await Promise.all(Array.from({ length: 8 }, (_, k) => call('POST', `/api/projects/${car}/entries`, entry(i + k))))
line('10,000 entries booked, eight at a time', Math.round(performance.now() - from))
for (const by of ['SYSTEM', 'JOB', 'YEAR', 'SELLER'])
  line(`… totals by ${by.toLowerCase()}, 95 in 100`, await p95(() => call('GET', `/api/projects/${car}/totals?by=${by}`)))
line('… where the money stands', await p95(() => call('GET', `/api/projects/${car}/money`)))
line('… with and without', await p95(() => call('GET', `/api/projects/${car}/with-and-without`)))
line('… every line of it', await p95(() => call('GET', `/api/projects/${car}/entries`)))

const list = ['Date,Payee,Amount']
for (let i = 0; i < 5000; i++) list.push(`${day(i)},Shop ${i},-${(amount(i) / 100).toFixed(2)}`)
const reading = performance.now()
await call(
  'POST',
  '/api/bank/lines?day=0&payee=1&amount=2&decimals=POINT&days=DAY_FIRST&withoutBad=false',
  new Blob([list.join('\n')]),
  { type: 'application/octet-stream' },
)
line('a bank’s list of 5,000 payments, taken', Math.round(performance.now() - reading))
line('… beside 10,000 receipts, 95 in 100', await p95(() => call('GET', `/api/projects/${car}/bank`)))
