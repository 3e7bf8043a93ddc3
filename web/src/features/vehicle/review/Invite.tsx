import { useState } from 'react'
import { z } from 'zod'
import { useQuery } from '@tanstack/react-query'
import { useTranslation } from 'react-i18next'
import { api, unwrap, write, type Schemas } from '@/api/client'
import { announce } from '@/api/notices'
import { sessionQuery } from '@/api/queries'
import { useWrite } from '@/api/useWrite'
import { ProblemAlert } from '@/ui/page/Feedback'
import { Form } from '@/ui/form/Form'
import { Whole } from '@/ui/form/named'
import { whole } from '@/ui/form/rules'
import { useFields } from '@/ui/form/useFields'
import { useFormat } from '@/ui/format/format'

/** Makes links, shows each address once, and withdraws them. */
export function Invite({ projectId }: { projectId: string }) {
  const { t } = useTranslation()
  const format = useFormat()
  const form = useFields(z.object({ days: whole(t('review.daysWrong'), { min: 1, max: 90 }) }), { days: '14' })
  const [address, setAddress] = useState<string>()
  const { data: session } = useQuery(sessionQuery)
  const links = useQuery({
    queryKey: ['links', projectId],
    queryFn: () => unwrap(api.GET('/api/projects/{projectId}/links', { params: { path: { projectId } } })),
  })
  const make = useWrite(
    (body: Schemas['NewLinkRequest'], id) =>
      unwrap(api.POST('/api/projects/{projectId}/links', { params: { path: { projectId } }, body, ...write(id) })),
    { done: (made) => setAddress((session?.lanUrl || window.location.origin) + made.path) },
  )
  const revoke = useWrite(
    (linkId: string, id) =>
      unwrap(api.POST('/api/links/{id}/revocation', { params: { path: { id: linkId } }, ...write(id) })),
    { said: () => t('review.revoked'), undoable: false },
  )
  return (
    <div className="grid gap-3">
      <p>{t('review.shows')}</p>
      <Form
        form={form}
        save={make}
        label={t('review.make')}
        inRow
        onSubmit={({ days }) => make.mutate({ id: crypto.randomUUID(), days })}
      >
        <Whole name="days" label={t('review.days')} />
      </Form>
      <ProblemAlert error={revoke.error} />
      {address && (
        <div className="card-sheet grid gap-2 p-3">
          <p>{t('review.once')}</p>
          <p className="break-all font-mono text-sm">{address}</p>
          <p className="quiet text-sm">{session?.lanUrl ? t('review.inNetwork') : t('review.thisMachineOnly')}</p>
          <div>
            <button
              type="button"
              className="btn"
              onClick={() =>
                void navigator.clipboard.writeText(address).then(() => announce({ text: t('review.copied') }))
              }
            >
              {t('review.copy')}
            </button>
          </div>
        </div>
      )}
      <ul>
        {links.data?.map((l) => (
          <li key={l.id} className="flex min-h-11 items-center justify-between gap-2 border-b border-base-300 py-1">
            <span className={l.open ? '' : 'quiet'}>
              {l.open ? t('review.until', { date: format.dayAndYear(format.dateOf(l.expiresAt)) }) : t('review.over')}
            </span>
            {l.open && (
              <button
                type="button"
                className="btn btn-ghost"
                disabled={revoke.isPending}
                onClick={() => revoke.mutate(l.id)}
              >
                {t('review.revoke')}
              </button>
            )}
          </li>
        ))}
      </ul>
    </div>
  )
}
