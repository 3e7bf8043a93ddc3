import { useState } from 'react'
import { useTranslation } from 'react-i18next'
import { api, unwrap, write, type Schemas } from '@/api/client'
import { useWrite } from '@/api/useWrite'
import { Cautions } from '@/ui/safety/Cautions'
import { ProblemAlert } from '@/ui/page/Feedback'
import { SupportPoints } from '@/ui/form/SupportPoints'
import type { StripDown, Access } from './access'

type Interlock = StripDown['asks'][number]

/** Somebody opened it: its dangers stand first, and each condition is ticked by itself. */
export function OpenIt({
  stripDown: o,
  access,
  projectId,
}: {
  stripDown: StripDown
  access: Access
  projectId: string
}) {
  const { t } = useTranslation()
  const [shown, setShown] = useState(false)
  const [ticked, setTicked] = useState<Interlock[]>([])
  const [points, setPoints] = useState('')
  const open = useWrite(
    (body: Schemas['StripDownRequest'], id) =>
      unwrap(
        api.POST('/api/projects/{projectId}/access/{stripDown}/open', {
          params: { path: { projectId, stripDown: o.stripDown } },
          body,
          ...write(id),
        }),
      ),
    { said: () => t('access.opened', { what: access.name }) },
  )
  const asks = o.asks.length + access.cautions.length > 0
  const send = () => open.mutate({ confirmed: ticked, ...(points && { supportPoints: points }) })
  if (!shown)
    return (
      <>
        <button
          type="button"
          className="btn"
          aria-expanded={asks ? false : undefined}
          aria-label={`${t(asks ? 'access.openIt' : 'access.open')}: ${access.name}`}
          onClick={() => (asks ? setShown(true) : send())}
        >
          {t(asks ? 'access.openIt' : 'access.open')}
        </button>
        <ProblemAlert error={open.error} />
      </>
    )
  const tick = (one: Interlock) => setTicked(ticked.includes(one) ? ticked.filter((x) => x !== one) : [...ticked, one])
  return (
    <form
      className="grid w-full gap-2"
      aria-label={`${t('access.openIt')}: ${access.name}`}
      onSubmit={(e) => {
        e.preventDefault()
        send()
      }}
    >
      <Cautions cautions={access.cautions} />
      {o.asks.length > 0 && (
        <fieldset>
          <legend className="font-semibold">{t('interlock.title')}</legend>
          {o.asks.map((one) => (
            <label key={one} className="flex min-h-11 items-center gap-3">
              <input type="checkbox" className="checkbox" checked={ticked.includes(one)} onChange={() => tick(one)} />
              {t(`interlock.${one}`)}
            </label>
          ))}
        </fieldset>
      )}
      <SupportPoints error={open.error} value={points} onChange={setPoints} />
      <ProblemAlert error={open.error} />
      <div className="flex flex-wrap gap-2">
        <button type="submit" className="btn btn-primary" disabled={open.isPending}>
          {t('access.open')}
        </button>
        <button type="button" className="btn btn-ghost" onClick={() => setShown(false)}>
          {t('access.notYet')}
        </button>
      </div>
    </form>
  )
}
