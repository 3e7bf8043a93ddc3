import { useState } from 'react'
import { useMutation, useQuery } from '@tanstack/react-query'
import { useTranslation } from 'react-i18next'
import { api, unwrap, write, type Problem, type Schemas } from '@/api/client'
import { useWrite } from '@/api/useWrite'
import { TextField } from '@/ui/form/Field'
import { useFormat } from '@/ui/format/format'
import { ProblemAlert } from '@/ui/page/Feedback'
import { sendingsQuery } from './queries'

type Article = Schemas['ArticleOffered']

/** What sellers have of a part now, where any can be asked over the wire. */
export function AskSellers({ need }: { need: Schemas['Need'] }) {
  const { t } = useTranslation()
  const { data } = useQuery(sendingsQuery(need.projectId))
  const [words, setWords] = useState(need.title)
  const ask = useMutation<Schemas['AskedResponse'], Problem>({
    mutationFn: () => unwrap(api.GET('/api/sellers/asked', { params: { query: { words } } })),
  })
  if (!data?.canAsk) return null
  return (
    <details>
      <summary className="cursor-pointer py-2 font-semibold">{t('asking.title')}</summary>
      <form
        className="flex flex-wrap items-end gap-2"
        onSubmit={(e) => {
          e.preventDefault()
          ask.mutate()
        }}
      >
        <div className="grow">
          <TextField label={t('asking.words')} value={words} onChange={(e) => setWords(e.target.value)} />
        </div>
        <button type="submit" className="btn" disabled={words.trim() === '' || ask.isPending}>
          {t(ask.isPending ? 'asking.asking' : 'asking.ask')}
        </button>
      </form>
      <p className="quiet text-sm">{t('asking.wordsHint')}</p>
      <ProblemAlert error={ask.error} />
      <div aria-live="polite">
        {ask.data?.answers.length === 0 && <p className="mt-2">{t('asking.nobody')}</p>}
        {ask.data?.answers.map((a) => (
          <Answer key={a.seller} need={need} answer={a} />
        ))}
      </div>
    </details>
  )
}

function Answer({ need, answer: a }: { need: Schemas['Need']; answer: Schemas['SellerAnswered'] }) {
  const { t } = useTranslation()
  const quiet =
    a.state === 'NO_ANSWER' ? t('asking.noAnswer') : a.articles.length === 0 ? t('asking.nothing') : undefined
  return (
    <section className="mt-3">
      <h4 className="text-sm font-semibold">
        {a.name} {quiet && <span className="quiet font-normal">{quiet}</span>}
      </h4>
      <ul>
        {a.articles.map((article) => (
          <ArticleRow key={article.article} need={need} seller={a.seller} article={article} />
        ))}
      </ul>
      {a.leftOut > 0 && <p className="quiet text-sm">{t('asking.leftOut', { count: a.leftOut })}</p>}
    </section>
  )
}

function ArticleRow({ need, seller, article: a }: { need: Schemas['Need']; seller: string; article: Article }) {
  const { t } = useTranslation()
  const format = useFormat()
  const [ids] = useState(() => ({ sourceId: crypto.randomUUID(), supplierId: crypto.randomUUID() }))
  const take = useWrite(
    (_: void, id) =>
      unwrap(
        api.POST('/api/needs/{id}/offers-taken', {
          params: { path: { id: need.id } },
          body: { ...ids, seller, article: a },
          ...write(id),
        }),
      ),
    { said: () => t('asking.taken', { what: a.name }) },
  )
  return (
    <li className="flex flex-wrap items-center gap-x-3 gap-y-1 border-b border-base-300 py-1.5 last:border-0">
      <span className="grow basis-40">
        {a.name} <span className="quiet text-sm">{a.article}</span>
        <span className="quiet block text-sm">
          {t(a.stock > 0 ? 'asking.has' : 'asking.gone', { stock: a.stock, days: a.days })}
        </span>
      </span>
      <span className="whitespace-nowrap">{format.money(a.priceMinor, a.currency)}</span>
      <button
        type="button"
        className="btn btn-sm"
        disabled={a.stock === 0 || take.isPending || take.isSuccess}
        aria-label={t('actOn', { act: t('asking.take'), what: `${a.name} ${a.article}` })}
        onClick={() => take.mutate()}
      >
        {t('asking.take')}
      </button>
      <ProblemAlert error={take.error} />
    </li>
  )
}
