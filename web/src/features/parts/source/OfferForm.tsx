import { useState } from 'react'
import { useQuery } from '@tanstack/react-query'
import { useWatch } from 'react-hook-form'
import { z } from 'zod'
import { useTranslation } from 'react-i18next'
import { api, unwrap, write, type Schemas } from '@/api/client'
import { supplyKinds } from '@/api/generated/enums'
import { consumablesQuery, needsQuery } from '@/api/queries'
import { isToOrder } from '@/api/toOrder'
import { useWrite } from '@/api/useWrite'
import { Form } from '@/ui/form/Form'
import { Amount, Line, Pick, Ticks, Whole } from '@/ui/form/named'
import { line, orNothing, useAmountRule, whole } from '@/ui/form/rules'
import { useFields } from '@/ui/form/useFields'
import { minorText } from '@/ui/format/money'
import { ArticlePick } from '../pricelist/ArticlePick'
import { SupplierFields } from '../supplier/SupplierFields'
import { shoppingQuery } from './queries'
import { useSellers } from './useSellers'

function useOfferRules(currencyOf: (supplierId: string) => string) {
  const { t } = useTranslation()
  const amount = useAmountRule()
  return z
    .object({
      kind: z.enum(supplyKinds),
      title: line(t('form.missing')),
      supplierId: z.string(),
      price: z.string(),
      deposit: z.string(),
      most: whole(t('offer.mostWrong'), { min: 1, max: 9999 }),
      leadDays: whole(t('offer.leadWrong'), { min: 0, max: 730 }),
      wrongPercent: whole(t('offer.wrongWrong'), { min: 0, max: 100 }),
      pieces: whole(t('offer.piecesWrong'), { min: 1, max: 99_999 }),
      also: z.array(z.string()),
    })
    .transform(({ price, deposit, ...v }, context) => {
      const rule = amount(currencyOf(v.supplierId))
      const read = (path: string, typed: string, may: boolean) => {
        const found = (may ? orNothing(rule) : rule).safeParse(typed)
        if (!found.success) context.addIssue({ code: 'custom', path: [path], message: found.error.issues[0]!.message })
        return found.data ?? 0
      }
      return { ...v, priceMinor: read('price', price, false), depositMinor: read('deposit', deposit, true) }
    })
}

type Props = { need: Schemas['Need']; source?: Schemas['PartSource']; onClose: () => void }

/** What somebody offers for a part, or for several at once. */
export function OfferForm({ need, source, onClose }: Props) {
  const { t } = useTranslation()
  const [id] = useState(() => source?.id ?? crypto.randomUUID())
  const sellers = useSellers()
  const { data: needs } = useQuery(needsQuery(need.projectId))
  const usually = useQuery(shoppingQuery(need.projectId)).data?.usuallyWrongPercent
  const pack = useQuery(consumablesQuery).data?.find((c) => c.id === need.item)?.pack
  const others = needs?.filter((n) => n.sameAs !== need.sameAs && isToOrder(n)) ?? []
  const currency = sellers.currency(source?.supplierId)
  const form = useFields(useOfferRules(sellers.currency), {
    kind: source?.kind ?? 'NEW_PATTERN',
    title: source?.title ?? need.title,
    supplierId: source?.supplierId ?? '',
    price: source ? minorText(source.priceMinor!, currency) : '',
    deposit: source?.depositMinor ? minorText(source.depositMinor, currency) : '',
    most: String(source?.most ?? Math.max(9, need.quantity)),
    leadDays: String(source?.leadDays ?? need.leadDays),
    wrongPercent: String(source?.wrongPercent ?? usually?.NEW_PATTERN ?? 0),
    pieces: String(piecesOf(source, need.id) ?? pack ?? 1),
    also: source?.holds.map((h) => h.needId).filter((n) => n !== need.id) ?? [],
  })
  const [numbered, setNumbered] = useState({ article: source?.article, supplierId: source?.supplierId })
  const chosen = sellers.currency(useWatch({ control: form.control, name: 'supplierId' }))
  const save = useWrite(
    (fields: Schemas['SourceFields'], writeId) =>
      source
        ? unwrap(
            api.PUT('/api/sources/{id}', {
              params: { path: { id } },
              body: { fields, version: source.version },
              ...write(writeId),
            }),
          )
        : unwrap(
            api.POST('/api/projects/{projectId}/sources', {
              params: { path: { projectId: need.projectId } },
              body: { id, fields },
              ...write(writeId),
            }),
          ),
    { said: (v) => t('offer.kept', { offer: v.title }), done: onClose },
  )
  return (
    <Form
      form={form}
      save={save}
      label={t('save')}
      onCancel={onClose}
      onSubmit={({ pieces, also, supplierId, ...said }) =>
        save.mutate({
          ...said,
          ...(supplierId !== '' && { supplierId }),
          ...(numbered.article && numbered.supplierId === supplierId && { article: numbered.article }),
          holds: [
            { needId: need.id, pieces },
            ...also.map((needId) => ({ needId, pieces: piecesOf(source, needId) ?? 1 })),
          ],
        })
      }
    >
      <h3 className="font-semibold">{t(source ? 'offer.change' : 'offer.add')}</h3>
      {!source && (
        <ArticlePick
          name={need.title}
          onTake={(a) => {
            setNumbered({ article: a.number || undefined, supplierId: a.supplierId })
            form.setValue('title', a.title)
            form.setValue('supplierId', a.supplierId)
            form.setValue('price', minorText(a.priceMinor!, a.currency))
            form.setValue('pieces', String(a.pieces))
            if (a.leadDays !== undefined) form.setValue('leadDays', String(a.leadDays))
            if (a.stock !== undefined && a.stock > 0) form.setValue('most', String(Math.min(a.stock, 9999)))
          }}
        />
      )}
      <Line name="title" label={t('offer.what')} hint={t('offer.whatHint')} />
      <Pick
        name="kind"
        label={t('offer.kind')}
        of={supplyKinds}
        say={(k) => t(`supplyKind.${k}`)}
        onChosen={(k) => form.setValue('wrongPercent', String(usually?.[k] ?? 0))}
      />
      <Pick
        name="supplierId"
        label={t('offer.seller')}
        none={t('offer.chooseSeller')}
        of={sellers.all.map((s) => s.id)}
        say={sellers.name}
      />
      <SupplierFields onMade={(made) => form.setValue('supplierId', made)} />
      <div className="grid grid-cols-2 gap-3">
        <Amount name="price" label={t('offer.price', { currency: chosen })} currency={chosen} />
        <Whole name="leadDays" label={t('offer.leadDays')} />
        <Whole name="pieces" label={t(`offer.inOne.${need.unit}`)} />
        <Whole name="most" label={t('offer.most')} />
        <Whole name="wrongPercent" label={t('offer.wrong')} hint={t('offer.wrongHint')} />
        <Amount
          name="deposit"
          label={t('offer.deposit', { currency: chosen })}
          hint={t('offer.depositHint')}
          currency={chosen}
        />
      </div>
      {others.length > 0 && (
        <details>
          <summary className="cursor-pointer py-2 text-sm font-semibold">{t('offer.also')}</summary>
          <Ticks
            name="also"
            label={t('offer.also')}
            of={others.map((n) => n.id)}
            say={(n) => others.find((o) => o.id === n)!.title}
          />
        </details>
      )}
    </Form>
  )
}

const piecesOf = (source: Schemas['PartSource'] | undefined, needId: string) =>
  source?.holds.find((h) => h.needId === needId)?.pieces
