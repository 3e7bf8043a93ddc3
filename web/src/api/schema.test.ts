import { readFileSync } from 'node:fs'
import openapiTS, { astToString } from 'openapi-typescript'
import { expect, it } from 'vitest'
// @ts-expect-error a script without types
import { enumsOf } from '../../scripts/enums.mjs'

const description = readFileSync('src/api/generated/openapi.json', 'utf8')

// The committed types and lists are the ones that the committed description gives; ./ofisino api writes them all.
it('has types that are made from the description', { timeout: 30_000 }, async () => {
  const made = astToString(await openapiTS(description))
  const committed = readFileSync('src/api/generated/schema.d.ts', 'utf8')
  expect(committed.slice(committed.indexOf('export interface paths'))).toBe(
    made.slice(made.indexOf('export interface paths')),
  )
})

it('has lists of choices that are made from the description', () => {
  const made = (enumsOf as (of: unknown) => string)(JSON.parse(description))
  expect(readFileSync('src/api/generated/enums.ts', 'utf8').replace(/\s|,(?=\s*\])/g, '')).toBe(made.replace(/\s/g, ''))
})
