import type { ReactNode } from 'react'
import { useTranslation } from 'react-i18next'
import type { Problem } from '@/api/client'
import { ProblemAlert } from '@/ui/page/Feedback'
import { BadLines, type BadLine } from './BadLines'
import { ColumnPicks, type DecimalSign } from './ColumnPicks'
import type { Picks } from './columnPicks'

/** How a list is read: what stands in which column, and how its amounts are written. */
export type Reading<M extends string> = { picks: Picks<M>; decimals: DecimalSign }

/** A list that was looked at: its columns are named, then it is taken; with bad lines only when asked a second time. */
export function TakeList<M extends string>({
  look,
  meanings,
  reading,
  onReading,
  missing,
  bad,
  taking,
  onTake,
  children,
}: {
  look: { header: string[]; rows: string[][]; lines: number; remembered: boolean }
  /** With what each is called. */
  meanings: Record<M, string>
  reading: Reading<M>
  onReading: (reading: Reading<M>) => void
  /** What is not said yet; it cannot be taken before. */
  missing: string | undefined
  bad: BadLine[]
  taking: { isPending: boolean; error: Problem | null }
  onTake: () => void
  /** What else this kind of list has to say. */
  children?: ReactNode
}) {
  const { t } = useTranslation()
  return (
    <div className="grid gap-3">
      <p>
        {t('list.lines', { count: look.lines })} {look.remembered && t('list.remembered')}
      </p>
      <ColumnPicks
        look={look}
        meanings={meanings}
        chosen={reading.picks}
        onChoose={(picks) => onReading({ ...reading, picks })}
        decimals={reading.decimals}
        onDecimals={(decimals) => onReading({ ...reading, decimals })}
      />
      {children}
      {missing && <p className="font-semibold">{missing}</p>}
      {bad.length > 0 && <BadLines bad={bad} />}
      <ProblemAlert error={taking.error} />
      <div>
        <button type="button" className="btn btn-primary" disabled={!!missing || taking.isPending} onClick={onTake}>
          {t(bad.length > 0 ? 'list.takeOthers' : 'list.take')}
        </button>
      </div>
    </div>
  )
}
