import { useState } from 'react'
import { screen } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { expect, it, vi } from 'vitest'
import { z } from 'zod'
import { Problem } from '@/api/client'
import { show } from '@/test/page'
import { Form } from './Form'
import { Line, Ticks } from './named'
import { line } from './rules'
import { useFields } from './useFields'

type Kept = (values: { name: string; of: string[] }) => void

function Sample({ refused, onSave = () => {} }: { refused?: Problem; onSave?: Kept }) {
  const [error, setError] = useState<Problem | null>(null)
  const form = useFields(z.object({ name: line('Give it a name.'), of: z.array(z.string()) }), { name: '', of: [] })
  return (
    <Form
      form={form}
      save={{ isPending: false, error }}
      label="Save"
      onSubmit={(v) => (refused ? setError(refused) : onSave(v))}
    >
      <Line name="name" label="Name" />
      <Ticks name="of" label="Of" of={['steel', 'oak']} say={(o) => o} />
    </Form>
  )
}

it('tells which of two ways was pressed; the key of return takes the first', async () => {
  const sent = vi.fn()
  function TwoWays() {
    const form = useFields(z.object({ name: z.string() }), { name: '' })
    return (
      <Form
        form={form}
        save={{ isPending: false, error: null }}
        label="Book"
        also="Later"
        onSubmit={(v, later) => sent(v.name, later)}
      >
        <Line name="name" label="Name" />
      </Form>
    )
  }
  show(<TwoWays />)
  await userEvent.type(screen.getByLabelText('Name'), 'a{Enter}')
  await userEvent.click(screen.getByRole('button', { name: 'Later' }))
  await userEvent.click(screen.getByRole('button', { name: 'Book' }))
  await vi.waitFor(() =>
    expect(sent.mock.calls).toEqual([
      ['a', false],
      ['a', true],
      ['a', false],
    ]),
  )
})

it('says at the field what is missing, and sends only what is right', async () => {
  const save = vi.fn()
  show(<Sample onSave={save} />)
  await userEvent.click(screen.getByRole('button', { name: 'Save' }))
  expect(await screen.findByText('Give it a name.')).toBeInTheDocument()
  expect(save).not.toHaveBeenCalled()
  await userEvent.type(screen.getByLabelText('Name'), ' Bench ')
  await userEvent.click(screen.getByLabelText('oak'))
  await userEvent.click(screen.getByLabelText('steel'))
  await userEvent.click(screen.getByRole('button', { name: 'Save' }))
  await vi.waitFor(() => expect(save).toHaveBeenCalledWith({ name: 'Bench', of: ['steel', 'oak'] }))
})

async function sendRefused(field: string) {
  show(<Sample refused={new Problem(422, 'it.is-refused', 'It is taken.', field)} />)
  await userEvent.type(screen.getByLabelText('Name'), 'Bench')
  await userEvent.click(screen.getByRole('button', { name: 'Save' }))
}

it('puts a refusal beside the field that it names, and goes there', async () => {
  await sendRefused('name')
  await vi.waitFor(() => expect(screen.getByLabelText('Name')).toHaveAccessibleDescription('It is taken.'))
  expect(screen.getByLabelText('Name')).toHaveFocus()
  expect(screen.queryByRole('alert')).not.toBeInTheDocument()
})

it.each(['of', 'elsewhere'])('says a refusal itself where no field shows it: %s', async (field) => {
  await sendRefused(field)
  expect(await screen.findByRole('alert')).toHaveTextContent('It is taken.')
})
