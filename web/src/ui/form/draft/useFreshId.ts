import { useState } from 'react'

/** The id of the thing that is being added: the same until it is there, so that pressing again adds it once; then a new one. */
export function useFreshId(): [string, () => void] {
  const [id, setId] = useState(() => crypto.randomUUID() as string)
  return [id, () => setId(crypto.randomUUID())]
}
