import { useState } from 'react'
import { z } from 'zod'
import { useMutation, useQueryClient } from '@tanstack/react-query'
import { useTranslation } from 'react-i18next'
import { api, unwrap, type Problem, type Schemas } from '@/api/client'
import { Form } from '@/ui/form/Form'
import { Line } from '@/ui/form/named'
import { line, secret } from '@/ui/form/rules'
import { useFields } from '@/ui/form/useFields'
import { Outside } from './SignInPage'
import { NewPasswordLine } from './NewPasswordLine'

type Body = Schemas['FirstAccountRequest']

/** Where the euro is not the money, by region. ISO 4217. */
const MONEY: Record<string, string> = {
  AU: 'AUD',
  CA: 'CAD',
  CH: 'CHF',
  CZ: 'CZK',
  DK: 'DKK',
  GB: 'GBP',
  HU: 'HUF',
  JP: 'JPY',
  NO: 'NOK',
  NZ: 'NZD',
  PL: 'PLN',
  RO: 'RON',
  SE: 'SEK',
  US: 'USD',
}

/** Some browsers name a language that is none. */
const LANGUAGE = /^[a-z]{2}(-[A-Z]{2})?$/.test(navigator.language) ? navigator.language : 'en-GB'

/** The money of where somebody's language is spoken; a proposal. */
const currencyOf = (language: string) => MONEY[new Intl.Locale(language).maximize().region ?? ''] ?? 'EUR'

/** Founds the garage; only who can read the starting window has the code. */
export function FirstAccountPage() {
  const { t } = useTranslation()
  const queries = useQueryClient()
  const [ids] = useState(() => ({ accountId: crypto.randomUUID(), garageId: crypto.randomUUID() }))
  const there = line(t('form.missing'))
  const form = useFields(
    z.object({
      code: there,
      displayName: there,
      name: there,
      password: secret(t('form.missing')),
      garageName: there,
      baseCurrency: there,
      zone: there,
      locale: there,
    }),
    {
      code: '',
      displayName: '',
      name: '',
      password: '',
      garageName: '',
      baseCurrency: currencyOf(LANGUAGE),
      zone: Intl.DateTimeFormat().resolvedOptions().timeZone,
      locale: LANGUAGE,
    },
  )
  const found = useMutation<unknown, Problem, Body>({
    mutationFn: (body) => unwrap(api.POST('/api/first-account', { body })),
    onSuccess: () => queries.resetQueries(),
  })
  return (
    <Outside title={t('first.title')}>
      <Form form={form} save={found} label={t('first.go')} onSubmit={(v) => found.mutate({ ...ids, ...v })}>
        <Line name="code" label={t('first.code')} hint={t('first.codeHint')} autoComplete="off" />
        <Line name="displayName" label={t('first.displayName')} autoComplete="name" />
        <Line name="name" label={t('first.name')} autoComplete="username" />
        <NewPasswordLine name="password" label={t('first.password')} />
        <Line name="garageName" label={t('first.garageName')} />
        <div className="grid grid-cols-2 gap-3">
          <Line
            name="baseCurrency"
            label={t('first.baseCurrency')}
            maxLength={3}
            known={Intl.supportedValuesOf('currency')}
          />
          <Line name="zone" label={t('first.zone')} known={Intl.supportedValuesOf('timeZone')} />
        </div>
      </Form>
    </Outside>
  )
}
