import { readdirSync, readFileSync } from 'node:fs'
import { join } from 'node:path'
import { expect, it } from 'vitest'

const filesOf = (folder: string, end: RegExp) =>
  readdirSync(folder, { recursive: true, encoding: 'utf8' })
    .filter((file) => end.test(file))
    .map((file) => readFileSync(join(folder, file), 'utf8'))

it('knows no refusal by a code that the server does not give', () => {
  const given = ['../core/src/main/java', '../server/src/main/java'].flatMap((f) => filesOf(f, /\.java$/)).join()
  const known = filesOf('src', /\.tsx?$/)
    .flatMap((text) => [...text.matchAll(/\bcode(?: [!=]== |: )'([a-z-]+\.[a-z-]+)'/g)].map((m) => m[1]!))
    .filter((code) => !/\.(unknown|stale|missing)$/.test(code)) // made of the name of a thing or a field
  expect(known.length).toBeGreaterThan(10)
  expect(known.filter((code) => !given.includes(`"${code}"`))).toEqual([])
})
