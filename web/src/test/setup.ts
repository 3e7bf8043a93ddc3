import '@testing-library/jest-dom/vitest'
import { cleanup, configure } from '@testing-library/react'
import { afterEach, beforeEach } from 'vitest'
import { i18n } from '../app/i18n'
import currencies from '../api/generated/currencies.json'
import { learnDecimalSign, learnDigits } from '@/ui/format/money'
import { server } from './server'
import { styleOf } from './style'

// On a machine that is busy with other tests an answer may take its time. Whether each element on the way up is hidden is not asked at each look
// (a quarter of all time): where it matters a test says toBeVisible.
configure({ asyncUtilTimeout: 10_000, defaultHidden: true })

// jsdom has no <dialog>; what the pages use of it.
HTMLDialogElement.prototype.showModal ??= function (this: HTMLDialogElement) {
  this.open = true
}
HTMLDialogElement.prototype.close ??= function (this: HTMLDialogElement) {
  this.open = false
}

window.getComputedStyle = styleOf

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
