import { queryOptions } from '@tanstack/react-query'
import { api, unwrap, type Schemas } from '@/api/client'

export type Readings = Schemas['ReadingsResponse']
export type Measured = Schemas['MeasuredResponse']
export type Measurable = Schemas['MeasurableResponse']
export type Point = Schemas['PointResponse']
export type Unit = Measurable['unit']

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

/** A number with as many digits as a restorer reads: 12.4, 0.18, 2310. */
export const readable = (value: number) => String(Number(value.toPrecision(4)))
