import { useEffect, useState } from 'react'
import { useTranslation } from 'react-i18next'
import { percent } from '@/ui/format/format'
import { stopped, type Card } from './shortLook'

const every = 15_000

/** A stop first; then how many cards are left, and the time. */
export function LookLeft({ cards, startedAt }: { cards: Card[]; startedAt: number }) {
  const { t } = useTranslation()
  const [now, setNow] = useState(() => Date.now())
  useEffect(() => {
    const clock = setInterval(() => setNow(Date.now()), every)
    return () => clearInterval(clock)
  }, [])
  const open = cards.filter((c) => !c.seen)
  const sum = (of: Card[], value: (c: Card) => number) => of.reduce((all, c) => all + value(c), 0)
  const all = sum(cards, (c) => c.asks.weight)
  const stop = stopped(cards)[0]
  return (
    <>
      {stop && `${t(`short.stop.${stop.stop!.meaning}`, { because: stop.stop!.because })} `}
      {open.length === 0
        ? t('short.nothingLeft')
        : t('short.left', {
            count: open.length,
            all: cards.length,
            minutes: sum(open, (c) => c.asks.minutes),
            weight: percent(all ? sum(open, (c) => c.asks.weight) / all : 0),
          })}{' '}
      <span className="quiet text-base">
        {t('short.timer', { count: Math.max(0, Math.floor((now - startedAt) / 60_000)) })}
      </span>
    </>
  )
}
