import { expect, it } from 'vitest'
import { listFile } from './listFile'

it('is a page of its own, with every part, its limit and what has to agree', () => {
  const page = new DOMParser().parseFromString(
    listFile('Wagon <1969>', 'Of Monday', 'en-GB', [
      { title: 'Tail lamp', amount: '2', most: 'up to €40', facts: ['red over amber', '6 V'] },
      { title: '<script>alert(1)</script>', amount: '1', most: undefined, facts: [] },
    ]),
    'text/html',
  )
  expect(page.title).toBe('Wagon <1969>')
  expect([...page.querySelectorAll('li')].map((li) => li.textContent)).toEqual([
    ' Tail lamp 2 up to €40red over amber6 V',
    ' <script>alert(1)</script> 1',
  ])
  expect(page.querySelectorAll('input[type=checkbox]')).toHaveLength(2)
  expect(page.querySelector('script, link, img')).toBeNull()
})
