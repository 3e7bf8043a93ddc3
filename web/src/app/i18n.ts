import i18next from 'i18next'
import { initReactI18next } from 'react-i18next'
import { words } from './words'

declare module 'i18next' {
  interface CustomTypeOptions {
    defaultNS: 'translation'
    resources: { translation: typeof words }
  }
}

export const i18n = i18next.use(initReactI18next)
void i18n.init({
  lng: 'en',
  fallbackLng: 'en',
  resources: { en: { translation: words } },
  interpolation: { escapeValue: false },
})
