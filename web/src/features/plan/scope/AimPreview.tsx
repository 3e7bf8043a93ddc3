import { useState } from 'react'
import { aims } from '@/api/generated/enums'
import { useQuery } from '@tanstack/react-query'
import { useTranslation } from 'react-i18next'
import { api, unwrap, write, type Schemas } from '@/api/client'
import { drawingQuery, projectQuery } from '@/api/queries'
import { useRole } from '@/api/useRole'
import { useWrite } from '@/api/useWrite'
import { ProblemAlert } from '@/ui/page/Feedback'
import { Choice, TextField } from '@/ui/form/Field'
import { hours, useFormat } from '@/ui/format/format'
import { useZoneNames } from '@/ui/format/names/zones'
import type { Scope } from './scope'

type Aim = Schemas['ZoneAimRow']['aim']

/** What another aim, of the vehicle or of one place, would bring in and leave out: seen before it is set. */
export function AimPreview({ projectId, scope }: { projectId: string; scope: Scope }) {
  const { t } = useTranslation()
  const nameOf = useZoneNames(projectId)
  const { data: project } = useQuery(projectQuery(projectId))
  const { data: body } = useQuery(drawingQuery(projectId))
  const [aim, setAim] = useState<Aim | ''>('')
  const [zone, setZone] = useState('')
  return (
    <details className="mb-4">
      <summary className="cursor-pointer py-2 font-semibold">{t('scope.aim')}</summary>
      <div className="grid gap-2">
        <ul>
          {scope.zoneAims.map((z) => (
            <li key={z.zone}>
              {t('scope.zoneAim', { place: nameOf(z.zone), aim: t(`aim.${z.aim}`), reason: z.reason })}
            </li>
          ))}
        </ul>
        <div className="grid grid-cols-2 gap-2">
          <Choice label={t('scope.aimFor')} value={aim} onChange={(e) => setAim(e.target.value as Aim | '')}>
            <option value="">–</option>
            {aims.map((a) => (
              <option key={a} value={a}>
                {t(`aim.${a}`)}
              </option>
            ))}
          </Choice>
          <Choice label={t('scope.aimOf')} value={zone} onChange={(e) => setZone(e.target.value)}>
            <option value="">{t('scope.wholeCar')}</option>
            {body?.zones.map((z) => (
              <option key={z.id} value={z.id}>
                {nameOf(z.id)}
              </option>
            ))}
          </Choice>
        </div>
        {aim && project && <Outlook key={aim + zone} project={project} aim={aim} zone={zone} />}
      </div>
    </details>
  )
}

function Outlook({ project, aim, zone }: { project: Schemas['Project']; aim: Aim; zone: string }) {
  const { t } = useTranslation()
  const format = useFormat()
  const { owns } = useRole()
  const [reason, setReason] = useState('')
  const path = { projectId: project.id }
  const preview = useQuery({
    queryKey: ['scope', project.id, 'aim', aim, zone],
    queryFn: () =>
      unwrap(
        api.GET('/api/projects/{projectId}/scope/aim', {
          params: { path, query: { aim, ...(zone && { zone }) } },
        }),
      ),
  })
  const set = useWrite(
    (_: object, id) => {
      const { vehicleName, builtYear, layout, driverSide, identity, note, state, doubtfulParts } = project
      const { budgetMinor, monthlyMinor, targetOn } = project
      return zone
        ? unwrap(
            api.PUT('/api/projects/{projectId}/scope/zone-aims', {
              params: { path },
              body: { zone, aim, reason },
              ...write(id),
            }),
          )
        : unwrap(
            api.PUT('/api/projects/{id}', {
              params: { path: { id: project.id } },
              body: {
                fields: {
                  vehicleName,
                  builtYear,
                  layout,
                  driverSide,
                  identity,
                  note,
                  aim,
                  state,
                  doubtfulParts,
                  budgetMinor: budgetMinor ?? 0,
                  monthlyMinor: monthlyMinor ?? 0,
                  ...(targetOn && { targetOn }),
                },
                version: project.version,
              },
              ...write(id),
            }),
          ).then(() => undefined)
    },
    { said: () => t('scope.aimSet') },
  )
  const side = (key: 'scope.fallsIn' | 'scope.fallsOut', s: Schemas['AimSideResponse']) =>
    s.items.length > 0 && (
      <li>
        {t(key, {
          count: s.items.length,
          hours: hours(s.minutes),
          money: s.minor === undefined ? '–' : format.roughly(s.minor, format.currency),
          weeks: s.weeks === undefined ? '' : t('scope.weeks', { count: Math.max(1, Math.round(s.weeks)) }),
        })}
      </li>
    )
  if (!preview.data) return <ProblemAlert error={preview.error} />
  const nothing = preview.data.in.items.length + preview.data.out.items.length === 0
  return (
    <>
      <ul className="list-disc pl-5 font-semibold" aria-live="polite">
        {nothing && <li>{t('scope.noChange')}</li>}
        {side('scope.fallsIn', preview.data.in)}
        {side('scope.fallsOut', preview.data.out)}
      </ul>
      {zone && (
        <TextField
          label={t('scope.aimReason')}
          value={reason}
          maxLength={120}
          onChange={(e) => setReason(e.target.value)}
        />
      )}
      <ProblemAlert error={set.error} />
      {owns && (
        <div>
          <button
            type="button"
            className="btn"
            disabled={(zone !== '' && reason.trim() === '' && aim !== project.aim) || set.isPending}
            onClick={() => set.mutate({})}
          >
            {t('scope.setAim')}
          </button>
        </div>
      )}
    </>
  )
}
