import { z } from 'zod'
import { useTranslation } from 'react-i18next'
import { api, unwrap, write, type Schemas } from '@/api/client'
import { useWrite } from '@/api/useWrite'
import { Form } from '@/ui/form/Form'
import { secret } from '@/ui/form/rules'
import { useFields } from '@/ui/form/useFields'
import { NewPasswordLine } from './NewPasswordLine'

/** For somebody who forgot theirs; they are signed out everywhere. */
export function NewPassword({ member: m }: { member: Schemas['MemberRow'] }) {
  const { t } = useTranslation()
  const form = useFields(z.object({ password: secret(t('form.missing')) }), { password: '' })
  const give = useWrite(
    (body: { password: string }, id) =>
      unwrap(
        api.PUT('/api/garage/members/{accountId}/password', {
          params: { path: { accountId: m.accountId } },
          body,
          ...write(id),
        }),
      ),
    {
      said: () => t('people.passwordGiven', { name: m.displayName }),
      undoable: false,
      done: () => form.reset(),
    },
  )
  return (
    <Form
      form={form}
      save={give}
      label={t('people.givePassword')}
      aside
      inRow
      onSubmit={({ password }) => give.mutate({ password })}
    >
      <NewPasswordLine name="password" label={t('people.newPassword')} hint={t('people.newPasswordHint')} />
    </Form>
  )
}
