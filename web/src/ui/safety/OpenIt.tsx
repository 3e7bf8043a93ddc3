import { useState } from 'react'
import { z } from 'zod'
import { interlocks } from '@/api/generated/enums'
import { useTranslation } from 'react-i18next'
import { api, unwrap, write, type Schemas } from '@/api/client'
import { useWrite } from '@/api/useWrite'
import { Cautions } from './Cautions'
import { ProblemAlert } from '@/ui/page/Feedback'
import { Form } from '@/ui/form/Form'
import { Ticks } from '@/ui/form/named'
import { filled } from '@/ui/form/rules'
import { SupportPointsLine } from '@/ui/form/SupportPoints'
import { useFields } from '@/ui/form/useFields'

type VehicleAccess = Schemas['VehicleAccessResponse']

/** Somebody opened it: its dangers stand first, and each condition is ticked by itself. */
export function OpenIt({
  stripDown: o,
  access,
  projectId,
}: {
  stripDown: VehicleAccess['stripDowns'][number]
  access: VehicleAccess['accesses'][number]
  projectId: string
}) {
  const { t } = useTranslation()
  const [shown, setShown] = useState(false)
  const form = useFields(z.object({ confirmed: z.array(z.enum(interlocks)), supportPoints: z.string() }), {
    confirmed: [],
    supportPoints: '',
  })
  const open = useWrite(
    (body: Schemas['StripDownRequest'], id) =>
      unwrap(
        api.POST('/api/projects/{projectId}/access/{stripDown}/open', {
          params: { path: { projectId, stripDown: o.stripDown } },
          body,
          ...write(id),
        }),
      ),
    { said: () => t('access.opened', { what: access.name }) },
  )
  const asks = o.asks.length + access.cautions.length > 0
  const act = o.closedOn ? 'access.openAgain' : asks ? 'access.openIt' : 'access.open'
  if (!shown)
    return (
      <>
        <button
          type="button"
          className={o.closedOn ? 'btn btn-ghost' : 'btn'}
          aria-expanded={asks ? false : undefined}
          aria-label={t('actOn', { act: t(act), what: access.name })}
          onClick={() => (asks ? setShown(true) : open.mutate({ confirmed: [] }))}
        >
          {t(act)}
        </button>
        <ProblemAlert error={open.error} />
      </>
    )
  return (
    <Form
      form={form}
      save={open}
      label={t('access.open')}
      aria-label={t('actOn', { act: t('access.openIt'), what: access.name })}
      className="w-full"
      onCancel={() => setShown(false)}
      onSubmit={(v) => open.mutate(filled(v))}
    >
      <Cautions cautions={access.cautions} />
      {o.asks.length > 0 && (
        <Ticks name="confirmed" label={t('interlock.title')} of={o.asks} say={(one) => t(`interlock.${one}`)} />
      )}
      <SupportPointsLine error={open.error} />
    </Form>
  )
}
