import '@testing-library/jest-dom/vitest'
import { cleanup } from '@testing-library/react'
import { afterEach, beforeEach } from 'vitest'
import { i18n } from '../app/i18n'
import currencies from '../api/generated/currencies.json'
import { learnDecimalSign, learnDigits } from '@/ui/format/money'
import { server } from './server'

// jsdom has no <dialog>; what the pages use of it.
HTMLDialogElement.prototype.showModal ??= function (this: HTMLDialogElement) {
  this.open = true
}
HTMLDialogElement.prototype.close ??= function (this: HTMLDialogElement) {
  this.open = false
}

// The generated client asks for paths; Node wants whole addresses.
globalThis.Request = class extends Request {
  constructor(input: RequestInfo | URL, init?: RequestInit) {
    super(typeof input === 'string' && input.startsWith('/') ? `http://ofisino.test${input}` : input, init)
  }
}
globalThis.fetch = (input, init) => server.answer(new Request(input, init))

learnDigits(currencies)
beforeEach(() => {
  server.reset()
  void i18n.changeLanguage('en-GB')
  learnDecimalSign('en-GB')
})
afterEach(() => {
  cleanup()
  localStorage.clear()
})
