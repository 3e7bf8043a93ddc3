import { useState } from 'react'
import { useTranslation } from 'react-i18next'
import { api, unwrap, write, type Schemas } from '@/api/client'
import { useWrite } from '@/api/useWrite'
import { ProblemAlert } from '@/ui/page/Feedback'
import { TextField } from '@/ui/form/Field'

/** One's own password, with the present one. Elsewhere one is signed out. */
export function OwnPassword() {
  const { t } = useTranslation()
  const [typed, setTyped] = useState({ present: '', wanted: '' })
  const change = useWrite(
    (body: Schemas['OwnPasswordRequest'], id) => unwrap(api.PUT('/api/garage/own-password', { body, ...write(id) })),
    { said: () => t('people.ownChanged'), undoable: false, done: () => setTyped({ present: '', wanted: '' }) },
  )
  return (
    <details>
      <summary className="cursor-pointer py-2 font-semibold">{t('people.ownPassword')}</summary>
      <form
        className="grid max-w-md gap-3"
        onSubmit={(e) => {
          e.preventDefault()
          change.mutate(typed)
        }}
      >
        <TextField
          label={t('people.present')}
          type="password"
          autoComplete="current-password"
          value={typed.present}
          onChange={(e) => setTyped({ ...typed, present: e.target.value })}
        />
        <TextField
          label={t('people.wanted')}
          hint={t('first.passwordHint')}
          type="password"
          autoComplete="new-password"
          value={typed.wanted}
          onChange={(e) => setTyped({ ...typed, wanted: e.target.value })}
        />
        <ProblemAlert error={change.error} />
        <div>
          <button
            type="submit"
            className="btn"
            disabled={typed.present === '' || typed.wanted === '' || change.isPending}
          >
            {t('people.changeOwn')}
          </button>
        </div>
      </form>
    </details>
  )
}
