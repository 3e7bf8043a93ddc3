import { useState } from 'react'
import { useQuery } from '@tanstack/react-query'
import { useParams, useSearchParams } from 'react-router'
import { useTranslation } from 'react-i18next'
import { Plus } from 'lucide-react'
import type { Schemas } from '@/api/client'
import { needsQuery, ordersQuery } from '@/api/queries'
import { useRole } from '@/api/useRole'
import { Empty, Loaded } from '@/ui/page/Feedback'
import { Page, Part } from '@/ui/page/Page'
import { useFormat } from '@/ui/format/format'
import { isToOrder } from '@/api/toOrder'
import { FindParts } from './list/FindParts'
import { linesOf } from './list/needLines'
import { NeedForm } from './NeedForm'
import { NeedSheet } from './NeedSheet'
import { PickList } from './list/PickList'
import { OrderForm } from '../order/OrderForm'
import { OrderList } from '../order/OrderList'
import { MadeParts } from '../made/MadeParts'
import { Baskets } from '../basket/Baskets'
import { Conversions } from '../conversion/Conversions'
import { Sellers } from '../supplier/Sellers'
import { PartsNow } from '../task/PartsNow'
import type { Offered } from '../basket/BasketCard'

type Need = Schemas['Need']

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

function Parts({ projectId, needs }: { projectId: string; needs: Need[] }) {
  const { t } = useTranslation()
  const [params, setParams] = useSearchParams()
  const { owns } = useRole()
  const [chosen, setChosen] = useState<string[]>([])
  const [offered, setOffered] = useState<Offered | undefined>()
  const open = needs.find((n) => n.id === params.get('need'))
  // an old link may name what is gone, or on its way by now
  const ordering = params.has('order')
    ? needs.filter((n) => isToOrder(n) && [...chosen, ...params.get('order')!.split(',')].includes(n.id))
    : []
  const editing = needs.find((n) => n.id === params.get('edit'))
  const ready = needs.filter((n) => n.state === 'ACCEPTED')
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
          {ready.length > 0 && (
            <button type="button" className="btn" onClick={() => setParams({ pick: '1' })}>
              {t('parts.pick')}
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
        onOrder={(ids) => setParams({ order: ids.join(',') })}
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
      <FindParts
        projectId={projectId}
        needs={needs}
        chosen={chosen}
        onChoose={(ids, yes) => setChosen([...chosen.filter((c) => !ids.includes(c)), ...(yes ? ids : [])])}
        onOpen={(id) => setParams({ need: id })}
      />
      <Conversions projectId={projectId} needs={needs} />
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
      {params.has('pick') && <PickList projectId={projectId} needs={ready} onClose={close} />}
      {params.has('new') && (
        <NeedForm
          projectId={projectId}
          {...(params.get('new') !== '1' ? { jobId: params.get('new')! } : {})}
          onClose={close}
        />
      )}
      {editing && <NeedForm projectId={projectId} need={editing} onClose={close} />}
      {ordering.length > 0 && (
        <OrderForm
          projectId={projectId}
          needs={ordering}
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
