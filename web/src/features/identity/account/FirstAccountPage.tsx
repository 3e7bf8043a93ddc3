import { useState } from 'react'
import { useMutation, useQueryClient } from '@tanstack/react-query'
import { useTranslation } from 'react-i18next'
import { api, unwrap, type Problem, type Schemas } from '@/api/client'
import { ProblemAlert } from '@/ui/page/Feedback'
import { TextField } from '@/ui/form/Field'
import { Outside } from './SignInPage'

type Body = Schemas['FirstAccountRequest']

/** Founds the garage; only who can read the starting window has the code. */
export function FirstAccountPage() {
  const { t } = useTranslation()
  const queries = useQueryClient()
  const [body, setBody] = useState<Body>(() => ({
    code: '',
    accountId: crypto.randomUUID(),
    garageId: crypto.randomUUID(),
    name: '',
    displayName: '',
    password: '',
    garageName: '',
    baseCurrency: 'EUR',
    zone: Intl.DateTimeFormat().resolvedOptions().timeZone,
    locale: /^[a-z]{2}(-[A-Z]{2})?$/.test(navigator.language) ? navigator.language : 'en-GB',
  }))
  const found = useMutation<unknown, Problem, Body>({
    mutationFn: (b) => unwrap(api.POST('/api/first-account', { body: b })),
    onSuccess: () => queries.resetQueries(),
  })
  const field = (key: keyof Body, extra: object = {}) => ({
    label: t(`first.${key as 'code'}`),
    value: body[key],
    error: found.error?.field === key ? found.error.message : undefined,
    onChange: (e: React.ChangeEvent<HTMLInputElement>) => setBody({ ...body, [key]: e.target.value }),
    ...extra,
  })
  return (
    <Outside title={t('first.title')}>
      <form
        className="grid gap-4"
        onSubmit={(e) => {
          e.preventDefault()
          found.mutate(body)
        }}
      >
        <TextField {...field('code', { hint: t('first.codeHint'), autoComplete: 'off', required: true })} />
        <TextField {...field('displayName', { autoComplete: 'name', required: true })} />
        <TextField {...field('name', { autoComplete: 'username', required: true })} />
        <TextField
          {...field('password', {
            type: 'password',
            autoComplete: 'new-password',
            hint: t('first.passwordHint'),
            required: true,
          })}
        />
        <TextField {...field('garageName', { required: true })} />
        <div className="grid grid-cols-3 gap-3">
          <TextField {...field('baseCurrency', { maxLength: 3 })} />
          <TextField {...field('zone')} />
          <TextField {...field('locale')} />
        </div>
        <ProblemAlert error={found.error} />
        <button type="submit" className="btn btn-primary" disabled={found.isPending}>
          {t('first.go')}
        </button>
      </form>
    </Outside>
  )
}
