import { useTranslation } from 'react-i18next'
import type { Card } from './shortLook'

/** All cards in walking order, with what was said; printed, it is the list for a clip-board. */
export function CardList({ cards, at, onGo }: { cards: Card[]; at: number; onGo: (index: number) => void }) {
  const { t } = useTranslation()
  return (
    <details className="mt-2" open={at < 0}>
      <summary className="cursor-pointer py-2 font-semibold">{t('short.all')}</summary>
      <ol>
        {cards.map((c, i) => (
          <li key={c.asks.id} className="border-b border-base-300">
            <button
              type="button"
              aria-current={i === at ? 'step' : undefined}
              className="flex min-h-11 w-full items-baseline justify-between gap-3 py-1 text-left hover:bg-base-200"
              onClick={() => onGo(i)}
            >
              <span>
                <span className="quiet tabular-nums">
                  {i + 1} · {c.asks.where}
                </span>
                <br />
                {c.asks.task}
              </span>
              <span className={`shrink-0 ${c.seen === 'BAD' ? 'font-bold' : 'quiet'}`}>
                {c.seen ? t(`check.seen.${c.seen}`) : t('short.open')}
              </span>
            </button>
          </li>
        ))}
      </ol>
    </details>
  )
}
