import { useState } from 'react'
import { useTranslation } from 'react-i18next'
import { api, unwrap, write, type Schemas } from '@/api/client'
import { useWrite } from '@/api/useWrite'
import { Choice } from '@/ui/form/Field'
import { asFile } from '@/ui/list/asFile'
import { picksOf } from '@/ui/list/columnPicks'
import { TakeList, type Reading } from '@/ui/list/TakeList'
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
  const [reading, setReading] = useState<Reading<BankMeaning>>(() => ({
    picks: picksOf(bankMeanings, look.columns, look.header.length),
    decimals: look.decimals,
  }))
  const [days, setDays] = useState(look.days)
  const [bad, setBad] = useState<Schemas['BadBankLine'][]>([])
  const columns = bankColumns(reading.picks)
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
          params: { query: { ...at, decimals: reading.decimals, days, withoutBad } },
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
  return (
    <TakeList
      look={look}
      meanings={Object.fromEntries(bankMeanings.map((m) => [m, t(`bank.is.${m}`)])) as Record<BankMeaning, string>}
      reading={reading}
      onReading={(now) => {
        setBad([])
        setReading(now)
      }}
      missing={columns ? undefined : t('bank.missing')}
      bad={bad.map((b) => ({ ...b, why: t(`bank.bad.${b.why}`) }))}
      taking={take}
      onTake={() => columns && take.mutate({ withoutBad: bad.length > 0, at: columns })}
    >
      {asksForDays && (
        <Choice
          label={t('bank.days')}
          hint={look.daysLeftOpen && <strong>{t('bank.daysLeftOpen')}</strong>}
          value={days}
          onChange={(e) => {
            setBad([])
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
    </TakeList>
  )
}
