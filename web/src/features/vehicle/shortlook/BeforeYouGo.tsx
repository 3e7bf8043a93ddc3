import { useTranslation } from 'react-i18next'
import { TriangleAlert } from 'lucide-react'
import { Page, Part } from '@/ui/page/Page'
import { Choice } from '@/ui/form/Field'
import type { Kind, ShortLook, Started } from './shortLook'

/** What to have with one, what to know before, and what nobody does in a stranger's yard. */
export function BeforeYouGo({
  look,
  started,
  onStart,
}: {
  look: ShortLook
  started: Started
  onStart: (started: Started) => void
}) {
  const { t } = useTranslation()
  const ten = look.cards.filter((c) => c.asks.inTen).length
  const start = (tenOnly: boolean) => onStart({ ...started, kind: look.kind, tenOnly, startedAt: Date.now() })
  return (
    <Page
      title={t('short.title')}
      answer={t('short.promise', { cards: look.left.cards, minutes: look.left.minutes })}
      action={
        <>
          <button type="button" className="btn btn-primary" onClick={() => start(false)}>
            {t('short.start')}
          </button>
          <button type="button" className="btn" onClick={() => start(true)}>
            {t('short.startTen', { count: ten })}
          </button>
        </>
      }
    >
      <div className="grid max-w-3xl gap-4">
        <aside aria-label={t('caution.title')} className="rounded border-l-4 border-warning bg-base-200 p-3">
          <p className="flex items-center gap-2 font-semibold">
            <TriangleAlert className="size-5 text-warning" aria-hidden="true" />
            {t('short.never')}
          </p>
          <p className="mt-1">{t('short.ask')}</p>
        </aside>
        {look.possible.length > 1 && (
          <Choice
            label={t('short.list')}
            value={look.kind}
            onChange={(e) => onStart({ ...started, kind: e.target.value as Kind })}
          >
            {look.possible.map((k) => (
              <option key={k} value={k}>
                {t(`short.kind.${k}`)}
              </option>
            ))}
          </Choice>
        )}
        <Part title={t('short.kit')}>
          <p>{t(look.kind === 'RECENT_CAR' ? 'short.kitRecent' : 'short.kitOld')}</p>
        </Part>
        <Part title={t('short.desk')}>
          <p>{t('short.deskList')}</p>
        </Part>
        <p className="quiet">{t('short.beginner')}</p>
      </div>
    </Page>
  )
}
