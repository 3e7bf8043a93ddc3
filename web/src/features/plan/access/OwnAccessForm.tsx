import { useState } from 'react'
import { z } from 'zod'
import { useTranslation } from 'react-i18next'
import { api, unwrap, write, type Schemas } from '@/api/client'
import { useWrite } from '@/api/useWrite'
import { Form } from '@/ui/form/Form'
import { Decimal, Line, Tick, Whole } from '@/ui/form/named'
import { line, whole } from '@/ui/form/rules'
import { useFields } from '@/ui/form/useFields'
import { useHoursRule } from '@/ui/form/useHoursRule'
import { Sheet } from '@/ui/form/Sheet'
import type { VehicleAccess, Access } from './access'
import { AccessPick } from './AccessPick'

/** An access of one's own, or one's own figures for one of the library. */
export function OwnAccessForm({
  projectId,
  vehicleAccess,
  access,
  onClose,
}: {
  projectId: string
  vehicleAccess: VehicleAccess
  access?: Access
  onClose: () => void
}) {
  const { t } = useTranslation()
  const [id] = useState(() => access?.id ?? `own-${crypto.randomUUID()}`)
  const hours = useHoursRule()
  const form = useFields(
    z.object({
      name: line(t('form.missing')),
      needs: z.array(z.string()),
      stripMinutes: hours,
      refitMinutes: hours,
      people: whole(t('access.peopleWrong'), { min: 1, max: 6 }),
      rolls: z.boolean(),
    }),
    {
      name: access?.name ?? '',
      needs: access?.needs ?? [],
      stripMinutes: access ? String(access.stripMinutes / 60) : '',
      refitMinutes: access ? String(access.refitMinutes / 60) : '',
      people: String(access?.people ?? 1),
      rolls: access ? !access.excludes.includes('ROLLING') : true,
    },
  )
  const save = useWrite(
    (body: Schemas['OwnAccessRow'], writeId) =>
      unwrap(
        api.PUT('/api/projects/{projectId}/access/own', { params: { path: { projectId } }, body, ...write(writeId) }),
      ),
    { said: ({ name }) => t('access.ownKept', { name }), done: onClose },
  )
  return (
    <Sheet title={access ? access.name : t('access.addOwn')} onClose={onClose}>
      <Form
        form={form}
        save={save}
        label={t('access.keepOwn')}
        onSubmit={(v) => save.mutate({ access: id, ...v, version: access?.version ?? 0 })}
      >
        <Line name="name" label={t('access.ownName')} />
        <div className="grid grid-cols-3 gap-2">
          <Decimal name="stripMinutes" label={t('access.stripHours')} />
          <Decimal name="refitMinutes" label={t('access.refitHours')} />
          <Whole name="people" label={t('access.ownPeople')} />
        </div>
        <AccessPick
          name="needs"
          label={t('access.ownNeeds')}
          accesses={vehicleAccess.accesses.filter((w) => w.id !== id)}
        />
        <Tick name="rolls" label={t('access.rolls')} />
      </Form>
    </Sheet>
  )
}
