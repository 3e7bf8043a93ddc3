// Writes all the time while the server, and then its database, is killed again and again; what was answered is there, once.
// node benchmarks/kills.mjs PASSWORD OFISINO_HOME [KILLS]; needs ./ofisino in the working folder.
import { execFile } from 'node:child_process'
import { readFileSync } from 'node:fs'
import { promisify } from 'node:util'
import { client } from './client.mjs'

const [password, home, times = '6'] = process.argv.slice(2)
const KILLS = Number(times)
const said = (what) => new RegExp(`^${what}=(.*)$`, 'm').exec(readFileSync(`${home}/demo/data/running`, 'utf8'))[1]
const garage = await client(() => said('url')).signIn(password) // another program may take its port while it is down
const acknowledged = new Set()
let again = 0
let stopping = false

async function writer() {
  while (!stopping) {
    const body = { id: crypto.randomUUID(), name: 'Bag', kind: 'BAG' }
    const writeId = crypto.randomUUID()
    for (let tries = 0; !stopping; tries++) {
      const answer = await garage.send('POST', '/api/places', body, { writeId }).catch(() => undefined)
      if (answer?.status === 201) {
        acknowledged.add(body.id)
        if (tries > 0) again++
        break
      }
      if (answer && answer.status < 500) throw new Error(`${answer.status} ${answer.text}`)
      await new Promise((on) => setTimeout(on, 100))
    }
  }
}

const pause = (ms) => new Promise((on) => setTimeout(on, ms))
const kill = (pid) => process.kill(Number(pid), 'SIGKILL')
const postmaster = () => readFileSync(`${home}/demo/postgres/postmaster.pid`, 'utf8').split('\n')[0]
const start = () => promisify(execFile)('./ofisino', ['demo'], { env: { ...process.env, OFISINO_HOME: home } })
async function answersAgain() {
  const until = Date.now() + 60_000
  while (Date.now() < until) {
    if ((await garage.send('GET', '/api/session').catch(() => undefined))?.ok) return
    await pause(100)
  }
  throw new Error('it does not come back')
}

const writers = Array.from({ length: 4 }, writer)
for (let i = 0; i < KILLS; i++) {
  await pause(300 + Math.random() * 900)
  if (i % 3 !== 1) kill(postmaster())
  if (i % 3 === 2) await pause(Math.random() * 500)
  if (i % 3 !== 0) {
    kill(said('pid'))
    await start()
  }
  await answersAgain() // where only the database was killed, by itself
}
await pause(1500)
stopping = true
await Promise.all(writers)
const there = (await garage.call('GET', '/api/places')).map((p) => p.id)
const lost = [...acknowledged].filter((id) => !there.includes(id)).length
const twice = there.length - new Set(there).size
console.log(`${KILLS} kills: ${acknowledged.size} answered, ${again} sent again, ${lost} lost, ${twice} twice`)
process.exit(lost > 0 || twice > 0 ? 1 : 0)
