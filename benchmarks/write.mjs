// Adds places to a demo garage, one after the other, each answered before the next.
// node benchmarks/write.mjs URL PASSWORD HOW_MANY
import { client } from './client.mjs'

const [url, password, times] = process.argv.slice(2)
const garage = await client(url).signIn(password)
for (let i = 0; i < Number(times); i++)
  await garage.call('POST', '/api/places', { id: crypto.randomUUID(), name: 'Bag', kind: 'BAG' })
