import { z } from 'zod'
import { roles } from '@/api/generated/enums'
import { useTranslation } from 'react-i18next'
import { api, unwrap, write, type Schemas } from '@/api/client'
import { useWrite } from '@/api/useWrite'
import { Form } from '@/ui/form/Form'
import { Pick } from '@/ui/form/named'
import { useFields } from '@/ui/form/useFields'

type Member = Schemas['MemberRow']

/** Saved by a press: moving through the choices with the keys changes nothing. */
export function NewRole({ member: m }: { member: Member }) {
  const { t } = useTranslation()
  const form = useFields(z.object({ role: z.enum(roles) }), { role: m.role })
  const setRole = useWrite(
    (body: { role: Member['role'] }, id) =>
      unwrap(
        api.PUT('/api/garage/members/{accountId}/role', {
          params: { path: { accountId: m.accountId } },
          body,
          ...write(id),
        }),
      ),
    {
      said: ({ role }) => t('people.roleSet', { name: m.displayName, role: t(`role.${role}`) }),
      undoable: false,
      done: (_, body) => form.reset(body),
    },
  )
  return (
    <Form
      form={form}
      save={setRole}
      label={t('save')}
      aside
      inRow
      disabled={!form.formState.isDirty}
      onSubmit={(v) => setRole.mutate(v)}
    >
      <Pick name="role" label={t('garage.mayDo')} of={roles} say={(r) => t(`people.may.${r}`)} />
    </Form>
  )
}
