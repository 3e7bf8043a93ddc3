import { z } from 'zod'
import { useTranslation } from 'react-i18next'
import { api, unwrap, write, type Schemas } from '@/api/client'
import { useWrite } from '@/api/useWrite'
import { Form } from '@/ui/form/Form'
import { Line } from '@/ui/form/named'
import { secret } from '@/ui/form/rules'
import { useFields } from '@/ui/form/useFields'
import { NewPasswordLine } from './NewPasswordLine'

/** One's own password, with the present one. Elsewhere one is signed out. */
export function OwnPassword() {
  const { t } = useTranslation()
  const there = secret(t('form.missing'))
  const form = useFields(z.object({ present: there, wanted: there }), { present: '', wanted: '' })
  const change = useWrite(
    (body: Schemas['OwnPasswordRequest'], id) => unwrap(api.PUT('/api/garage/own-password', { body, ...write(id) })),
    { said: () => t('people.ownChanged'), undoable: false, done: () => form.reset() },
  )
  return (
    <details>
      <summary className="cursor-pointer py-2 font-semibold">{t('people.ownPassword')}</summary>
      <Form
        form={form}
        save={change}
        label={t('people.changeOwn')}
        aside
        className="max-w-md"
        onSubmit={(passwords) => change.mutate(passwords)}
      >
        <Line name="present" label={t('people.present')} type="password" autoComplete="current-password" />
        <NewPasswordLine name="wanted" label={t('people.wanted')} />
      </Form>
    </details>
  )
}
