import type { LanguageFile } from './saying'

const files = import.meta.glob<LanguageFile>('@language/*.json', { eager: true, import: 'default' })

/** Languages with a file of their own, by tag; another one is a file in that folder. */
export const others: Record<string, LanguageFile> = Object.fromEntries(
  Object.entries(files).map(([path, file]) => [path.replace(/^.*\/|\.json$/g, ''), file]),
)

/** In which everything is written. */
export const BRITISH = 'en-GB'

/** Languages of the pages. */
export const languages = [BRITISH, ...Object.keys(others)]

const KEPT = 'ofisino.language'

/** What a person chose on this device, else what the browser asks for, else British. */
export function chosenLanguage(storage: Storage, asked: readonly string[], known = languages): string {
  const kept = storage.getItem(KEPT)
  const wanted = [...(kept ? [kept] : []), ...asked]
  return wanted.map((tag) => known.find((l) => l === tag || l === tag.split('-')[0])).find((l) => l) ?? BRITISH
}

export const keepLanguage = (storage: Storage, language: string) => storage.setItem(KEPT, language)
