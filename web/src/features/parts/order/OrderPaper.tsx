import { useTranslation } from 'react-i18next'
import { FileText, Printer } from 'lucide-react'
import type { Schemas } from '@/api/client'
import { Sheet } from '@/ui/form/Sheet'
import { useFormat } from '@/ui/format/format'
import { SendOrder } from '../asking/SendOrder'
import { orderText, totalOf } from './orderText'

/** The order as one sends it: on paper, as a PDF by the browser's own printing, or as a text. */
export function OrderPaper({ order: o, onClose }: { order: Schemas['Order']; onClose: () => void }) {
  const { t } = useTranslation()
  const format = useFormat()
  const money = (minor: number) => format.money(minor, o.currency)
  return (
    <Sheet title={`${t('parts.orderWord')}: ${o.supplier}`} onClose={onClose}>
      <p>
        {o.reference && `${t('parts.reference')}: ${o.reference}. `}
        {t('parts.orderedOn')}: {format.dayAndYear(o.orderedOn)}
      </p>
      <table className="table my-3">
        <tbody>
          {o.lines.map((l) => (
            <tr key={l.id}>
              <td className="whitespace-nowrap text-right">{l.pieces + l.sparePieces} ×</td>
              <td className="w-full">{l.title}</td>
              <td className="whitespace-nowrap text-right">{money(l.amountMinor)}</td>
            </tr>
          ))}
          {o.postMinor > 0 && (
            <tr>
              <td />
              <td>{t('parts.postWord')}</td>
              <td className="whitespace-nowrap text-right">{money(o.postMinor)}</td>
            </tr>
          )}
        </tbody>
        <tfoot>
          <tr className="font-semibold text-base-content">
            <td />
            <td>{t('parts.totalWord')}</td>
            <td className="whitespace-nowrap text-right">{money(totalOf(o))}</td>
          </tr>
        </tfoot>
      </table>
      <div className="no-print mb-3">
        <SendOrder order={o} />
      </div>
      <div className="no-print flex flex-wrap gap-2">
        <button type="button" className="btn btn-primary" onClick={() => window.print()}>
          <Printer className="size-5" aria-hidden="true" />
          {t('parts.printOrder')}
        </button>
        <AsText order={o} />
      </div>
    </Sheet>
  )
}

function AsText({ order: o }: { order: Schemas['Order'] }) {
  const { t } = useTranslation()
  const format = useFormat()
  const save = () => {
    const words = {
      order: t('parts.orderWord'),
      reference: t('parts.reference'),
      on: t('parts.orderedOn'),
      post: t('parts.postWord'),
      total: t('parts.totalWord'),
    }
    const link = document.createElement('a')
    link.href = URL.createObjectURL(new Blob([orderText(o, words, format.money)], { type: 'text/plain' }))
    link.download = `${o.supplier} ${o.orderedOn}.txt`
    link.click()
    URL.revokeObjectURL(link.href)
  }
  return (
    <button type="button" className="btn" onClick={save}>
      <FileText className="size-5" aria-hidden="true" />
      {t('parts.asText')}
    </button>
  )
}
