// A language that nobody speaks, made of the British texts, and the pages with it: what they show in any other words did not come from the
// catalogue. Each word is 40 % longer and ends in ö. en-XA is the tag that Unicode's locale data keeps for such a language.
import { mkdirSync, readFileSync, writeFileSync } from 'node:fs'
import { fileURLToPath } from 'node:url'
import { build } from 'vite'

const of = (path) => fileURLToPath(new URL(path, import.meta.url))
const LONGER = 0.4
const notWords = /\{\{\w+\}\}|<\/?\w+>/g
const longer = (text) => text.replace(/\p{L}+/gu, (word) => word + 'ö'.repeat(Math.ceil(word.length * LONGER)))

/** A text with every word longer; what is put in later and what is marked stays. */
function said(text) {
  const kept = text.match(notWords) ?? []
  return text
    .split(notWords)
    .map((words, i) => longer(words) + (kept[i] ?? ''))
    .join('')
}

const texts = (node) => Object.values(node).flatMap((v) => (typeof v === 'string' ? [v] : texts(v)))
const words = JSON.parse(readFileSync(of('../target/words.json'), 'utf8'))
const file = {
  name: 'Longer',
  terms: {},
  sentences: Object.fromEntries(texts(words).map((text) => [text, said(text)])),
}
mkdirSync(of('../target/language'), { recursive: true })
writeFileSync(of('../target/language/en-XA.json'), JSON.stringify(file, null, 2))
process.env.OFISINO_LANGUAGES = of('../target/language')
await build({
  root: of('..'),
  logLevel: 'warn',
  build: { outDir: 'target/pseudo', emptyOutDir: true, chunkSizeWarningLimit: 5_000 },
})
