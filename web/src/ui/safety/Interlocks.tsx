import { useState } from 'react'
import { useQuery } from '@tanstack/react-query'
import { useTranslation } from 'react-i18next'
import { Shield, ShieldCheck } from 'lucide-react'
import { api, unwrap, write, type Schemas } from '@/api/client'
import { useWrite } from '@/api/useWrite'
import { Loaded, ProblemAlert } from '@/ui/page/Feedback'
import { SupportPoints } from '@/ui/form/SupportPoints'
import { useFormat } from '@/ui/format/format'
import { useFreshId } from '@/ui/form/draft/useFreshId'

/** What has to be so before the first step: each is confirmed by itself, by somebody, at a time. */
export function Interlocks({ jobId }: { jobId: string }) {
  const { t } = useTranslation()
  const format = useFormat()
  const asked = useQuery({
    queryKey: ['interlocks', jobId],
    queryFn: () => unwrap(api.GET('/api/jobs/{jobId}/interlocks', { params: { path: { jobId } } })),
  })
  const [fresh, renew] = useFreshId()
  const [points, setPoints] = useState('')
  const confirm = useWrite(
    (body: Schemas['ConfirmationRequest'], id) =>
      unwrap(
        api.POST('/api/jobs/{jobId}/interlocks', {
          params: { path: { jobId } },
          body,
          ...write(id),
        }),
      ),
    { done: renew },
  )
  return (
    <Loaded query={asked} what={t('interlock.loading')}>
      {(all) =>
        all.length === 0 ? null : (
          <section aria-label={t('interlock.title')}>
            <h3 className="font-semibold">{t('interlock.title')}</h3>
            <p className="quiet text-sm">{t('interlock.each')}</p>
            <ul>
              {all.map((w) => (
                <li key={w.interlock} className="flex items-center gap-3 border-b border-base-300 py-1">
                  {w.confirmedAt ? (
                    <ShieldCheck className="size-5 shrink-0" aria-hidden="true" />
                  ) : (
                    <Shield className="size-5 shrink-0" aria-hidden="true" />
                  )}
                  <span className="grow">
                    {t(`interlock.${w.interlock}`)}
                    {w.near.length > 0 && (
                      <span className="quiet block text-sm">{t('interlock.near', { places: w.near.join(', ') })}</span>
                    )}
                    {w.confirmedAt && (
                      <span className="quiet block text-sm">
                        {t('interlock.by', { name: w.confirmedBy ?? '', time: format.time(w.confirmedAt) })}
                      </span>
                    )}
                  </span>
                  {!w.confirmedAt && (
                    <button
                      type="button"
                      className="btn"
                      aria-label={t('actOn', { act: t('interlock.confirm'), what: t(`interlock.${w.interlock}`) })}
                      disabled={confirm.isPending}
                      onClick={() =>
                        confirm.mutate({
                          id: fresh,
                          interlock: w.interlock,
                          ...(w.interlock === 'SUPPORTED' && points && { supportPoints: points }),
                        })
                      }
                    >
                      {t('interlock.confirm')}
                    </button>
                  )}
                </li>
              ))}
            </ul>
            <SupportPoints error={confirm.error} value={points} onChange={setPoints} />
            <ProblemAlert error={confirm.error} />
          </section>
        )
      }
    </Loaded>
  )
}
