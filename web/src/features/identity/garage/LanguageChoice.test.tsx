import { screen } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { expect, it } from 'vitest'
import { show } from '@/test/page'
import { LanguageChoice } from './LanguageChoice'

it('speaks the other English at once, and again next time', async () => {
  show(<LanguageChoice />)
  await userEvent.selectOptions(screen.getByLabelText('Language on this device'), 'en-US')
  expect(localStorage.getItem('ofisino.language')).toBe('en-US')
  expect(document.documentElement.lang).toBe('en-US')
})
