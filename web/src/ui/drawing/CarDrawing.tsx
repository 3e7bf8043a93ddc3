import { useTranslation } from 'react-i18next'
import type { Schemas } from '@/api/client'
import { MarkShape, type SafetyClass } from '../safety/SafetyMark'

export type Body = Schemas['Drawing']
type View = Body['views'][number]

/** What is shown in a zone: how many things, and of findings the gravest class and whether all of it is closed. */
export type ZoneMark = { zone: string; count: number; safety?: SafetyClass; closed?: boolean }

type Props = {
  body: Body
  marks: ZoneMark[]
  selected?: string
  /** How much of a zone is unseen, from 0 to 1: hatched the denser the more. */
  unseen?: (zone: string) => number
  /** How much of a zone is done, from 0 to 1: filled from below; nothing where there is nothing to do. */
  done?: (zone: string) => number | undefined
  nameOf: (zone: string) => string
  /** What is counted there, in words; findings where nothing is said. */
  sayMark?: (mark: ZoneMark) => string
  onPress: (zone: string) => void
  /** The zone below the pointer or with the focus, to be named; undefined when there is none. */
  onPoint?: (zone: string | undefined) => void
}

/** One face of the unrolled vehicle. Every zone is a button. */
export function Face({
  view,
  body,
  marks,
  selected,
  unseen,
  done,
  nameOf,
  sayMark,
  onPress,
  onPoint,
}: Props & { view: View }) {
  const { t } = useTranslation()
  const sayFound = (m: ZoneMark) =>
    t('drawing.zoneWith', { zone: nameOf(m.zone), count: m.count, safety: m.safety ?? '' })
  const zones = body.zones.filter((z) => z.view === view.id)
  return (
    <svg
      viewBox={`0 0 ${view.width} ${view.height}`}
      role="group"
      aria-label={view.name}
      className="block h-auto w-full"
    >
      <g transform={view.mirrored ? `translate(${view.width} 0) scale(-1 1)` : undefined}>
        {view.details.map((d) => (
          <path key={d} d={d} className="outline-detail" />
        ))}
        {zones.map((z) => {
          const mark = marks.find((m) => m.zone === z.id)
          const says = mark ? (sayMark ?? sayFound)(mark) : nameOf(z.id)
          return (
            <path
              key={z.id}
              d={z.outline}
              role="button"
              tabIndex={0}
              aria-label={says}
              aria-pressed={selected === z.id}
              className={mark ? 'zone zone-has' : 'zone'}
              onClick={() => onPress(z.id)}
              onPointerEnter={() => onPoint?.(z.id)}
              onPointerLeave={() => onPoint?.(undefined)}
              onFocus={() => onPoint?.(z.id)}
              onBlur={() => onPoint?.(undefined)}
              onKeyDown={(e) => {
                if (e.key === 'Enter' || e.key === ' ') {
                  e.preventDefault()
                  onPress(z.id)
                }
              }}
            >
              <title>{says}</title>
            </path>
          )
        })}
      </g>
      {unseen && <Hatching view={view} zones={zones} unseen={unseen} />}
      {done && <Filling view={view} zones={zones} done={done} />}
      <g pointerEvents="none" aria-hidden="true">
        {zones.map((z) => {
          const mark = marks.find((m) => m.zone === z.id)
          if (!mark) return null
          return (
            <g key={z.id} transform={`translate(${z.markX} ${z.markY})`}>
              {mark.safety ? <Found safety={mark.safety} {...mark} /> : <Counted count={mark.count} />}
            </g>
          )
        })}
      </g>
    </svg>
  )
}

function Found({ safety, closed, count }: { safety: SafetyClass; closed?: boolean; count: number }) {
  return (
    <>
      <MarkShape safety={safety} closed={closed ?? false} />
      {count > 1 && (
        <text x={13} y={-6} fontSize={12} fontWeight={700} className="fill-base-content">
          ×{count}
        </text>
      )}
    </>
  )
}

function Counted({ count }: { count: number }) {
  return (
    <g className="fill-base-100 text-base-content">
      <rect x={-19} y={-15} width={38} height={30} rx={4} className="stroke-base-content" strokeWidth={1.5} />
      <text textAnchor="middle" y={8} fontSize={23} fontWeight={700} fill="currentColor">
        {count}
      </text>
    </g>
  )
}

const spacings = [14, 9, 5] as const

/** Slanting lines over what is unseen, in three densities. */
function Hatching({ view, zones, unseen }: { view: View; zones: Body['zones']; unseen: (zone: string) => number }) {
  return (
    <g
      pointerEvents="none"
      aria-hidden="true"
      transform={view.mirrored ? `translate(${view.width} 0) scale(-1 1)` : undefined}
    >
      <defs>
        {spacings.map((s, i) => (
          <pattern
            key={s}
            id={`unseen-${view.id}-${i}`}
            width={s}
            height={s}
            patternUnits="userSpaceOnUse"
            patternTransform="rotate(45)"
          >
            <line x1={0} y1={0} x2={0} y2={s} className="stroke-base-content" strokeWidth={1} strokeOpacity={0.55} />
          </pattern>
        ))}
      </defs>
      {zones.map((z) => {
        const share = unseen(z.id)
        if (share <= 0) return null
        const density = share > 0.66 ? 2 : share > 0.33 ? 1 : 0
        return <path key={z.id} d={z.outline} fill={`url(#unseen-${view.id}-${density})`} />
      })}
    </g>
  )
}

/** As far as the work there is done, from below; the line where it ends is drawn. */
function Filling({
  view,
  zones,
  done,
}: {
  view: View
  zones: Body['zones']
  done: (zone: string) => number | undefined
}) {
  return (
    <g
      pointerEvents="none"
      aria-hidden="true"
      transform={view.mirrored ? `translate(${view.width} 0) scale(-1 1)` : undefined}
    >
      {zones.map((z) => {
        const share = done(z.id)
        if (share === undefined) return null
        const id = `done-${view.id}-${z.id}`
        return (
          <g key={z.id}>
            <linearGradient id={id} x1={0} y1={1} x2={0} y2={0}>
              <stop offset={share} stopColor="var(--color-success)" stopOpacity={0.55} />
              <stop
                offset={share}
                stopColor="var(--color-base-content)"
                stopOpacity={share > 0 && share < 1 ? 0.9 : 0}
              />
              <stop offset={share + 0.02} stopColor="var(--color-base-content)" stopOpacity={0} />
            </linearGradient>
            <path d={z.outline} fill={`url(#${id})`} />
          </g>
        )
      })}
    </g>
  )
}

/** What stands above the drawing on a page, in rem: the whole of it is to be seen beside its list. */
const ABOVE = 18

/** All faces at once, unrolled into a net as the drawing file places them; never higher than the window. */
export function UnrolledCar(props: Props) {
  const views = props.body.views
  const columns = Math.max(...views.map((v) => v.column)) + 1
  const widest = Array.from({ length: columns }, (_, c) =>
    Math.max(...views.filter((v) => v.column === c).map((v) => v.width)),
  )
  const width = widest.reduce((a, b) => a + b, 0)
  const rows = Math.max(...views.map((v) => v.row)) + 1
  const height = Array.from({ length: rows }, (_, r) =>
    Math.max(0, ...views.filter((v) => v.row === r).map((v) => v.height)),
  ).reduce((a, b) => a + b, 0)
  return (
    <div
      className="mx-auto grid items-center gap-x-3 gap-y-1"
      style={{
        gridTemplateColumns: widest.map((w) => `${w}fr`).join(' '),
        maxWidth: `calc((100dvh - ${ABOVE + 1.25 * rows}rem) * ${(width / height).toFixed(3)})`,
      }}
    >
      {views.map((view) => (
        <figure key={view.id} style={{ gridColumn: view.column + 1, gridRow: view.row + 1 }}>
          <Face {...props} view={view} />
          <figcaption className="quiet text-center text-xs">{view.name}</figcaption>
        </figure>
      ))}
    </div>
  )
}
