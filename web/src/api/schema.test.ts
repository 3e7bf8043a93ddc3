import { readFileSync } from 'node:fs'
import openapiTS, { astToString } from 'openapi-typescript'
import { expect, it } from 'vitest'

// The committed types are the ones that the committed description gives; ./ofisino api writes both.
it('has types that are made from the description', { timeout: 30_000 }, async () => {
  const made = astToString(await openapiTS(readFileSync('src/api/generated/openapi.json', 'utf8')))
  const committed = readFileSync('src/api/generated/schema.d.ts', 'utf8')
  expect(committed.slice(committed.indexOf('export interface paths'))).toBe(
    made.slice(made.indexOf('export interface paths')),
  )
})
