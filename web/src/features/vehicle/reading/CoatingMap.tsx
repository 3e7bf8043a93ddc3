import { useTranslation } from 'react-i18next'
import type { Cell } from './readings'

/** Where each sort of coating lies, by pattern and number: filler is crossed, a second coat is hatched, bare is dotted. */
const patterns = { THIN: 'coat-dots', ORIGINAL: '', REPAINTED: 'coat-lines', FILLER: 'coat-cross' } as const
const side = 44

/** Thickness at the points of a panel as they lie on it. */
export function CoatingMap({ cells }: { cells: Cell[] }) {
  const { t } = useTranslation()
  const rows = Math.max(...cells.map((c) => c.row))
  const columns = Math.max(...cells.map((c) => c.column))
  const filler = cells.filter((c) => c.point.coating === 'FILLER').length
  const present = [...new Set(cells.map((c) => c.point.coating!))]
  return (
    <figure>
      <figcaption className="font-semibold">
        {filler > 0
          ? t('reading.fillerAt', { count: filler, all: cells.length })
          : t('reading.noFiller', { all: cells.length })}
      </figcaption>
      <svg
        viewBox={`0 0 ${columns * side} ${rows * side}`}
        className="my-1 block w-full max-w-60"
        role="img"
        aria-label={`${t('reading.mapTitle')}: ${cells.map((c) => `${c.point.spot} ${Math.round(c.point.value)}`).join('; ')}`}
      >
        <Patterns />
        {cells.map((c) => (
          <g key={c.point.id} transform={`translate(${(c.column - 1) * side} ${(c.row - 1) * side})`}>
            <rect width={side} height={side} className="fill-base-100 stroke-base-content" strokeWidth={0.75} />
            {patterns[c.point.coating!] && (
              <rect width={side} height={side} fill={`url(#${patterns[c.point.coating!]})`} />
            )}
            <rect x={5} y={14} width={side - 10} height={17} className="fill-base-100" />
            <text x={side / 2} y={27} textAnchor="middle" fontSize={13} className="fill-base-content">
              {Math.round(c.point.value)}
            </text>
          </g>
        ))}
      </svg>
      <p className="quiet text-sm">{t('reading.mapTitle')}</p>
      <ul className="flex flex-wrap gap-x-4 text-sm">
        {present.map((kind) => (
          <li key={kind} className="flex items-center gap-1.5">
            <svg viewBox="0 0 20 20" className="size-5" aria-hidden="true">
              <rect width={20} height={20} className="fill-base-100 stroke-base-content" />
              {patterns[kind] && <rect width={20} height={20} fill={`url(#${patterns[kind]})`} />}
            </svg>
            {t(`reading.coating.${kind}`)}
          </li>
        ))}
      </ul>
    </figure>
  )
}

function Patterns() {
  const line = 'stroke-base-content'
  return (
    <defs>
      <pattern id="coat-dots" width={6} height={6} patternUnits="userSpaceOnUse">
        <circle cx={3} cy={3} r={1} className="fill-base-content" />
      </pattern>
      <pattern id="coat-lines" width={7} height={7} patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
        <line x1={0} y1={0} x2={0} y2={7} className={line} />
      </pattern>
      <pattern id="coat-cross" width={6} height={6} patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
        <path d="M0 0 V6 M0 0 H6" className={line} strokeWidth={1.5} />
      </pattern>
    </defs>
  )
}
