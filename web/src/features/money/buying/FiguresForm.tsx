import { useState } from 'react'
import { z } from 'zod'
import { useTranslation } from 'react-i18next'
import { api, unwrap, write, type Schemas } from '@/api/client'
import { useWrite } from '@/api/useWrite'
import { isStale } from '@/ui/page/Feedback'
import { Form } from '@/ui/form/Form'
import { Amount, Decimal, Note, Pick } from '@/ui/form/named'
import { number, orNothing, useAmountRule } from '@/ui/form/rules'
import { Sheet } from '@/ui/form/Sheet'
import { useFields } from '@/ui/form/useFields'
import { useFormat } from '@/ui/format/format'
import { minorText } from '@/ui/format/money'
import type { Buying } from './buying'

type Inputs = Schemas['BuyingRow']

const amounts = {
  askedMinor: 'bid.asked',
  ownHourMinor: 'bid.ownHour',
  allowanceMinor: 'bid.allowance',
  marginMinor: 'bid.wanted',
  feeMinor: 'bid.fixedFee',
  freightMinor: 'bid.freight',
  insuranceMinor: 'bid.insurance',
  inlandMinor: 'bid.inland',
  registrationMinor: 'bid.registration',
  donorMinor: 'bid.donor',
} as const
const shares = {
  askedLess: 'bid.askedLess',
  titleLow: 'bid.titleLow',
  titleHigh: 'bid.titleHigh',
  feeShare: 'bid.fee',
  dutyShare: 'bid.duty',
  taxShare: 'bid.tax',
} as const
type AmountKey = keyof typeof amounts
type ShareKey = keyof typeof shares
const amountKeys = Object.keys(amounts) as AmountKey[]
const shareKeys = Object.keys(shares) as ShareKey[]

const each = <K extends string, T>(keys: K[], of: (key: K) => T) =>
  Object.fromEntries(keys.map((k) => [k, of(k)])) as Record<K, T>

/** Amounts in minor units, none where nothing is typed; shares in percent. */
function useFigureRules(currency: string, buying: Buying) {
  const { t } = useTranslation()
  const amount = useAmountRule()
  const share = orNothing(number(t('bid.shareWrong'), { min: 0, max: 100 }))
  return z.object({
    ...each(amountKeys, () => orNothing(amount(currency))),
    ...each(shareKeys, () => share),
    title: z.enum(buying.titles.map((x) => x.title)),
    rarity: z.string().max(4000),
  })
}

const typedOf = (inputs: Inputs, currency: string) => ({
  ...each(amountKeys, (k) => (inputs[k] ? minorText(inputs[k], currency) : '')),
  ...each(shareKeys, (k) => String(inputs[k] / 100)),
  title: inputs.title,
  rarity: inputs.rarity,
})

type Said = z.output<ReturnType<typeof useFigureRules>>
/** What was left empty is 0, but for what is asked for the car and for a donor: that is not known. */
function inputsOf({ askedMinor, donorMinor, ...said }: Said): Omit<Inputs, 'version'> {
  const known = amountKeys.filter((k) => k !== 'askedMinor' && k !== 'donorMinor')
  return {
    ...each(known, (k) => (said as Said)[k] ?? 0),
    ...each(shareKeys, (k) => Math.round((said[k] ?? 0) * 100)),
    ...(askedMinor !== undefined && { askedMinor }),
    ...(donorMinor !== undefined && { donorMinor }),
    title: said.title,
    rarity: said.rarity,
  } as Omit<Inputs, 'version'>
}

/** The buyer's own figures; the ceiling follows. */
export function FiguresForm({
  projectId,
  buying,
  onClose,
}: {
  projectId: string
  buying: Buying
  onClose: () => void
}) {
  const { t } = useTranslation()
  const { currency } = useFormat()
  const [version, setVersion] = useState(buying.inputs.version)
  const form = useFields(useFigureRules(currency, buying), typedOf(buying.inputs, currency))
  const save = useWrite(
    (body: Inputs, id) =>
      unwrap(api.PUT('/api/projects/{projectId}/buying', { params: { path: { projectId } }, body, ...write(id) })),
    { said: () => t('bid.figuresSaved'), done: onClose },
  )
  function takeUsual(title: string) {
    const usual = buying.titles.find((x) => x.title === title)!.usual
    form.setValue('titleLow', String(usual.lowBasisPoints / 100))
    form.setValue('titleHigh', String(usual.highBasisPoints / 100))
  }
  const amount = (key: AmountKey, hint?: string) => (
    <Amount name={key} label={t(amounts[key], { currency })} currency={currency} hint={hint} />
  )
  const percentage = (key: ShareKey) => <Decimal name={key} label={t(shares[key])} />
  return (
    <Sheet title={t('bid.figures')} onClose={onClose}>
      <Form
        form={form}
        save={save}
        label={t('bid.saveFigures')}
        onSubmit={(said) =>
          save.mutate(
            { ...inputsOf(said), version },
            { onError: (problem) => isStale(problem) && setVersion((problem.stored as Inputs).version) },
          )
        }
      >
        {amount('askedMinor')}
        <Pick
          name="title"
          label={t('bid.titleIs')}
          of={buying.titles.map((x) => x.title)}
          say={(x) => t(`bid.title_.${x}`)}
          onChosen={takeUsual}
        />
        <div className="grid grid-cols-2 items-end gap-3">
          {percentage('titleLow')}
          {percentage('titleHigh')}
          {amount('ownHourMinor', t('bid.ownHourHint'))}
          {percentage('askedLess')}
          {amount('allowanceMinor')}
          {amount('marginMinor')}
          {percentage('feeShare')}
          {amount('feeMinor')}
          {amount('freightMinor')}
          {amount('insuranceMinor')}
          {percentage('dutyShare')}
          {percentage('taxShare')}
          {amount('inlandMinor')}
          {amount('registrationMinor')}
          {amount('donorMinor')}
        </div>
        <Note name="rarity" label={t('bid.rarity')} hint={t('bid.rarityHint')} />
      </Form>
    </Sheet>
  )
}
