import { useQuery } from '@tanstack/react-query'
import { useTranslation } from 'react-i18next'
import { api, unwrap, write } from '@/api/client'
import { sessionQuery } from '@/api/queries'
import { useWrite } from '@/api/useWrite'
import { ProblemAlert } from '@/ui/page/Feedback'
import { Command } from '@/ui/page/Command'
import { QrCode } from '@/ui/page/QrCode'

/** Shows the code that signs in a phone. */
export function PairPhone() {
  const { t } = useTranslation()
  const { data: session } = useQuery(sessionQuery)
  const pair = useWrite((_: Record<string, never>, id) => unwrap(api.POST('/api/pairing', { ...write(id) })), {
    undoable: false,
  })
  if (!session?.lanUrl)
    return (
      <p className="quiet">
        {t('garage.noLan')} <Command>./ofisino start --lan</Command>
      </p>
    )
  return (
    <div className="grid gap-3">
      <p>{t('garage.pairHow', { url: session.lanUrl })}</p>
      <div>
        <button type="button" className="btn" disabled={pair.isPending} onClick={() => pair.mutate({})}>
          {t('garage.pair')}
        </button>
      </div>
      <ProblemAlert error={pair.error} />
      {pair.data && (
        <figure>
          <QrCode modules={pair.data.modules} label={t('garage.qr')} />
          <figcaption className="quiet text-sm">{t('garage.pairMinutes', { count: pair.data.minutes })}</figcaption>
        </figure>
      )}
    </div>
  )
}
