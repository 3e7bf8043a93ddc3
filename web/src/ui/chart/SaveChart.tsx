import type { RefObject } from 'react'
import { useTranslation } from 'react-i18next'
import { savePng, saveSvg } from './saveChart'

/** Takes a chart along, as a drawing or as a picture. */
export function SaveChart({ drawing, name }: { drawing: RefObject<HTMLDivElement | null>; name: string }) {
  const { t } = useTranslation()
  const saved = (how: (chart: SVGSVGElement, called: string) => void) => {
    const chart = drawing.current?.querySelector('svg')
    if (chart) how(chart, name)
  }
  return (
    <div className="no-print mt-1 flex flex-wrap gap-2">
      <button type="button" className="btn btn-sm" onClick={() => saved(saveSvg)}>
        {t('chart.saveSvg')}
      </button>
      <button
        type="button"
        className="btn btn-sm"
        onClick={() => saved((chart, called) => void savePng(chart, called))}
      >
        {t('chart.savePng')}
      </button>
    </div>
  )
}
