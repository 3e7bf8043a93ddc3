import { useState } from 'react'
import { useTranslation } from 'react-i18next'
import { api, unwrap, write, type Schemas } from '@/api/client'
import { useWrite } from '@/api/useWrite'
import { isStale, ProblemAlert } from '@/ui/page/Feedback'
import { Choice, NoteField, TextField } from '@/ui/form/Field'
import { AmountField, amountOf, basisPoints } from '@/ui/form/AmountField'
import { Sheet } from '@/ui/form/Sheet'
import { useFormat } from '@/ui/format/format'
import { minorText, useAmountProblem } from '@/ui/format/money'
import type { Buying } from './buying'

type Inputs = Schemas['BuyingRow']
type Title = Inputs['title']

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
type Amount = keyof typeof amounts
type Share = keyof typeof shares

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
  const [typed, setTyped] = useState<Record<Amount | Share, string>>(() => typedOf(buying.inputs, currency))
  const [title, setTitle] = useState<Title>(buying.inputs.title)
  const [rarity, setRarity] = useState(buying.inputs.rarity)
  const [version, setVersion] = useState(buying.inputs.version)
  const [wrong, setWrong] = useState<string>()
  const amountProblem = useAmountProblem()
  const save = useWrite(
    (body: Inputs, id) =>
      unwrap(api.PUT('/api/projects/{projectId}/buying', { params: { path: { projectId } }, body, ...write(id) })),
    { said: () => t('bid.figuresSaved'), done: onClose },
  )
  const put = (key: Amount | Share, value: string) => setTyped({ ...typed, [key]: value })

  function choose(next: Title) {
    const usual = buying.titles.find((x) => x.title === next)!.usual
    setTitle(next)
    setTyped({
      ...typed,
      titleLow: String(usual.lowBasisPoints / 100),
      titleHigh: String(usual.highBasisPoints / 100),
    })
  }

  function submit() {
    const minor = Object.fromEntries((Object.keys(amounts) as Amount[]).map((k) => [k, amountOf(typed[k], currency)]))
    const share = Object.fromEntries((Object.keys(shares) as Share[]).map((k) => [k, basisPoints(typed[k])]))
    const unread = (Object.keys(amounts) as Amount[]).find((k) => minor[k] === undefined)
    if (unread) return setWrong(amountProblem(typed[unread], currency))
    if (Object.values(share).includes(undefined)) return setWrong(t('bid.shareWrong'))
    setWrong(undefined)
    const { askedMinor, donorMinor, ...rest } = minor as Record<Amount, number>
    save.mutate(
      {
        ...rest,
        ...(share as Record<Share, number>),
        ...(typed.askedMinor.trim() && { askedMinor }),
        ...(typed.donorMinor.trim() && { donorMinor }),
        title,
        rarity,
        version,
      },
      { onError: (problem) => isStale(problem) && setVersion((problem.stored as Inputs).version) },
    )
  }

  const amount = (key: Amount) => (
    <AmountField
      key={key}
      label={t(amounts[key], { currency })}
      value={typed[key]}
      currency={currency}
      {...(key === 'ownHourMinor' && { hint: t('bid.ownHourHint') })}
      onChange={(v) => put(key, v)}
    />
  )
  const percentage = (key: Share) => (
    <TextField
      key={key}
      label={t(shares[key])}
      inputMode="decimal"
      value={typed[key]}
      onChange={(e) => put(key, e.target.value)}
    />
  )
  return (
    <Sheet title={t('bid.figures')} onClose={onClose}>
      <form
        className="grid gap-3"
        onSubmit={(e) => {
          e.preventDefault()
          submit()
        }}
      >
        {amount('askedMinor')}
        <Choice label={t('bid.titleIs')} value={title} onChange={(e) => choose(e.target.value as Title)}>
          {buying.titles.map((x) => (
            <option key={x.title} value={x.title}>
              {t(`bid.title_.${x.title}`)}
            </option>
          ))}
        </Choice>
        <div className="grid grid-cols-2 items-end gap-3">
          {percentage('titleLow')}
          {percentage('titleHigh')}
          {amount('ownHourMinor')}
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
        <NoteField
          label={t('bid.rarity')}
          hint={t('bid.rarityHint')}
          value={rarity}
          onChange={(e) => setRarity(e.target.value)}
        />
        {wrong && (
          <p role="alert" className="font-semibold text-error">
            {wrong}
          </p>
        )}
        <ProblemAlert error={save.error} />
        <button type="submit" className="btn btn-primary" disabled={save.isPending}>
          {t('bid.saveFigures')}
        </button>
      </form>
    </Sheet>
  )
}

function typedOf(inputs: Inputs, currency: string): Record<Amount | Share, string> {
  const text = (minor: number | undefined) => (minor ? minorText(minor, currency) : '')
  return Object.fromEntries([
    ...(Object.keys(amounts) as Amount[]).map((k) => [k, text(inputs[k])]),
    ...(Object.keys(shares) as Share[]).map((k) => [k, String(inputs[k] / 100)]),
  ]) as Record<Amount | Share, string>
}
