import { useFreshId } from './useFreshId'

/** For a form that adds one thing after the other: the id of the one that is typed, and what to do once it is kept. */
export function useAnother(form: { reset: () => void }) {
  const [id, renew] = useFreshId()
  return {
    id,
    another: () => {
      renew()
      form.reset()
    },
  }
}
