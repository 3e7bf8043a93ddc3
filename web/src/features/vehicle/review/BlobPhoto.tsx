import { useQuery } from '@tanstack/react-query'
import { tokenHeader } from './review'

/** A photo that only comes with the token in a header. */
export function BlobPhoto({
  token,
  from,
  id,
  alt,
}: {
  token: string
  /** Of which finding, or the picture of the vehicle itself. */
  from: `photos/${string}` | 'picture'
  id: string
  alt: string
}) {
  const url = useQuery({
    queryKey: ['review', token, 'photo', id],
    staleTime: Infinity,
    gcTime: Infinity, // the address lives as long as the page does
    queryFn: async () => {
      const response = await fetch(`/api/review/${from}/${id}`, { headers: tokenHeader(token) })
      if (!response.ok) throw new Error(String(response.status))
      return URL.createObjectURL(await response.blob())
    },
  })
  return url.data ? <img src={url.data} alt={alt} className="mt-1 max-h-72 rounded" /> : null
}
