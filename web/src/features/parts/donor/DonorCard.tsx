import { Link } from 'react-router'
import { useTranslation } from 'react-i18next'
import { api, unwrap, write, type Schemas } from '@/api/client'
import { verdicts } from '@/api/generated/enums'
import { useRole } from '@/api/useRole'
import { useWrite } from '@/api/useWrite'
import { Part } from '@/ui/page/Page'
import { useFormat } from '@/ui/format/format'
import { PieceForm } from './PieceForm'

type Donor = Schemas['DonorResponse']
type Piece = Schemas['PieceResponse']

/** One donor: what it has cost by now, what is left on it, and what each piece is good for. */
export function DonorCard({ projectId, donor: d, onEdit }: { projectId: string; donor: Donor; onEdit: () => void }) {
  const { t } = useTranslation()
  const format = useFormat()
  const { owns } = useRole()
  const money = (minor: number | undefined) => format.money(minor ?? 0, format.currency)
  const counts = verdicts
    .map((v) => [v, d.pieces.filter((p) => p.verdict === v).length] as const)
    .filter(([, n]) => n > 0)
    .map(([v, n]) => `${n} ${t(`verdict.${v}`)}`)
  return (
    <Part
      title={d.name}
      aside={
        <button type="button" className="btn btn-ghost btn-sm no-print" onClick={onEdit}>
          {t('donor.edit')}
        </button>
      }
    >
      {owns && (
        <>
          <p>{t('donor.sums', { paid: money(d.costMinor), sold: money(d.soldMinor), net: money(d.netMinor) })}</p>
          {!!d.hopedMinor && <p className="quiet text-sm">{t('donor.hoped', { hoped: money(d.hopedMinor) })}</p>}
          {!!d.unsharedMinor && <p className="quiet text-sm">{t('donor.unshared')}</p>}
        </>
      )}
      <p>
        {counts.length > 0 && `${t('donor.counts', { what: counts.join(', ') })} `}
        {d.toStrip > 0 && `${t('donor.strip', { count: d.toStrip })} `}
        {d.goneOn
          ? t('donor.gone', { date: format.dayAndYear(d.goneOn) })
          : d.goneBy && t('donor.goneBy', { date: format.dayAndYear(d.goneBy) })}
      </p>
      <ul className="mt-2">
        {d.pieces.map((p) => (
          <PieceRow key={p.stockId} projectId={projectId} piece={p} />
        ))}
      </ul>
      <PieceForm donorId={d.id} />
    </Part>
  )
}

function PieceRow({ projectId, piece: p }: { projectId: string; piece: Piece }) {
  const { t } = useTranslation()
  const format = useFormat()
  const judge = useWrite(
    (verdict: Piece['verdict'], id) =>
      unwrap(
        api.PUT('/api/stock/{id}/verdict', {
          params: { path: { id: p.stockId } },
          body: { verdict, ...(p.valueMinor !== undefined && { valueMinor: p.valueMinor }), version: p.version },
          ...write(id),
        }),
      ),
    { said: () => t('donor.judged') },
  )
  const money = (minor: number) => format.money(minor, format.currency)
  const says = [
    p.side !== 'NONE' && t(`side.${p.side}`),
    t(`condition.${p.condition}`),
    p.quantity === 0 ? t('donor.away') : t(p.stillOn ? 'donor.stillOn' : 'donor.off'),
    p.shareMinor !== undefined && t('donor.share', { money: money(p.shareMinor) }),
    !!p.soldMinor && t('donor.sold', { money: money(p.soldMinor) }),
    p.fate === 'SELL' &&
      p.askingMinor !== undefined &&
      p.quantity > 0 &&
      t('donor.asking', { money: money(p.askingMinor) }),
  ].filter((said) => !!said)
  return (
    <li className="flex flex-wrap items-center gap-x-3 border-b border-base-300 py-2 last:border-0">
      <span className="grow basis-48">
        {p.quantity > 0 ? (
          <Link className="link" to={`/p/${projectId}/parts/shelf?thing=${p.stockId}`}>
            {p.title}
          </Link>
        ) : (
          p.title
        )}
        {p.quantity > 1 && ` × ${p.quantity}`}
        <span className="quiet block text-sm">{says.join(' · ')}</span>
      </span>
      <select
        className="select w-auto"
        aria-label={t('actOn', { act: t('donor.verdict'), what: p.title })}
        value={p.verdict}
        onChange={(e) => judge.mutate(e.target.value as Piece['verdict'])}
      >
        {verdicts.map((v) => (
          <option key={v} value={v}>
            {t(`verdict.${v}`)}
          </option>
        ))}
      </select>
    </li>
  )
}
