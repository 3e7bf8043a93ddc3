import i18next from 'i18next'
import { initReactI18next } from 'react-i18next'
import { BRITISH, chosenLanguage, others } from '@/ui/format/language'
import { sayer } from '@/ui/format/saying'
import { words } from './words'

declare module 'i18next' {
  interface CustomTypeOptions {
    defaultNS: 'translation'
    resources: { translation: typeof words }
  }
}

type Words = { [key: string]: string | Words }

/** Every sentence of a catalogue, said otherwise. */
const each = (all: Words, say: (text: string) => string): Words =>
  Object.fromEntries(Object.entries(all).map(([k, v]) => [k, typeof v === 'string' ? say(v) : each(v, say)]))

export const i18n = i18next.use(initReactI18next)
void i18n.init({
  lng: chosenLanguage(localStorage, navigator.languages),
  fallbackLng: BRITISH,
  resources: {
    [BRITISH]: { translation: words },
    ...Object.fromEntries(
      Object.entries(others).map(([tag, file]) => [tag, { translation: each(words, sayer(file)) }]),
    ),
  },
  interpolation: { escapeValue: false },
})
document.documentElement.lang = i18n.language
i18n.on('languageChanged', (language) => {
  document.documentElement.lang = language
})
