import { beforeEach, expect, it } from 'vitest'
import { chosenLanguage, keepLanguage } from './language'

beforeEach(() => localStorage.clear())

it('takes what the browser asks for, and what a person chose before it', () => {
  expect(chosenLanguage(localStorage, ['de-AT', 'en-US'])).toBe('en-US')
  expect(chosenLanguage(localStorage, ['fr'])).toBe('en-GB')
  expect(chosenLanguage(localStorage, ['de-AT', 'en-US'], ['en-GB', 'de'])).toBe('de')
  keepLanguage(localStorage, 'en-GB')
  expect(chosenLanguage(localStorage, ['en-US'])).toBe('en-GB')
})
