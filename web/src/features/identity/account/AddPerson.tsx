import { useState } from 'react'
import { useTranslation } from 'react-i18next'
import { api, unwrap, write, type Schemas } from '@/api/client'
import { useWrite } from '@/api/useWrite'
import { ProblemAlert } from '@/ui/page/Feedback'
import { Choice, TextField } from '@/ui/form/Field'

type NewMember = Schemas['MemberRequest']

const blank = (): NewMember => ({ id: crypto.randomUUID(), name: '', displayName: '', password: '', role: 'HELPER' })

/** An account for somebody who helps, or who may only look. */
export function AddPerson({ onDone }: { onDone: () => void }) {
  const { t } = useTranslation()
  const [person, setPerson] = useState(blank)
  const add = useWrite((body: NewMember, id) => unwrap(api.POST('/api/garage/members', { body, ...write(id) })), {
    said: (p) => t('garage.personAdded', { name: p.displayName }),
    done: onDone,
    undoable: false,
  })
  const field = (key: 'name' | 'displayName' | 'password') => ({
    value: person[key],
    required: true,
    error: add.error?.field === key ? add.error.message : undefined,
    onChange: (e: React.ChangeEvent<HTMLInputElement>) => setPerson({ ...person, [key]: e.target.value }),
  })
  return (
    <form
      className="grid gap-3"
      onSubmit={(e) => {
        e.preventDefault()
        add.mutate(person)
      }}
    >
      <TextField label={t('garage.personName')} autoFocus {...field('displayName')} />
      <TextField label={t('garage.signInName')} autoComplete="off" {...field('name')} />
      <TextField
        label={t('garage.firstPassword')}
        hint={t('first.passwordHint')}
        type="password"
        autoComplete="new-password"
        {...field('password')}
      />
      <Choice
        label={t('garage.mayDo')}
        value={person.role}
        onChange={(e) => setPerson({ ...person, role: e.target.value as NewMember['role'] })}
      >
        <option value="HELPER">{t('people.may.HELPER')}</option>
        <option value="VIEWER">{t('people.may.VIEWER')}</option>
      </Choice>
      {!add.error?.field && <ProblemAlert error={add.error} />}
      <div className="flex gap-2">
        <button type="submit" className="btn btn-primary" disabled={add.isPending}>
          {t('garage.letIn')}
        </button>
        <button type="button" className="btn btn-ghost" onClick={onDone}>
          {t('notNow')}
        </button>
      </div>
    </form>
  )
}
