import { queryOptions } from '@tanstack/react-query'
import { api, unwrap, type Schemas } from '@/api/client'

export type Readings = Schemas['ReadingsResponse']
export type Measured = Schemas['MeasuredResponse']
export type Measurable = Schemas['MeasurableResponse']
export type Point = Schemas['PointResponse']
export type Unit = Measurable['unit']

export type SourceKind = Schemas['FigureRow']['sourceKind']

/** The best first. */
export const figureKinds: SourceKind[] = ['COMPONENT', 'VEHICLE', 'PUBLIC']

/** What was typed; undefined for nothing, NaN for what is no number. */
export const numberOf = (typed: string) => (typed.trim() === '' ? undefined : Number(typed.replace(',', '.')))

const every = <T extends string>(all: Record<T, true>) => Object.keys(all) as T[]

/** In which something of one's own may be measured. */
export const units = every<Exclude<Unit, 'YEAR' | 'KILOMETRE' | 'MILE' | 'GALLON'>>({
  MILLIMETRE: true,
  INCH: true,
  THOU: true,
  MICROMETRE: true,
  DEGREE: true,
  NEWTON_METRE: true,
  POUND_FOOT: true,
  NEWTON: true,
  BAR: true,
  PSI: true,
  KILOPASCAL: true,
  KILOGRAM_FORCE_PER_SQUARE_CENTIMETRE: true,
  INCH_OF_MERCURY: true,
  MILLIMETRE_OF_MERCURY: true,
  VOLT: true,
  MILLIVOLT: true,
  AMPERE: true,
  MILLIAMPERE: true,
  OHM: true,
  KILOOHM: true,
  REVOLUTION_PER_MINUTE: true,
  LITRE: true,
  MILLILITRE: true,
  GRAM: true,
  SPECIFIC_GRAVITY: true,
  SECOND: true,
  CELSIUS: true,
  FAHRENHEIT: true,
  KELVIN: true,
  KILOMETRE_PER_HOUR: true,
  MILE_PER_HOUR: true,
  PERCENT: true,
  COUNT: true,
})

export const systems = every<Schemas['OwnMeasurand']['system']>({
  ENGINE: true,
  BRAKES: true,
  STEERING_AND_SUSPENSION: true,
  WHEELS_AND_TYRES: true,
  TRANSMISSION: true,
  ELECTRICAL: true,
  FUEL: true,
  COOLING: true,
  EXHAUST: true,
  STRUCTURE: true,
  BODY: true,
  RESTRAINT: true,
  GLASS_AND_SEALS: true,
  TRIM: true,
  PAPERS: true,
})

export const readingsQuery = (projectId: string) =>
  queryOptions({
    queryKey: ['readings', projectId],
    queryFn: () => unwrap(api.GET('/api/projects/{projectId}/readings', { params: { path: { projectId } } })),
  })

/** A point of a panel by row and column: "2,3". */
export type Cell = { row: number; column: number; point: Point }

/** The last readings of a panel as a grid; undefined where the spots are not all given by row and column. */
export function cells(points: Point[]): Cell[] | undefined {
  const found: Cell[] = []
  for (const point of points.filter((p) => p.last)) {
    const match = /^(\d{1,2})\s*[,/;]\s*(\d{1,2})$/.exec(point.spot)
    if (!match) return undefined
    found.push({ row: Number(match[1]), column: Number(match[2]), point })
  }
  return found.length > 0 ? found : undefined
}
