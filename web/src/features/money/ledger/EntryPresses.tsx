import { useState } from 'react'
import { useTranslation } from 'react-i18next'
import { api, unwrap, write } from '@/api/client'
import { useWrite } from '@/api/useWrite'
import { ProblemAlert } from '@/ui/page/Feedback'
import type { Entry } from '../budget/moneyQueries'

/** What can be done with an entry: a draft is booked, changed or thrown away; what is booked can only be reversed. */
export function EntryPresses({ entry: e, onEdit, onDone }: { entry: Entry; onEdit: () => void; onDone: () => void }) {
  const { t } = useTranslation()
  const [asked, setAsked] = useState(false)
  const [reversalId] = useState(() => crypto.randomUUID())
  const post = useWrite(
    (version: number, id) =>
      unwrap(
        api.POST('/api/entries/{id}/posting', { params: { path: { id: e.id } }, body: { version }, ...write(id) }),
      ),
    {
      said: () => t('money.isPosted', { what: e.description }),
      undoable: false,
      done: onDone,
    },
  )
  const reverse = useWrite(
    (reversal: string, id) =>
      unwrap(
        api.POST('/api/entries/{id}/reversal', {
          params: { path: { id: e.id } },
          body: { reversalId: reversal },
          ...write(id),
        }),
      ),
    {
      said: () => t('money.isReversed', { what: e.description }),
      undoable: false,
      done: onDone,
    },
  )
  const discard = useWrite(
    (version: number, id) =>
      unwrap(api.DELETE('/api/entries/{id}', { params: { path: { id: e.id }, query: { version } }, ...write(id) })),
    {
      said: () => t('money.isDiscarded'),
      done: onDone,
    },
  )
  return (
    <>
      <ProblemAlert error={post.error ?? reverse.error ?? discard.error} />
      {e.state === 'DRAFT' && (
        <div className="grid gap-2">
          <p className="quiet text-sm">{t('money.draftHint')}</p>
          <div className="flex flex-wrap gap-2">
            <button
              type="button"
              className="btn btn-primary"
              disabled={post.isPending}
              onClick={() => post.mutate(e.version)}
            >
              {t('money.post')}
            </button>
            <button type="button" className="btn" onClick={onEdit}>
              {t('money.edit')}
            </button>
            <button
              type="button"
              className="btn"
              disabled={discard.isPending}
              onClick={() => discard.mutate(e.version)}
            >
              {t('money.discard')}
            </button>
          </div>
        </div>
      )}
      {e.state === 'POSTED' && !e.reversedBy && !e.reversesId && (
        <div className="grid gap-2">
          <p className="quiet text-sm">{t(asked ? 'money.reverseHint' : 'money.postedHint')}</p>
          <div className="flex flex-wrap gap-2">
            {!asked && (
              <button type="button" className="btn" onClick={() => setAsked(true)}>
                {t('money.reverseAsk')}
              </button>
            )}
            {asked && (
              <>
                <button
                  type="button"
                  className="btn btn-primary"
                  disabled={reverse.isPending}
                  onClick={() => reverse.mutate(reversalId)}
                >
                  {t('money.reverse')}
                </button>
                <button type="button" className="btn" onClick={() => setAsked(false)}>
                  {t('notNow')}
                </button>
              </>
            )}
          </div>
        </div>
      )}
    </>
  )
}
