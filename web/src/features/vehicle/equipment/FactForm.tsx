import { useState } from 'react'
import { useWatch } from 'react-hook-form'
import { z } from 'zod'
import { useTranslation } from 'react-i18next'
import { api, unwrap, write, type Schemas } from '@/api/client'
import { useWrite } from '@/api/useWrite'
import { Form } from '@/ui/form/Form'
import { Line, Pick, Radios } from '@/ui/form/named'
import { filled, line } from '@/ui/form/rules'
import { useFields } from '@/ui/form/useFields'
import { Sheet } from '@/ui/form/Sheet'
import { useFormat } from '@/ui/format/format'

export type Equipment = Schemas['EquipmentItemResponse']

type Fact = Schemas['EquipmentFactRequest']
const hows = ['SEEN', 'PAPERS', 'SAID'] as const

/** What it has, and how that is known; a conversion has its day, and what was before stays to be read. */
export function FactForm({ projectId, item, onClose }: { projectId: string; item: Equipment; onClose: () => void }) {
  const { t } = useTranslation()
  const format = useFormat()
  const [id] = useState(() => crypto.randomUUID())
  const form = useFields(z.object({ value: line(t('form.missing')), how: z.enum(hows), since: z.string() }), {
    value: item.value ?? '',
    how: 'SEEN' as const,
    since: '',
  })
  const value = useWatch({ control: form.control, name: 'value' })
  const nameOf = (v: string) => item.values.find((x) => x.id === v)?.name ?? v
  const save = useWrite(
    (body: Fact, writeId) =>
      unwrap(
        api.POST('/api/projects/{projectId}/equipment', {
          params: { path: { projectId } },
          body: { facts: [body] },
          ...write(writeId),
        }),
      ),
    { said: (b) => t('equipment.kept', { item: item.name, value: nameOf(b.value) }), done: onClose },
  )
  return (
    <Sheet title={item.name} onClose={onClose}>
      <Form
        form={form}
        save={save}
        label={t('equipment.keep')}
        disabled={!value}
        onSubmit={(fact) => save.mutate({ id, item: item.id, ...filled(fact) })}
      >
        <Radios
          name="value"
          label={t('equipment.has')}
          of={item.values.map((v) => v.id)}
          say={(v) => (
            <span>
              {nameOf(v)}
              {!item.values.find((x) => x.id === v)?.possible && (
                <span className="quiet text-sm"> {t('equipment.unusual')}</span>
              )}
            </span>
          )}
        />
        <Pick name="how" label={t('equipment.howKnown')} of={hows} say={(h) => t(`equipment.how.${h}`)} />
        <Line name="since" label={t('equipment.since')} hint={t('equipment.sinceHint')} type="date" />
      </Form>
      {item.facts.length > 0 && (
        <section className="mt-4" aria-label={t('equipment.before')}>
          <h3 className="font-semibold">{t('equipment.before')}</h3>
          <ul className="text-sm">
            {[...item.facts].reverse().map((f) => (
              <li key={f.id}>
                {nameOf(f.value)}, {t(`equipment.how.${f.how}`)}
                <span className="quiet">
                  {' '}
                  {f.saidBy}, {format.dayAndYear(format.dateOf(f.saidAt))}
                  {f.since && `, ${t('equipment.sinceDay', { day: format.dayAndYear(f.since) })}`}
                </span>
              </li>
            ))}
          </ul>
        </section>
      )}
    </Sheet>
  )
}
