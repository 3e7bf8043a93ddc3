import { useQuery } from '@tanstack/react-query'
import { z } from 'zod'
import { useTranslation } from 'react-i18next'
import { api, unwrap, write, type Schemas } from '@/api/client'
import { missings, waysOut } from '@/api/generated/enums'
import { useRole } from '@/api/useRole'
import { useWrite } from '@/api/useWrite'
import { Form } from '@/ui/form/Form'
import { Amount, Note, Pick } from '@/ui/form/named'
import { filled, orNothing, useAmountRule } from '@/ui/form/rules'
import { useFields } from '@/ui/form/useFields'
import { useFormat } from '@/ui/format/format'
import { minorText } from '@/ui/format/money'
import { Interchange } from './Interchange'
import { searchesQuery } from './queries'

type Need = Schemas['Need']
type Search = Schemas['SearchResponse']

/** A part that cannot be had: what is done about it, when to look again, and what of other models fits. */
export function CannotBeHad({ need }: { need: Need }) {
  const { t } = useTranslation()
  const { data: searches } = useQuery(searchesQuery(need.projectId))
  const known = searches?.find((s) => s.search.needId === need.id)
  if (!searches) return null
  return (
    <details open={!!known}>
      <summary className="cursor-pointer py-2 font-semibold">{t('partSearch.open')}</summary>
      <div className="grid gap-3">
        {known && <Standing need={need} known={known} />}
        <SearchForm key={known?.search.lookedOn} need={need} known={known} />
        <Interchange part={need.title} />
      </div>
    </details>
  )
}

function Standing({ need, known }: { need: Need; known: Search }) {
  const { t } = useTranslation()
  const format = useFormat()
  const { search: s, lookAgainOn } = known
  const end = useWrite(
    (_: void, id) => unwrap(api.DELETE('/api/needs/{id}/search', { params: { path: { id: need.id } }, ...write(id) })),
    { said: () => t('partSearch.ended') },
  )
  return (
    <div>
      <p className="font-semibold">
        {t('partSearch.says', { why: t(`partSearch.whyIs.${s.why}`), wayOut: t(`partSearch.wayOutIs.${s.wayOut}`) })}
      </p>
      <p className="text-sm">
        {[
          s.mostMinor !== undefined && t('partSearch.limit', { money: format.money(s.mostMinor, format.currency) }),
          t('partSearch.looked', { date: format.shortDay(s.lookedOn) }),
          lookAgainOn &&
            t(lookAgainOn < format.today() ? 'partSearch.overdue' : 'partSearch.again', {
              date: format.shortDay(lookAgainOn),
            }),
        ]
          .filter(Boolean)
          .join(' ')}
      </p>
      {s.lookedAt && <p className="quiet text-sm whitespace-pre-line">{s.lookedAt}</p>}
      <button type="button" className="btn btn-ghost btn-sm" onClick={() => end.mutate()}>
        {t('partSearch.end')}
      </button>
    </div>
  )
}

function SearchForm({ need, known }: { need: Need; known: Search | undefined }) {
  const { t } = useTranslation()
  const { currency } = useFormat()
  const { owns } = useRole()
  const form = useFields(
    z.object({
      why: z.enum(missings),
      wayOut: z.enum(waysOut),
      most: orNothing(useAmountRule()(currency)),
      lookedAt: z.string().max(4000),
    }),
    {
      why: known?.search.why ?? ('DISCONTINUED' as const),
      wayOut: known?.search.wayOut ?? ('LOOK_ON' as const),
      most: known?.search.mostMinor === undefined ? '' : minorText(known.search.mostMinor, currency),
      lookedAt: known?.search.lookedAt ?? '',
    },
  )
  const save = useWrite(
    (body: Schemas['SearchRequest'], id) =>
      unwrap(api.PUT('/api/needs/{id}/search', { params: { path: { id: need.id } }, body, ...write(id) })),
    { said: () => t('partSearch.saved'), undoable: false },
  )
  return (
    <Form
      form={form}
      save={save}
      label={t('partSearch.save')}
      aside
      onSubmit={({ most, ...said }) => save.mutate({ ...filled(said), ...(most !== undefined && { mostMinor: most }) })}
    >
      <Pick name="why" label={t('partSearch.why')} of={missings} say={(w) => t(`partSearch.whyIs.${w}`)} />
      <Pick name="wayOut" label={t('partSearch.wayOut')} of={waysOut} say={(w) => t(`partSearch.wayOutIs.${w}`)} />
      {owns && <Amount name="most" label={t('partSearch.most', { currency })} currency={currency} />}
      <Note name="lookedAt" label={t('partSearch.lookedAt')} rows={2} />
    </Form>
  )
}
