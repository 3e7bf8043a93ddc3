import { useQuery } from '@tanstack/react-query'
import { useTranslation } from 'react-i18next'
import { Monitor, Smartphone } from 'lucide-react'
import { api, unwrap, write, type Schemas } from '@/api/client'
import { useWrite } from '@/api/useWrite'
import { Loaded, ProblemAlert } from '@/ui/page/Feedback'
import { useFormat } from '@/ui/format/format'

type SignIn = Schemas['SignIn']

/** Computers and phones that are signed in, with when they were last used, and the way to end one. */
export function SignIns() {
  const { t } = useTranslation()
  const all = useQuery({ queryKey: ['signIns'], queryFn: () => unwrap(api.GET('/api/garage/sign-ins')) })
  return (
    <Loaded query={all} what={t('signIns.loading')}>
      {(list) => (
        <ul>
          {list.map((s) => (
            <OneSignIn key={s.id} signIn={s} />
          ))}
        </ul>
      )}
    </Loaded>
  )
}

function OneSignIn({ signIn: s }: { signIn: SignIn }) {
  const { t } = useTranslation()
  const format = useFormat()
  const end = useWrite(
    (_: object, id) =>
      unwrap(api.DELETE('/api/garage/sign-ins/{id}', { params: { path: { id: s.id } }, ...write(id) })),
    { said: () => t('signIns.ended'), undoable: false },
  )
  const Icon = s.by === 'PHONE' ? Smartphone : Monitor
  return (
    <li className="flex flex-wrap items-center gap-x-3 border-b border-base-300 py-1 last:border-0">
      <Icon className="size-5 shrink-0" aria-hidden="true" />
      <span className="grow">
        {t(`signIns.by.${s.by}`, { name: s.displayName })}
        {s.device && `, ${s.device}`}
        <span className="quiet block text-sm">
          {s.mine
            ? t('signIns.thisOne')
            : t('signIns.lastUsed', { day: format.shortDay(format.dateOf(s.lastUsed)), time: format.time(s.lastUsed) })}
        </span>
      </span>
      {!s.mine && (
        <button type="button" className="btn btn-sm min-h-11" disabled={end.isPending} onClick={() => end.mutate({})}>
          {t('signIns.end')}
        </button>
      )}
      <ProblemAlert error={end.error} />
    </li>
  )
}
