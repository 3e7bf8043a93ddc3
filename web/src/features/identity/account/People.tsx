import { useState } from 'react'
import { useQuery } from '@tanstack/react-query'
import { useTranslation } from 'react-i18next'
import { api, unwrap, write, type Schemas } from '@/api/client'
import { sessionQuery } from '@/api/queries'
import { useWrite } from '@/api/useWrite'
import { ProblemAlert } from '@/ui/page/Feedback'
import { AddPerson } from './AddPerson'
import { NewPassword } from './NewPassword'
import { NewRole } from './NewRole'

type Member = Schemas['MemberRow']

/** Who works in the garage; an owner lets people in, says what they may do, and lets them go. */
export function People({ members, owns }: { members: Member[]; owns: boolean }) {
  const { t } = useTranslation()
  const [adding, setAdding] = useState(false)
  const own = useQuery(sessionQuery).data?.me?.accountId
  return (
    <div className="grid gap-3">
      <ul>
        {members.map((m) => (
          <li key={m.accountId} className="border-b border-base-300 py-1 last:border-0">
            {m.displayName}
            {m.accountId === own && ` (${t('people.you')})`}, <span className="quiet">{t(`role.${m.role}`)}</span>
            {owns && <ChangePerson member={m} isOwn={m.accountId === own} />}
          </li>
        ))}
      </ul>
      {owns && !adding && (
        <button type="button" className="btn justify-self-start" onClick={() => setAdding(true)}>
          {t('garage.addPerson')}
        </button>
      )}
      {adding && <AddPerson onDone={() => setAdding(false)} />}
    </div>
  )
}

function ChangePerson({ member: m, isOwn }: { member: Member; isOwn: boolean }) {
  const { t } = useTranslation()
  const path = { params: { path: { accountId: m.accountId } } }
  const remove = useWrite(
    (_: object, id) => unwrap(api.DELETE('/api/garage/members/{accountId}', { ...path, ...write(id) })),
    { said: () => t('people.removed', { name: m.displayName }), undoable: false },
  )
  const [sure, setSure] = useState(false)
  return (
    <details>
      <summary className="cursor-pointer py-1 text-sm font-semibold">{t('people.change')}</summary>
      <div className="grid gap-3 pb-2">
        <NewRole member={m} />
        {!isOwn && <NewPassword member={m} />}
        <ProblemAlert error={remove.error} />
        {sure ? (
          <div className="flex flex-wrap items-center gap-2">
            <span>{t('people.removeSure', { name: m.displayName })}</span>
            <button
              type="button"
              className="btn btn-error"
              disabled={remove.isPending}
              onClick={() => remove.mutate({})}
            >
              {t('people.removeYes')}
            </button>
            <button type="button" className="btn btn-ghost" onClick={() => setSure(false)}>
              {t('notNow')}
            </button>
          </div>
        ) : (
          <button type="button" className="btn justify-self-start" onClick={() => setSure(true)}>
            {t('people.remove')}
          </button>
        )}
      </div>
    </details>
  )
}
