import { useState } from 'react'
import { useTranslation } from 'react-i18next'
import { api, unwrap, write, type Schemas } from '@/api/client'
import { useWrite } from '@/api/useWrite'
import { Choice } from '@/ui/form/Field'
import { asFile } from '@/ui/list/asFile'
import { BadLines } from '@/ui/list/BadLines'
import { ColumnPicks } from '@/ui/list/ColumnPicks'
import { picksOf, type Picks } from '@/ui/list/columnPicks'
import { ProblemAlert } from '@/ui/page/Feedback'
import { bankColumns, bankMeanings, type BankColumns, type BankMeaning } from './bankColumns'

const orders = ['DAY_FIRST', 'MONTH_FIRST'] as const

/** Where the day, the amount and the names stand in a list of the bank; then it is taken. */
export function BankTaking({
  file,
  look,
  onClose,
}: {
  file: Blob
  look: Schemas['BankLookResponse']
  onClose: () => void
}) {
  const { t } = useTranslation()
  const [chosen, setChosen] = useState<Picks<BankMeaning>>(() =>
    picksOf(bankMeanings, look.columns, look.header.length),
  )
  const [decimals, setDecimals] = useState(look.decimals)
  const [days, setDays] = useState(look.days)
  const [bad, setBad] = useState<Schemas['BadBankLine'][]>([])
  const columns = bankColumns(chosen)
  // most lists say it themselves
  const asksForDays = !look.columns || look.daysLeftOpen || look.days === 'MONTH_FIRST'
  const said = ({ taken, known }: Schemas['BankTakenResponse']) =>
    taken === 0
      ? t('bank.nothingNew')
      : [t('bank.taken', { count: taken }), known > 0 && t('bank.known', { count: known })].filter(Boolean).join(' ')
  const take = useWrite(
    ({ withoutBad, at }: { withoutBad: boolean; at: BankColumns }, id) =>
      unwrap(
        api.POST('/api/bank/lines', {
          params: { query: { ...at, decimals, days, withoutBad } },
          ...asFile(file, write(id).headers),
        }),
      ),
    {
      said: (_, answer) => (answer.taken + answer.known > 0 ? said(answer) : undefined),
      done: ({ taken, known, bad: found }, { withoutBad }) => {
        if (taken + known > 0 || withoutBad) onClose()
        else setBad(found)
      },
    },
  )
  const again = () => setBad([])
  return (
    <div className="grid gap-3">
      <p>
        {t('list.lines', { count: look.lines })} {look.remembered && t('list.remembered')}
      </p>
      <ColumnPicks
        look={look}
        meanings={Object.fromEntries(bankMeanings.map((m) => [m, t(`bank.is.${m}`)])) as Record<BankMeaning, string>}
        chosen={chosen}
        onChoose={(now) => {
          again()
          setChosen(now)
        }}
        decimals={decimals}
        onDecimals={(d) => {
          again()
          setDecimals(d)
        }}
      />
      {asksForDays && (
        <Choice
          label={t('bank.days')}
          hint={look.daysLeftOpen && <strong>{t('bank.daysLeftOpen')}</strong>}
          value={days}
          onChange={(e) => {
            again()
            setDays(e.target.value as typeof days)
          }}
        >
          {orders.map((o) => (
            <option key={o} value={o}>
              {t(`bank.daysAre.${o}`)}
            </option>
          ))}
        </Choice>
      )}
      {!columns && <p className="font-semibold">{t('bank.missing')}</p>}
      {bad.length > 0 && <BadLines bad={bad.map((b) => ({ ...b, why: t(`bank.bad.${b.why}`) }))} />}
      <ProblemAlert error={take.error} />
      <div>
        <button
          type="button"
          className="btn btn-primary"
          disabled={!columns || take.isPending}
          onClick={() => columns && take.mutate({ withoutBad: bad.length > 0, at: columns })}
        >
          {t(bad.length > 0 ? 'list.takeOthers' : 'list.take')}
        </button>
      </div>
    </div>
  )
}
