import type { Schemas } from '@/api/client'

type Place = Pick<Schemas['PlaceRow'], 'id' | 'name' | 'within'>

/** A place with those that it is in, the outermost first: "Loft › Shelf B › Box of trim". */
export function placePath(places: Place[], id: string): string {
  const place = places.find((p) => p.id === id)
  if (!place) return ''
  return place.within ? `${placePath(places, place.within)} › ${place.name}` : place.name
}
