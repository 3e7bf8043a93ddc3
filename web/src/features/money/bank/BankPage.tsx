import { useState } from 'react'
import { useQuery } from '@tanstack/react-query'
import { useParams } from 'react-router'
import { useTranslation } from 'react-i18next'
import { Upload } from 'lucide-react'
import { Loaded } from '@/ui/page/Feedback'
import { Further, Page } from '@/ui/page/Page'
import { BankImport } from './BankImport'
import { FoundLines } from './FoundLines'
import { OpenLines } from './OpenLines'
import { SettledLines } from './SettledLines'
import { bankQuery, type Bank } from './queries'

/** What the bank says was paid, until each payment has its receipt or is known to be for something else. */
export function BankPage() {
  const { projectId = '' } = useParams()
  const { t } = useTranslation()
  const bank = useQuery(bankQuery(projectId))
  const [reading, setReading] = useState(false)
  return (
    <Loaded query={bank} what={t('bank.loading')}>
      {(b) => (
        <Page
          title={t('bank.title')}
          answer={<BankAnswer bank={b} />}
          action={
            <button type="button" className="btn btn-primary" onClick={() => setReading(true)}>
              <Upload className="size-5" aria-hidden="true" />
              {t('bank.read')}
            </button>
          }
        >
          {isUnread(b) ? (
            <p className="max-w-2xl">{t('bank.why')}</p>
          ) : (
            <div className="max-w-4xl">
              <FoundLines lines={b.open} currency={b.currency} />
              <OpenLines projectId={projectId} lines={b.open} currency={b.currency} />
              <SettledLines settled={b.settled} currency={b.currency} />
              {b.elsewhere > 0 && <p className="quiet mt-4">{t('bank.countElsewhere', { count: b.elsewhere })}</p>}
            </div>
          )}
          {reading && <BankImport onClose={() => setReading(false)} />}
        </Page>
      )}
    </Loaded>
  )
}

const isUnread = (b: Bank) => b.open.length + b.settled.length + b.elsewhere === 0

function BankAnswer({ bank: b }: { bank: Bank }) {
  const { t } = useTranslation()
  if (isUnread(b)) return <>{t('bank.never')}</>
  if (b.open.length === 0) return <>{t('bank.allSettled')}</>
  const found = b.open.filter((l) => l.receipt).length
  const without = b.open.length - found
  if (without === 0) return <>{t('bank.found', { count: found })}</>
  return (
    <>
      {t('bank.open', { count: without })}
      {found > 0 && <Further>{t('bank.found', { count: found })}</Further>}
    </>
  )
}
