/** Languages of the pages. Another one is a file of words and a line here. */
export const languages = ['en-GB', 'en-US'] as const
export type Language = (typeof languages)[number]

const KEPT = 'ofisino.language'

/** What a person chose on this device, else what the browser asks for, else British. */
export function chosenLanguage(storage: Storage, asked: readonly string[]): Language {
  const kept = storage.getItem(KEPT)
  const wanted = [kept, ...asked].find((l) => languages.includes(l as Language))
  return (wanted as Language | undefined) ?? 'en-GB'
}

export const keepLanguage = (storage: Storage, language: Language) => storage.setItem(KEPT, language)
