import { useState } from 'react'
import { z } from 'zod'
import { useTranslation } from 'react-i18next'
import { api, unwrap, write, type Schemas } from '@/api/client'
import { useWrite } from '@/api/useWrite'
import { Form } from '@/ui/form/Form'
import { Line, Pick } from '@/ui/form/named'
import { line, secret } from '@/ui/form/rules'
import { useFields } from '@/ui/form/useFields'
import { NewPasswordLine } from './NewPasswordLine'

type NewMember = Schemas['MemberRequest']

const invited = ['HELPER', 'VIEWER'] as const

/** An account for somebody who helps, or who may only look. */
export function AddPerson({ onDone }: { onDone: () => void }) {
  const { t } = useTranslation()
  const [id] = useState(() => crypto.randomUUID())
  const there = line(t('form.missing'))
  const form = useFields(
    z.object({ displayName: there, name: there, password: secret(t('form.missing')), role: z.enum(invited) }),
    {
      displayName: '',
      name: '',
      password: '',
      role: 'HELPER' as const,
    },
  )
  const add = useWrite(
    (body: NewMember, writeId) => unwrap(api.POST('/api/garage/members', { body, ...write(writeId) })),
    {
      said: (p) => t('garage.personAdded', { name: p.displayName }),
      done: onDone,
      undoable: false,
    },
  )
  return (
    <Form
      form={form}
      save={add}
      label={t('garage.letIn')}
      onCancel={onDone}
      onSubmit={(person) => add.mutate({ id, ...person })}
    >
      <Line name="displayName" label={t('garage.personName')} />
      <Line name="name" label={t('garage.signInName')} autoComplete="off" />
      <NewPasswordLine name="password" label={t('garage.firstPassword')} />
      <Pick name="role" label={t('garage.mayDo')} of={invited} say={(r) => t(`people.may.${r}`)} />
    </Form>
  )
}
