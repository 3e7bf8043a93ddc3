// Fills the disk of a garage while it is written to, and makes room again: what was answered is there, and what was refused said why.
// node benchmarks/diskfull.mjs URL PASSWORD FOLDER_ON_THAT_DISK
import { closeSync, openSync, rmSync, writeSync } from 'node:fs'
import { client } from './client.mjs'

const [url, password, folder] = process.argv.slice(2)
const garage = await client(url).signIn(password)
const before = (await garage.call('GET', '/api/places')).length
const filler = `${folder}/filler`
const block = Buffer.alloc(64 * 1024)
const file = openSync(filler, 'w')
try {
  for (;;) writeSync(file, block)
} catch (full) {
  if (full.code !== 'ENOSPC') throw full
}
closeSync(file)
const seen = {}
let accepted = 0
for (let i = 0; i < 400; i++) {
  const photo = Buffer.concat([Buffer.from('%PDF-1.4\n'), Buffer.alloc(200_000)])
  const place = await garage.send('POST', '/api/places', { id: crypto.randomUUID(), name: 'Bag'.repeat(20), kind: 'BAG' })
  if (place.status === 201) accepted++
  seen[place.status] = (seen[place.status] ?? 0) + 1
  if (place.status === 507 && seen[507] > 20) break
  if (i % 40 === 0) {
    const upload = await garage.send('POST', `/api/attachments?id=${crypto.randomUUID()}&subject=FINDING&subjectId=${crypto.randomUUID()}&fileName=a.pdf`, photo, { type: 'application/pdf' })
    seen[`upload ${upload.status}`] = (seen[`upload ${upload.status}`] ?? 0) + 1
  }
}
rmSync(filler)
await new Promise((on) => setTimeout(on, 3000))
const again = await garage.send('POST', '/api/places', { id: crypto.randomUUID(), name: 'Bag', kind: 'BAG' })
if (again.status === 201) accepted++
const there = (await garage.call('GET', '/api/places')).length
console.log(`disk full: ${JSON.stringify(seen)}; with room again ${again.status}; ${there - before} of ${accepted} accepted are there`)
process.exit(there - before === accepted && again.status === 201 && !seen[500] ? 0 : 1)
