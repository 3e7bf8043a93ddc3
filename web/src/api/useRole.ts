import { useQuery } from '@tanstack/react-query'
import { sessionQuery } from './queries'

/** What the person who is signed in may do. The server decides; this only spares them what would be refused. */
export function useRole() {
  const role = useQuery(sessionQuery).data?.me?.role
  return {
    /** Sees money and changes settings. */
    owns: role === 'OWNER',
    /** Records and works. */
    works: role === 'OWNER' || role === 'HELPER',
  }
}
