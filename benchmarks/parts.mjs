// A shelf of 3,000 things and a seller's list of 20,000 lines, 300 of them bad.
// Called by measure: node benchmarks/parts.mjs URL PASSWORD
import { call, p95, signIn } from './client.mjs'

const [url, password] = process.argv.slice(2)
await signIn(url, password)
const line = (what, ms) => console.log(what.padEnd(58), `${ms} ms`)
const demo = (await call('GET', '/api/projects'))[0].id
const suppliers = await call('GET', '/api/suppliers')

const list = ['No,Part,Price,Pack']
for (let i = 1; i <= 20_000; i++) list.push(`${i},Part ${i} of the long list,${i % 66 === 0 && i <= 19_800 ? 'none' : '12.50'},1`)
const from = performance.now()
const taken = await call(
  'POST',
  `/api/suppliers/${suppliers[0].id}/list?title=1&price=2&number=0&pieces=3&decimals=POINT&withoutBad=true`,
  new Blob([list.join('\n')]),
  { type: 'application/octet-stream' },
)
line(`a list of 20,000 lines, ${taken.bad.length} of them bad, taken`, Math.round(performance.now() - from))
line('… searched, 95 in 100', await p95((i) => call('GET', `/api/articles?q=list%20${(i * 37) % 1000}`)))

const places = (await call('GET', '/api/places')).map((p) => p.id)
const things = ['Hose clip', 'Door handle', 'Trim screw', 'Window winder', 'Gasket', 'Lamp lens', 'Bush', 'Bracket']
for (let i = 0; i < 3000; i++)
  await call('POST', '/api/stock', {
    id: crypto.randomUUID(),
    moveId: crypto.randomUUID(),
    quantity: 1 + (i % 9),
    fields: { projectId: demo, title: `${things[i % 8]} ${i}`, note: `from box ${i % 40}`, placeId: places[i % places.length] },
  })
line('3,000 things: the shelf, 95 in 100', await p95(() => call('GET', '/api/shelf?q=')))
line('… a word searched', await p95((i) => call('GET', `/api/shelf?q=${things[i % 8].split(' ')[0]}%20box%20${i % 40}`)))
line('what to do now about parts', await p95(() => call('GET', `/api/projects/${demo}/parts/tasks`)))
