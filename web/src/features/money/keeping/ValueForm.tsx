import { useState } from 'react'
import { z } from 'zod'
import { useTranslation } from 'react-i18next'
import { api, unwrap, write, type Schemas } from '@/api/client'
import { useWrite } from '@/api/useWrite'
import { isStale } from '@/ui/page/Feedback'
import { Form } from '@/ui/form/Form'
import { Amount, Decimal } from '@/ui/form/named'
import { number, orNothing, useAmountRule, whole } from '@/ui/form/rules'
import { Sheet } from '@/ui/form/Sheet'
import { useFields } from '@/ui/form/useFields'
import { minorText } from '@/ui/format/money'
import type { Keeping } from './queries'

type Row = Schemas['KeepingRow']

const threes = [
  ['nowLow', 'nowLikely', 'nowHigh'],
  ['finishedLow', 'finishedLikely', 'finishedHigh'],
] as const
const ends = ['low', 'likely', 'high'] as const

/** Of three figures all or none; they rise. */
function useValueRules(currency: string) {
  const { t } = useTranslation()
  const amount = orNothing(useAmountRule()(currency))
  return z
    .object({
      nowLow: amount,
      nowLikely: amount,
      nowHigh: amount,
      finishedLow: amount,
      finishedLikely: amount,
      finishedHigh: amount,
      sellingShare: orNothing(number(t('keep.shareWrong'), { min: 0, max: 99.99 })),
      sellingMinor: amount,
      hourMinor: amount,
      km: orNothing(whole(t('keep.kmWrong'), { min: 0 })),
    })
    .superRefine((v, ctx) => {
      for (const three of threes) {
        const said = three.map((k) => v[k])
        const some = said.filter((x) => x !== undefined)
        const rises = some.length < 3 || (some[0]! <= some[1]! && some[1]! <= some[2]!)
        if ((some.length > 0 && some.length < 3) || !rises)
          ctx.addIssue({ code: 'custom', path: [three[2]], message: t(rises ? 'keep.all' : 'keep.rising') })
      }
    })
}

/** What it fetches as it stands and finished, and what selling takes. */
export function ValueForm({
  projectId,
  keeping: { said, currency },
  onClose,
}: {
  projectId: string
  keeping: Keeping
  onClose: () => void
}) {
  const { t } = useTranslation()
  const [version, setVersion] = useState(said.version)
  const typed = (minor: number | undefined) => (minor === undefined ? '' : minorText(minor, currency))
  const form = useFields(useValueRules(currency), {
    nowLow: typed(said.nowLow),
    nowLikely: typed(said.nowLikely),
    nowHigh: typed(said.nowHigh),
    finishedLow: typed(said.finishedLow),
    finishedLikely: typed(said.finishedLikely),
    finishedHigh: typed(said.finishedHigh),
    sellingShare: said.sellingShare ? String(said.sellingShare / 100) : '',
    sellingMinor: typed(said.sellingMinor || undefined),
    hourMinor: typed(said.hourMinor || undefined),
    km: said.km ? String(said.km) : '',
  })
  const save = useWrite(
    (body: Row, id) =>
      unwrap(api.PUT('/api/projects/{projectId}/keeping', { params: { path: { projectId } }, body, ...write(id) })),
    { said: () => t('keep.saved'), done: onClose },
  )
  const three = (title: string, keys: (typeof threes)[number]) => (
    <fieldset className="grid gap-3">
      <legend className="font-semibold">{title}</legend>
      <div className="grid grid-cols-3 items-end gap-3">
        {keys.map((key, i) => (
          <Amount key={key} name={key} label={t(`keep.${ends[i]!}`, { currency })} currency={currency} />
        ))}
      </div>
    </fieldset>
  )
  return (
    <Sheet title={t('keep.values')} onClose={onClose}>
      <Form
        form={form}
        save={save}
        label={t('keep.save')}
        onSubmit={({ sellingShare = 0, sellingMinor = 0, hourMinor = 0, km = 0, ...values }) =>
          save.mutate(
            {
              ...Object.fromEntries(Object.entries(values).filter(([, minor]) => minor !== undefined)),
              sellingShare: Math.round(sellingShare * 100),
              sellingMinor,
              hourMinor,
              km,
              version,
            },
            { onError: (problem) => isStale(problem) && setVersion((problem.stored as Row).version) },
          )
        }
      >
        {three(t('keep.now'), threes[0])}
        {three(t('keep.finished'), threes[1])}
        <div className="grid grid-cols-2 items-end gap-3">
          <Decimal name="sellingShare" label={t('keep.share')} />
          <Amount name="sellingMinor" label={t('keep.fixed', { currency })} currency={currency} />
          <Amount name="hourMinor" label={t('keep.hour', { currency })} currency={currency} />
          <Decimal name="km" label={t('keep.km')} />
        </div>
      </Form>
    </Sheet>
  )
}
