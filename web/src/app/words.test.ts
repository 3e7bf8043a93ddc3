import { readdirSync, readFileSync } from 'node:fs'
import { expect, it } from 'vitest'
import enUS from '@language/en-US.json'
import { sayer } from '@/ui/format/saying'
import { words } from './words'

function leaves(node: object): string[] {
  return Object.values(node).flatMap((v: unknown) => (typeof v === 'string' ? [v] : leaves(v as object)))
}

it('has no empty word and none of the words of software', () => {
  for (const word of leaves(words)) {
    expect(word.trim()).not.toBe('')
    expect(word).not.toMatch(/\b(dashboard|database|entity|invalid|null|undefined|sync|backend|submit|workflow)\b/i)
  }
})

it('says nothing that a restorer would not say', () => {
  const never =
    /\b(mend(s|ed|ing)?|ways? in|evenings?|owed to the car|is posted|take back|taken back|will have cost|out at somebody|wants? to be looked at|no such thing)\b/i
  expect(leaves(words).filter((word) => never.test(word))).toEqual([])
})

it('says every sentence in American English too, with what is put in and no British word', () => {
  const american = sayer(enUS)
  const british = Object.keys(enUS.terms).map((term) => new RegExp(`\\b${term}\\b`, 'i'))
  for (const word of leaves(words)) {
    const said = american(word)
    expect(said.match(/{{\w+}}/g)).toEqual(word.match(/{{\w+}}/g))
    const plain = said.replace(/{{\w+}}/g, '')
    // a boot of a shaft is what a gaiter was
    expect(british.filter((b) => b.test(plain) && !/boot|hood/i.test(b.source)).map(String)).toEqual([])
  }
})

it('has a word for everything whose changes are kept, so that none is shown by the name of its table', () => {
  const migrations = '../server/src/main/resources/db/migration/'
  const files = readdirSync(migrations).map((file) => readFileSync(migrations + file, 'utf8'))
  const renames = files.flatMap((sql) => sql.match(/select rename_table[^;]*;/g) ?? []).join()
  const renamed = new Map([...renames.matchAll(/\('(\w+)', '(\w+)'\)/g)].map((m) => [m[1], m[2]!]))
  const kept = files
    .flatMap((sql) => [...sql.matchAll(/create trigger history [^;]* on (\w+) for each row/g)].map((m) => m[1]!))
    .map(function now(table): string {
      return renamed.has(table) ? now(renamed.get(table)!) : table
    })
  const silent = ['garage', 'member', 'account']
  expect(kept.length).toBeGreaterThan(40)
  expect(kept.filter((table) => !silent.includes(table) && !(table in words.entity))).toEqual([])
})

it('explains a word as the glossary of the documents does', () => {
  const lines = readFileSync('../docs/glossary.md', 'utf8')
    .split('\n')
    .map((line) => line.split('|').map((cell) => cell.trim()))
  for (const { word, meaning } of Object.values(words.glossary.of))
    expect(lines.find((cells) => cells[1] === word)?.[2]).toBe(meaning)
})

it('has a word for every kind of thing that a part can be', () => {
  const file = readFileSync('../core/src/main/resources/ofisino/core/vehicle/anatomy/natures.yaml', 'utf8')
  const ids = [...file.matchAll(/^- \{id: (\w+)/gm)].map((m) => m[1]!).filter((id) => id !== 'symptom')
  expect(ids.length).toBeGreaterThan(20)
  expect(Object.keys(words.nature).sort()).toEqual(ids.sort())
})
