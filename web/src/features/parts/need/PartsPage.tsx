import { useState } from 'react'
import { queryOptions, useQuery } from '@tanstack/react-query'
import { useParams, useSearchParams } from 'react-router'
import { useTranslation } from 'react-i18next'
import { Plus } from 'lucide-react'
import { api, unwrap, type Schemas } from '@/api/client'
import { jobsQuery, needsQuery, ordersQuery } from '@/api/queries'
import { useRole } from '@/api/useRole'
import { Empty, Loaded } from '@/ui/page/Feedback'
import { Page, Part } from '@/ui/page/Page'
import { useFormat } from '@/ui/format/format'
import { isToOrder, toOrderStates } from '@/api/toOrder'
import { ChooseLine } from './ChooseLine'
import { linesOf, type NeedLine } from './needLines'
import { NeedForm } from './NeedForm'
import { Objections } from './Objections'
import { NeedSheet } from './NeedSheet'
import { PooledNeed, Total } from './PooledNeed'
import { OrderForm } from '../order/OrderForm'
import { OrderList } from '../order/OrderList'
import { MadeParts } from '../made/MadeParts'
import { Baskets } from '../basket/Baskets'
import { Sellers } from '../supplier/Sellers'
import { PartsNow } from '../task/PartsNow'
import type { Offered } from '../basket/BasketCard'

type Need = Schemas['Need']

const variantsQuery = (projectId: string) =>
  queryOptions({
    queryKey: ['needs', projectId, 'variants'],
    queryFn: () => unwrap(api.GET('/api/projects/{projectId}/needs/variants', { params: { path: { projectId } } })),
  })

/** Parts by what is to be done about them next. */
export function PartsPage() {
  const { projectId = '' } = useParams()
  const { t } = useTranslation()
  const needs = useQuery(needsQuery(projectId))
  return (
    <Loaded query={needs} what={t('parts.loading')}>
      {(n) => <Parts projectId={projectId} needs={n} />}
    </Loaded>
  )
}

const groups: { key: 'check' | 'toOrder' | 'held' | 'coming' | 'here' | 'fitted'; states: Need['state'][] }[] = [
  { key: 'check', states: ['RECEIVED'] },
  { key: 'toOrder', states: toOrderStates },
  { key: 'coming', states: ['ORDERED'] },
  { key: 'here', states: ['ACCEPTED'] },
  { key: 'held', states: ['HELD'] },
  { key: 'fitted', states: ['FITTED', 'VERIFIED'] },
]

function Parts({ projectId, needs }: { projectId: string; needs: Need[] }) {
  const { t } = useTranslation()
  const [params, setParams] = useSearchParams()
  const { data: variants } = useQuery(variantsQuery(projectId))
  const [search, setSearch] = useState('')
  const { owns } = useRole()
  const [chosen, setChosen] = useState<string[]>([])
  const [offered, setOffered] = useState<Offered | undefined>()
  const open = needs.find((n) => n.id === params.get('need'))
  const ordering = params.has('order')
    ? [...new Set([...chosen, params.get('order')!])].filter((id) => needs.some((n) => n.id === id))
    : undefined
  const words = search.trim().toLowerCase()
  const shown = needs.filter((n) =>
    `${n.title} ${n.supplier ?? ''} ${n.placeCode ?? ''} ${n.placeName ?? ''}`.toLowerCase().includes(words),
  )
  const close = () => setParams({})
  return (
    <Page
      title={t('parts.title')}
      answer={<PartsAnswer needs={needs} />}
      action={
        <>
          {owns && chosen.length > 0 && (
            <button type="button" className="btn btn-primary" onClick={() => setParams({ order: chosen[0]! })}>
              {t('parts.orderChosen', { count: chosen.length })}
            </button>
          )}
          <button type="button" className="btn" onClick={() => setParams({ new: '1' })}>
            <Plus className="size-5" aria-hidden="true" />
            {t('parts.add')}
          </button>
        </>
      }
    >
      {needs.length === 0 && <Empty title={t('parts.emptyTitle')}>{t('parts.empty')}</Empty>}
      <PartsNow
        projectId={projectId}
        onOpen={(id) => setParams({ need: id })}
        onOrder={(id) => setParams({ order: id })}
      />
      {owns && (
        <Baskets
          projectId={projectId}
          onOrder={(o) => {
            const ids = Object.keys(o.amounts)
            setOffered(o)
            setChosen(ids)
            setParams({ order: ids[0]! })
          }}
        />
      )}
      {needs.length > 8 && (
        <input
          type="search"
          className="input mb-4 w-full max-w-md"
          aria-label={t('parts.search')}
          placeholder={t('parts.search')}
          value={search}
          onChange={(e) => setSearch(e.target.value)}
        />
      )}
      <div className="gap-x-8 lg:columns-2 [&>section]:break-inside-avoid">
        {groups.map((g) => {
          const here = shown.filter((n) => g.states.includes(n.state))
          if (here.length === 0) return null
          return (
            <Part
              key={g.key}
              title={t(`parts.group.${g.key}`)}
              aside={<span className="quiet text-sm">{linesOf(here).length}</span>}
            >
              <ul>
                {linesOf(here).map((line) => {
                  const ids = line.needs.map((n) => n.id)
                  const row = {
                    choosing: owns && g.key === 'toOrder',
                    chosen: ids.every((id) => chosen.includes(id)),
                    onChoose: (yes: boolean) =>
                      setChosen([...chosen.filter((c) => !ids.includes(c)), ...(yes ? ids : [])]),
                    onOpen: (id: string) => setParams({ need: id }),
                  }
                  return line.needs.length > 1 ? (
                    <PooledNeed key={line.key} projectId={projectId} line={line} {...row} />
                  ) : (
                    <NeedRow
                      key={line.key}
                      line={line}
                      warning={variants?.find((v) => v.needId === ids[0])?.difference}
                      {...row}
                    />
                  )
                })}
              </ul>
            </Part>
          )
        })}
      </div>
      <Orders projectId={projectId} />
      {owns && <Sellers />}
      <MadeParts projectId={projectId} />
      {open && (
        <NeedSheet
          need={open}
          onOrder={() => setParams({ order: open.id })}
          onEdit={() => setParams({ edit: open.id })}
          onClose={close}
        />
      )}
      {params.has('new') && (
        <NeedForm
          projectId={projectId}
          {...(params.get('new') !== '1' ? { jobId: params.get('new')! } : {})}
          onClose={close}
        />
      )}
      {params.has('edit') && (
        <NeedForm
          projectId={projectId}
          {...{ need: needs.find((n) => n.id === params.get('edit'))! }}
          onClose={close}
        />
      )}
      {ordering && (
        <OrderForm
          projectId={projectId}
          needs={needs.filter((n) => ordering.includes(n.id))}
          {...(offered && { offered })}
          onClose={() => {
            setChosen([])
            setOffered(undefined)
            close()
          }}
        />
      )}
    </Page>
  )
}

function PartsAnswer({ needs }: { needs: Need[] }) {
  const { t } = useTranslation()
  const format = useFormat()
  const check = needs.filter((n) => n.state === 'RECEIVED')
  const coming = needs.filter((n) => n.state === 'ORDERED' && n.expectedOn)
  const late = coming.filter((n) => n.expectedOn! < format.today())
  const next = [...coming]
    .filter((n) => !late.includes(n))
    .sort((a, b) => a.expectedOn!.localeCompare(b.expectedOn!))[0]
  const toOrder = linesOf(needs.filter(isToOrder)).length
  if (needs.length === 0) return t('parts.nothing')
  return (
    <>
      {check.length > 0 && `${t('parts.lookAt', { count: check.length, part: check[0]!.title })} `}
      {late.length > 0 && `${t('parts.late', { count: late.length, part: late[0]!.title })} `}
      {t('parts.toOrder', { count: toOrder })}{' '}
      {next && t('parts.nextArrival', { part: next.title, date: format.day(next.expectedOn!) })}
    </>
  )
}

function NeedRow({
  line,
  warning,
  choosing,
  chosen,
  onChoose,
  onOpen,
}: {
  line: NeedLine
  /** What a sister variant has otherwise. */
  warning?: string | undefined
  choosing: boolean
  chosen: boolean
  onChoose: (yes: boolean) => void
  onOpen: (needId: string) => void
}) {
  const { t } = useTranslation()
  const format = useFormat()
  const n = line.needs[0]!
  const { projectId = '' } = useParams()
  const { data: work } = useQuery(jobsQuery(projectId))
  const job = work?.jobs.find((j) => j.id === n.jobId)
  return (
    <li className="flex items-center gap-2 border-b border-base-300 last:border-0">
      {choosing && <ChooseLine part={n.title} chosen={chosen} onChoose={onChoose} />}
      <button
        type="button"
        className="flex min-h-11 grow items-center gap-3 rounded px-1 py-2 text-left hover:bg-base-200"
        onClick={() => onOpen(n.id)}
      >
        <span className="grow">
          <span className="font-semibold">{n.title}</span> <Total line={line} />
          {n.side !== 'NONE' && ` · ${t(`side.${n.side}`)}`}
          {n.grade && n.gradeReason && (
            <span className="block text-sm">
              {t(`grade.${n.grade}`)}: {n.gradeReason}
            </span>
          )}
          {warning && <span className="block text-sm font-semibold">{t('parts.variant', { warning })}</span>}
          <Objections need={n} />
          <span className="quiet block text-sm">{job ? `${job.code} ${job.title}` : t('parts.noJob')}</span>
        </span>
        {n.placeCode && n.state === 'ACCEPTED' && <span className="label-code text-sm">{n.placeCode}</span>}
        {n.state === 'ORDERED' && n.expectedOn && (
          <span className="quiet whitespace-nowrap text-sm">{format.shortDay(n.expectedOn)}</span>
        )}
        {choosing && !!n.estimateMinor && (
          <span className="quiet whitespace-nowrap text-sm">
            {t('parts.about', { money: format.money(n.estimateMinor, format.currency) })}
          </span>
        )}
      </button>
    </li>
  )
}

function Orders({ projectId }: { projectId: string }) {
  const { t } = useTranslation()
  const { owns } = useRole()
  const orders = useQuery({ ...ordersQuery(projectId), enabled: owns })
  if (!orders.data || orders.data.length === 0) return null
  return (
    <Part title={t('parts.orders')}>
      <OrderList orders={orders.data} projectId={projectId} />
    </Part>
  )
}
