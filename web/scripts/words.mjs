// Writes the catalogue of all words as one file, for whoever does not run the pages: the journeys in the browser, and a translator.
import { mkdirSync, writeFileSync } from 'node:fs'
import { fileURLToPath } from 'node:url'
import { runnerImport } from 'vite'

const of = (path) => fileURLToPath(new URL(path, import.meta.url))
const { module } = await runnerImport(of('../src/app/words.ts'), { resolve: { alias: { '@': of('../src') } } })
mkdirSync(of('../target'), { recursive: true })
writeFileSync(of('../target/words.json'), JSON.stringify(module.words, null, 2))
