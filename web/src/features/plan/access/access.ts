import type { Schemas } from '@/api/client'

export type VehicleAccess = Schemas['VehicleAccessResponse']
export type StripDown = VehicleAccess['stripDowns'][number]
export type Access = VehicleAccess['accesses'][number]

export const accessOf = (vehicleAccess: VehicleAccess, id: string) => vehicleAccess.accesses.find((w) => w.id === id)!

/**
 * The openings that jobs ask for themselves; what takes most comes first. One whose work is done and that nobody opened here has nothing left
 * to show.
 */
export const shown = (vehicleAccess: VehicleAccess, isOver: (jobId: string) => boolean): StripDown[] =>
  vehicleAccess.stripDowns
    .filter((o) => o.direct.length > 0 && (o.openedOn || !o.jobs.every(isOver)))
    .sort((a, b) => Number(!!a.closedOn) - Number(!!b.closedOn) || b.minutes - a.minutes)
