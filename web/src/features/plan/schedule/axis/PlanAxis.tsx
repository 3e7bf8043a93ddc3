import { useMemo, useRef, useState } from 'react'
import { useTranslation } from 'react-i18next'
import { Minus, Plus } from 'lucide-react'
import { useFormat } from '@/ui/format/format'
import { emptyDays, instantAt, makeAxis, rows, xOf, type Axis } from './axis'
import { usePieces } from '../usePieces'
import { hasTime, inPieces, lanesOf, type Bar, type Lane, type LaneName, type Plan } from './lanes'
import { MoneyLine } from '../MoneyLine'

const ROW_PX = 30
/** So much a finger or a shaky hand can hit (WCAG 2.2, 2.5.8). */
const LEAST_PX = 24
/** What stands open is many and says little: narrower rows. */
const OPEN_ROW_PX = 21
/** The name of a place takes two lines. */
const PLACE_PX = 46
const ZOOM = [4, 9, 18, 36, 80]

/** The plan along the person's own evenings: lanes by where the work happens, the money under the same axis. */
export function PlanAxis({
  plan,
  projectId,
  chosen,
  onChoose,
  onMove,
}: {
  plan: Plan
  projectId: string
  chosen: string | undefined
  onChoose: (key: string) => void
  onMove: (key: string, day: string) => void
}) {
  const { t } = useTranslation()
  const [zoom, setZoom] = useState(3)
  const [allParts, setAllParts] = useState(false)
  const every = useMemo(() => lanesOf(plan), [plan])
  const pieceOf = usePieces(projectId)
  const [open, setOpen] = useState(new Set<string>())
  const lanes = every
    .map((l) => (allParts ? l : { ...l, bars: l.bars.filter((b) => !hasTime(b)) }))
    .map((l) => inPieces(l, pieceOf, open))
  const press = (bar: Bar) => {
    if (!bar.piece) return onChoose(bar.activity.key)
    const next = new Set(open)
    if (!next.delete(bar.piece.id)) next.add(bar.piece.id)
    setOpen(next)
  }
  const withTime = every.flatMap((l) => l.bars).filter(hasTime).length
  const axis = useMemo(() => axisOf(plan, ZOOM[zoom]!), [plan, zoom])
  if (axis.width === 0 || lanes.length === 0) return null
  return (
    <section aria-label={t('dates.axis')} className="no-print mb-6 hidden md:block">
      <div className="mb-1 flex items-center gap-1">
        <p className="quiet grow text-sm">{t('dates.axisHow')}</p>
        {withTime > 0 && (
          <button
            type="button"
            className="btn btn-ghost"
            aria-pressed={allParts}
            onClick={() => setAllParts(!allParts)}
          >
            {t('dates.partsWithTime', { count: withTime })}
          </button>
        )}
        <button
          type="button"
          className="btn btn-square btn-ghost"
          aria-label={t('dates.wider')}
          disabled={zoom === 0}
          onClick={() => setZoom(zoom - 1)}
        >
          <Minus className="size-5" aria-hidden="true" />
        </button>
        <button
          type="button"
          className="btn btn-square btn-ghost"
          aria-label={t('dates.closer')}
          disabled={zoom === ZOOM.length - 1}
          onClick={() => setZoom(zoom + 1)}
        >
          <Plus className="size-5" aria-hidden="true" />
        </button>
      </div>
      <div className="flex border-y-2 border-base-300">
        <div className="w-28 shrink-0 border-r border-base-300 text-sm">
          <div className="h-14" />
          {lanes.map((lane) => (
            <LaneHead key={lane.key} lane={lane} axis={axis} />
          ))}
          {plan.money.length > 0 && <p className="flex h-24 items-center px-2 font-semibold">{t('dates.money')}</p>}
        </div>
        <div className="overflow-x-auto" tabIndex={0} role="group" aria-label={t('dates.scroll')}>
          <div className="relative" style={{ width: axis.width }}>
            <Head axis={axis} plan={plan} />
            {lanes.map((lane) => (
              <LaneBars
                key={lane.key}
                name={lane.name}
                bars={lane.bars}
                axis={axis}
                chosen={chosen}
                open={open}
                onPress={press}
                onMove={onMove}
              />
            ))}
            <MoneyLine plan={plan} axis={axis} />
          </div>
        </div>
      </div>
    </section>
  )
}

function axisOf(plan: Plan, perHour: number): Axis {
  const from = Math.min(...plan.activities.map((a) => Date.parse(a.start)))
  const to = Math.max(...plan.activities.map((a) => Date.parse(a.end)))
  return Number.isFinite(from) ? makeAxis(plan.windows, from, to, perHour) : makeAxis([], 0, 0, perHour)
}

const placed = (name: LaneName, bars: Bar[], axis: Axis) => {
  const rowHeight = name === 'open' ? OPEN_ROW_PX : ROW_PX
  const places = bars.map((b) => {
    const x = xOf(axis, b.from)
    return { x, width: Math.max(name === 'open' ? 8 : LEAST_PX, xOf(axis, b.to) - x) }
  })
  const row = rows(places)
  const rowsHigh = (Math.max(0, ...row) + 1) * rowHeight + 8
  return { places, row, rowHeight, height: name === 'place' ? Math.max(PLACE_PX, rowsHigh) : rowsHigh }
}

function LaneHead({ lane: { name, title, bars }, axis }: { lane: Lane; axis: Axis }) {
  const { t } = useTranslation()
  return (
    <p
      className="flex items-center border-t border-base-300 px-2 font-semibold"
      style={{ height: placed(name, bars, axis).height }}
    >
      <span className="line-clamp-2 leading-tight" title={title}>
        {name === 'place' ? title : t(`dates.lane.${name}`)}
      </span>
    </p>
  )
}

const LABEL_PX = 76

/** The evenings whose day is written, so that no two words meet. */
function labels(axis: Axis): Set<number> {
  const found = new Set<number>()
  let last = -LABEL_PX
  for (const s of axis.stretches)
    if (s.kind === 'workSession' && s.x - last >= LABEL_PX) {
      found.add(s.from)
      last = s.x
    }
  return found
}

/** Days, stretches without time, and the milestones. */
function Head({ axis, plan }: { axis: Axis; plan: Plan }) {
  const { t } = useTranslation()
  const format = useFormat()
  const labelled = useMemo(() => labels(axis), [axis])
  return (
    <div className="relative h-14">
      {axis.stretches.map((s) => (
        <div
          key={s.from}
          className={`absolute top-0 h-14 ${s.kind === 'workSession' ? 'border-l border-base-300 bg-base-200' : ''}`}
          style={{ left: s.x, width: s.width }}
        >
          {labelled.has(s.from) && (
            <span className="absolute bottom-0 left-0.5 z-10 bg-base-200 pr-1 text-xs whitespace-nowrap">
              {format.shortDay(new Date(s.from).toISOString())}
            </span>
          )}
          {emptyDays(s) > 0 && s.width > 24 && (
            <span className="quiet absolute inset-x-0 top-1 text-center text-xs leading-tight">
              {t('dates.empty', { count: emptyDays(s) })}
            </span>
          )}
        </div>
      ))}
      {plan.milestones
        .filter((m, i, all) => all.findIndex((o) => o.finish === m.finish) === i)
        .map((m, i) => (
          <span
            key={m.aim}
            className="absolute border-r-2 border-base-content pr-1 text-right text-xs font-bold whitespace-nowrap"
            style={{ right: axis.width - xOf(axis, Date.parse(m.finish)), top: (i % 2) * 16 }}
          >
            {t(`reached.${m.aim}`)}
          </span>
        ))}
    </div>
  )
}

const look: Record<Bar['kind'], string> = {
  JOB: 'bg-primary text-primary-content',
  TRIAL: 'bg-primary text-primary-content',
  STRIP: 'border-2 border-primary bg-base-100',
  REFIT: 'border-2 border-primary bg-base-100',
  ORDER: 'border-2 border-dashed border-secondary bg-base-100',
  ARRIVED: 'border-2 border-secondary bg-base-100',
  NEED: 'border-2 border-dotted border-secondary bg-base-100',
  SENT_OUT: 'bg-secondary text-secondary-content',
  APPOINTMENT: 'bg-accent text-accent-content',
  PLACE: '',
  DAYLIGHT: '',
  FIRE_WATCH: '',
  NOISE: '',
  HIRED: '',
  WARMTH: '',
  LONG_SESSION: '',
  HELPER: '',
}

/** Stands for several steps, with time between them. */
const PIECE = 'border-2 border-primary bg-primary/15 font-semibold text-base-content'

function LaneBars({
  name,
  bars,
  axis,
  chosen,
  open,
  onPress,
  onMove,
}: {
  name: LaneName
  bars: Bar[]
  axis: Axis
  chosen: string | undefined
  open: Set<string>
  onPress: (bar: Bar) => void
  onMove: (key: string, day: string) => void
}) {
  const { places, row, rowHeight, height } = placed(name, bars, axis)
  return (
    <div className="relative border-t border-base-300" style={{ height }}>
      {bars.map((bar, i) => {
        const place = { ...places[i]!, top: row[i]! * rowHeight + 4 }
        return name === 'open' ? (
          <OpenBand key={bar.key} bar={bar} place={place} />
        ) : (
          <BarButton
            key={bar.key}
            bar={bar}
            place={place}
            movable={!bar.piece && bar.activity.movable}
            axis={axis}
            chosen={!bar.piece && chosen === bar.activity.key}
            open={bar.piece && open.has(bar.piece.id)}
            onPress={onPress}
            onMove={onMove}
          />
        )
      })}
    </div>
  )
}

type Place = { x: number; width: number; top: number }

/** From its opening to its closing; what can be done about it is done at the two. */
function OpenBand({ bar, place }: { bar: Bar; place: Place }) {
  return (
    <span
      className="absolute h-4 overflow-hidden border-x-4 border-t-2 border-neutral bg-base-200 px-1 text-ellipsis text-xs leading-3 whitespace-nowrap"
      style={{ left: place.x, top: place.top, width: place.width }}
      title={bar.title}
    >
      {place.width > 34 && bar.title}
    </span>
  )
}

/** A press shows it; dragging it, or an arrow key, asks what would come of another day. */
function BarButton({
  bar,
  place,
  movable,
  axis,
  chosen,
  open,
  onPress,
  onMove,
}: {
  bar: Bar
  place: Place
  movable: boolean
  axis: Axis
  chosen: boolean
  open: boolean | undefined
  onPress: (bar: Bar) => void
  onMove: (key: string, day: string) => void
}) {
  const format = useFormat()
  const from = useRef<number | undefined>(undefined)
  const wasDragged = useRef(false)
  const [dragged, setDragged] = useState(0)
  const dayAt = (x: number) => format.dateOf(new Date(instantAt(axis, x)).toISOString())
  const { t } = useTranslation()
  const title = bar.piece ? t('dates.pieceBar', { what: bar.title, count: bar.piece.steps }) : bar.title
  const nextWorkSession = (step: 1 | -1) => {
    const workSessions = axis.stretches.filter((s) => s.kind === 'workSession')
    const at = workSessions.findIndex((s) => bar.from <= s.to)
    const next = workSessions[at + step]
    if (next) onMove(bar.activity.key, format.dateOf(new Date(next.from).toISOString()))
  }
  return (
    <button
      type="button"
      className={`absolute h-6 overflow-hidden rounded-sm px-1 text-left text-ellipsis text-xs leading-5 whitespace-nowrap ${bar.piece ? PIECE : look[bar.kind]} ${chosen ? 'outline-3 outline-offset-1 outline-accent' : ''} ${movable ? 'touch-none' : ''}`}
      style={{ left: place.x + dragged, top: place.top, width: place.width }}
      aria-label={`${title}, ${format.shortDay(bar.activity.start)}${bar.to > bar.from ? ` – ${format.shortDay(new Date(bar.to).toISOString())}` : ''}`}
      {...(bar.piece ? { 'aria-expanded': open } : { 'aria-pressed': chosen })}
      title={title}
      onClick={() => {
        if (!wasDragged.current) onPress(bar)
        wasDragged.current = false
      }}
      onKeyDown={(e) => {
        if (!movable) return
        if (e.key === 'ArrowRight') nextWorkSession(1)
        if (e.key === 'ArrowLeft') nextWorkSession(-1)
      }}
      onPointerDown={(e) => {
        if (!movable) return
        from.current = e.clientX
        e.currentTarget.setPointerCapture(e.pointerId)
      }}
      onPointerMove={(e) => {
        if (from.current !== undefined) setDragged(e.clientX - from.current)
      }}
      onPointerUp={() => {
        wasDragged.current = from.current !== undefined && Math.abs(dragged) > 8
        if (wasDragged.current) onMove(bar.activity.key, dayAt(Math.max(0, place.x + dragged)))
        from.current = undefined
        setDragged(0)
      }}
      onPointerCancel={() => {
        from.current = undefined
        setDragged(0)
      }}
    >
      {place.width > 34 && title}
    </button>
  )
}
