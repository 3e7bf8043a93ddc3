import { useEffect } from 'react'
import { z } from 'zod'
import { useMutation, useQueryClient } from '@tanstack/react-query'
import { useTranslation } from 'react-i18next'
import { api, unwrap, type Problem, type Schemas } from '@/api/client'
import { Form } from '@/ui/form/Form'
import { Line } from '@/ui/form/named'
import { line, secret } from '@/ui/form/rules'
import { useFields } from '@/ui/form/useFields'

export function SignInPage({ notice }: { notice: string }) {
  const { t } = useTranslation()
  const queries = useQueryClient()
  const form = useFields(z.object({ name: line(t('form.missing')), password: secret(t('form.missing')) }), {
    name: '',
    password: '',
  })
  const signIn = useMutation<unknown, Problem, Schemas['SignInRequest']>({
    mutationFn: (b) => unwrap(api.POST('/api/sign-in', { body: b })),
    onSuccess: () => queries.resetQueries(),
  })
  return (
    <Outside title={t('signIn.title')}>
      {notice && <p className="mb-4 rounded border-l-4 border-accent bg-base-200 p-3">{notice}</p>}
      <Form form={form} save={signIn} label={t('signIn.go')} onSubmit={(v) => signIn.mutate(v)}>
        <Line name="name" label={t('signIn.name')} autoComplete="username" />
        <Line name="password" label={t('signIn.password')} type="password" autoComplete="current-password" />
      </Form>
    </Outside>
  )
}

/** The plain page for those who are not in the garage yet. */
export function Outside({ title, children }: { title: string; children: React.ReactNode }) {
  const { t } = useTranslation()
  useEffect(() => {
    document.title = `${title} · Ofisino`
  }, [title])
  return (
    <main id="content" className="mx-auto grid min-h-dvh max-w-md content-center p-6">
      <p className="mb-6 font-answer text-3xl font-bold">Ofisino</p>
      <p className="answer mb-6">{t('signIn.what')}</p>
      <h1 className="mb-3 text-xl font-semibold">{title}</h1>
      {children}
    </main>
  )
}
