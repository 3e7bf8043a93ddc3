import { useMutation, useQueryClient } from '@tanstack/react-query'
import { useNavigate } from 'react-router'
import { useTranslation } from 'react-i18next'
import { api, unwrap, type Problem } from '@/api/client'
import { ProblemAlert } from '@/ui/page/Feedback'
import { Outside } from '../account/SignInPage'

/** Where the code on the screen leads a phone: one press, and it is signed in. */
export function PairPage() {
  const { t } = useTranslation()
  const navigate = useNavigate()
  const queries = useQueryClient()
  const redeem = useMutation<unknown, Problem, string>({
    mutationFn: (token) => unwrap(api.POST('/api/pairing/redemption', { body: { token } })),
    onSuccess: async () => {
      await queries.resetQueries()
      void navigate('/', { replace: true })
    },
  })
  return (
    <Outside title={t('pair.title')}>
      <ProblemAlert error={redeem.error} />
      <button
        type="button"
        className="btn btn-primary btn-lg"
        disabled={redeem.isPending}
        onClick={() => redeem.mutate(window.location.hash.slice(1))}
      >
        {t('pair.go')}
      </button>
    </Outside>
  )
}
