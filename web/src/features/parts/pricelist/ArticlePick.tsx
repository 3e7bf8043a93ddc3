import { useDeferredValue, useState } from 'react'
import { useQuery } from '@tanstack/react-query'
import { useTranslation } from 'react-i18next'
import type { Schemas } from '@/api/client'
import { useFormat } from '@/ui/format/format'
import { articlesQuery, listsQuery } from './queries'

type Article = Schemas['ArticleRow']

/** What sellers' lists have under a name; one of them fills in an offer. */
export function ArticlePick({ name, onTake }: { name: string; onTake: (article: Article) => void }) {
  const { t } = useTranslation()
  const { data: lists } = useQuery(listsQuery)
  const [typed, setTyped] = useState(name)
  const q = useDeferredValue(typed.trim())
  const { data: found } = useQuery({ ...articlesQuery(q), enabled: q.length > 1 && !!lists?.length })
  if (!lists || lists.length === 0) return null
  return (
    <section className="card-sheet grid gap-2 p-3">
      <input
        type="search"
        className="input w-full"
        aria-label={t('article.search')}
        placeholder={t('article.search')}
        value={typed}
        onChange={(e) => setTyped(e.target.value)}
      />
      {found?.length === 0 && <p className="quiet text-sm">{t('article.none')}</p>}
      <ul className="max-h-60 overflow-y-auto">
        {found?.map((a, i) => (
          <ArticleRow key={`${a.supplierId}-${a.number}-${i}`} article={a} onTake={() => onTake(a)} />
        ))}
      </ul>
    </section>
  )
}

function ArticleRow({ article: a, onTake }: { article: Article; onTake: () => void }) {
  const { t } = useTranslation()
  const format = useFormat()
  const says = [
    t('article.says', { seller: a.supplier, price: format.money(a.priceMinor ?? 0, a.currency) }),
    a.number,
    a.pieces > 1 && t('article.pack', { count: a.pieces }),
    a.leadDays !== undefined && t('article.days', { count: a.leadDays }),
    a.stock !== undefined && t('article.stock', { count: a.stock }),
  ].filter((said) => !!said)
  return (
    <li className="flex flex-wrap items-center gap-x-3 border-b border-base-300 py-2 last:border-0">
      <span className="grow basis-48">
        <span className="font-semibold">{a.title}</span>
        <span className="quiet block text-sm">{says.join(' · ')}</span>
        {a.replacedBy && (
          <span className="block text-sm font-semibold">{t('article.gone', { number: a.replacedBy })}</span>
        )}
      </span>
      <button
        type="button"
        className="btn btn-sm"
        aria-label={t('actOn', { act: t('article.take'), what: a.title })}
        onClick={onTake}
      >
        {t('article.take')}
      </button>
    </li>
  )
}
