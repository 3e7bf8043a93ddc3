import { useTranslation } from 'react-i18next'
import { api, unwrap, write } from '@/api/client'
import { useWrite } from '@/api/useWrite'
import { ProblemAlert } from '@/ui/page/Feedback'
import { OpenIt } from '@/ui/safety/OpenIt'
import type { Access, StripDown } from './access'

/** What can be done with a strip-down that is not closed. */
export function StripDownSteps({
  stripDown: o,
  access,
  projectId,
  onOffers,
  offers,
}: {
  stripDown: StripDown
  access: Access
  projectId: string
  onOffers: () => void
  offers: boolean
}) {
  const { t } = useTranslation()
  return (
    <div className="no-print mt-1 flex flex-wrap gap-2">
      <button
        type="button"
        className="btn"
        aria-expanded={offers}
        aria-label={t('actOn', { act: t('access.whileOpen'), what: access.name })}
        onClick={onOffers}
      >
        {t('access.whileOpen')}
      </button>
      {o.openedOn ? (
        <Closing stripDown={o} access={access} projectId={projectId} />
      ) : (
        <OpenIt stripDown={o} access={access} projectId={projectId} />
      )}
    </div>
  )
}

/** A job that is not begun does not hold it open for ever: it may be put back and stripped down again for it. */
function Closing({ stripDown: o, access, projectId }: { stripDown: StripDown; access: Access; projectId: string }) {
  const { t } = useTranslation()
  const params = { path: { projectId, stripDown: o.stripDown } }
  const close = useWrite(
    (body: { again?: boolean }, id) =>
      unwrap(
        api.POST('/api/projects/{projectId}/access/{stripDown}/close', {
          params,
          body: { version: o.version, ...body },
          ...write(id),
        }),
      ),
    { said: () => t('access.closed', { what: access.refitName }) },
  )
  const closeForNow = useWrite(
    (_: object, id) =>
      unwrap(
        api.POST('/api/projects/{projectId}/access/{stripDown}/close-for-now', {
          params,
          body: { version: o.version },
          ...write(id),
        }),
      ),
    { said: () => t('access.closedOutstanding', { what: access.name }) },
  )
  const named = (act: 'access.close' | 'access.closeAgain' | 'access.closeForNow') => ({
    'aria-label': t('actOn', { act: t(act), what: access.name }),
    children: t(act),
  })
  return (
    <>
      <button type="button" className="btn" onClick={() => close.mutate({})} {...named('access.close')} />
      {access.drained && !access.neverTemporary && (
        <button
          type="button"
          className="btn btn-ghost"
          onClick={() => closeForNow.mutate({})}
          {...named('access.closeForNow')}
        />
      )}
      <div className="basis-full empty:hidden">
        <ProblemAlert error={close.error ?? closeForNow.error}>
          {close.error?.code === 'strip-down.job-open' && (
            <button
              type="button"
              className="btn mt-2"
              onClick={() => close.mutate({ again: true })}
              {...named('access.closeAgain')}
            />
          )}
        </ProblemAlert>
      </div>
    </>
  )
}
