import { useQuery } from '@tanstack/react-query'
import { tokenHeader } from './review'

/** A photo that only comes with the token in a header. */
export function BlobPhoto({
  token,
  findingId,
  id,
  alt,
}: {
  token: string
  findingId: string
  id: string
  alt: string
}) {
  const url = useQuery({
    queryKey: ['review', token, 'photo', id],
    staleTime: Infinity,
    gcTime: Infinity, // the address lives as long as the page does
    queryFn: async () => {
      const response = await fetch(`/api/review/photos/${findingId}/${id}`, { headers: tokenHeader(token) })
      if (!response.ok) throw new Error(String(response.status))
      return URL.createObjectURL(await response.blob())
    },
  })
  return url.data ? <img src={url.data} alt={alt} className="mt-1 max-h-72 rounded" /> : null
}
