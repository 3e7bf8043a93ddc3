import { useState } from 'react'
import { useMutation, useQueryClient } from '@tanstack/react-query'
import { useTranslation } from 'react-i18next'
import { api, unwrap, type Problem, type Schemas } from '@/api/client'
import { ProblemAlert } from '@/ui/page/Feedback'
import { TextField } from '@/ui/form/Field'

export function SignInPage({ notice }: { notice: string }) {
  const { t } = useTranslation()
  const queries = useQueryClient()
  const [body, setBody] = useState<Schemas['SignInRequest']>({ name: '', password: '' })
  const signIn = useMutation<unknown, Problem, Schemas['SignInRequest']>({
    mutationFn: (b) => unwrap(api.POST('/api/sign-in', { body: b })),
    onSuccess: () => queries.resetQueries(),
  })
  return (
    <Outside title={t('signIn.title')}>
      {notice && <p className="mb-4 rounded border-l-4 border-accent bg-base-200 p-3">{notice}</p>}
      <form
        className="grid gap-4"
        onSubmit={(e) => {
          e.preventDefault()
          signIn.mutate(body)
        }}
      >
        <TextField
          label={t('signIn.name')}
          autoComplete="username"
          required
          value={body.name}
          onChange={(e) => setBody({ ...body, name: e.target.value })}
        />
        <TextField
          label={t('signIn.password')}
          type="password"
          autoComplete="current-password"
          required
          value={body.password}
          onChange={(e) => setBody({ ...body, password: e.target.value })}
        />
        <ProblemAlert error={signIn.error} />
        <button type="submit" className="btn btn-primary" disabled={signIn.isPending}>
          {t('signIn.go')}
        </button>
      </form>
    </Outside>
  )
}

/** The plain page for those who are not in the garage yet. */
export function Outside({ title, children }: { title: string; children: React.ReactNode }) {
  const { t } = useTranslation()
  return (
    <main id="content" className="mx-auto grid min-h-dvh max-w-md content-center p-6">
      <p className="mb-6 font-answer text-3xl font-bold">Ofisino</p>
      <p className="answer mb-6">{t('signIn.what')}</p>
      <h1 className="mb-3 text-xl font-semibold">{title}</h1>
      {children}
    </main>
  )
}
