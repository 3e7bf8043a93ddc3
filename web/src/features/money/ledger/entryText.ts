import type { Schemas } from '@/api/client'
import { entryKinds } from '@/api/generated/enums'
import { minorText } from '@/ui/format/money'
import type { Entry } from '../budget/moneyQueries'
import type { SplitDraft } from './SplitFields'

export const NOT_ORDERED = 'none'

/** What can be typed: what goes to another car or to the workshop is booked by a press of its own. */
export const typedKinds = entryKinds.filter((k) => k !== 'MOVED_OUT' && k !== 'MOVED_IN' && k !== 'TO_WORKSHOP')
export type TypedKind = (typeof typedKinds)[number]

/** An entry as its fields show it; `order` is empty until somebody says to which it belongs. */
export type EntryText = {
  order: string
  kind: TypedKind
  paidOn: string
  description: string
  currency: string
  amount: string
  rate: string
  returnBy: string
  splits: SplitDraft[] | undefined
}

export const blankEntry = (base: string, today: string): EntryText => ({
  order: '',
  kind: 'PURCHASE',
  paidOn: today,
  description: '',
  currency: base,
  amount: '',
  rate: '',
  returnBy: '',
  splits: undefined,
})

/** A payment as the bank says it. @param minor less than nothing where it was paid */
export type Paid = { paidOn: string; minor: number; description: string; supplierId?: string | undefined }

export const paidText = (paid: Paid, base: string) => ({
  kind: paid.minor < 0 ? ('PURCHASE' as const) : ('REFUND' as const),
  paidOn: paid.paidOn,
  description: paid.description,
  amount: minorText(Math.abs(paid.minor), base),
})

export const textOf = (entry: Entry, base: string): EntryText => ({
  order: entry.orderId ?? '',
  kind: entry.kind as TypedKind, // what was moved is never a draft
  paidOn: entry.paidOn,
  description: entry.description,
  currency: entry.currency,
  amount: minorText(Math.abs(entry.amountMinor), entry.currency),
  rate: String(entry.rate ?? ''),
  returnBy: entry.returnBy ?? '',
  splits: entry.splits.map((s) => ({
    to: s.jobId ?? s.destination,
    amount: minorText(Math.abs(s.baseMinor), base),
  })),
})

/**
 * What an order says of its invoice, where nothing was typed yet; an invoice is in the currency of its order.
 *
 * @param openMinor what is still to be paid of it, where that is known
 */
export function invoiceOf(
  order: Schemas['Order'],
  openMinor: number | undefined,
  title: string,
  typed: EntryText,
): EntryText {
  const total = order.postMinor + order.lines.reduce((sum, l) => sum + l.amountMinor, 0)
  return {
    ...typed,
    order: order.id,
    description: typed.description || title,
    currency: order.currency,
    amount: typed.amount || minorText(openMinor ?? total, order.currency),
    rate: typed.rate || String(order.rate),
  }
}
