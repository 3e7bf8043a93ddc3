import { useState } from 'react'
import { useQuery } from '@tanstack/react-query'
import { useTranslation } from 'react-i18next'
import { api, unwrap } from '@/api/client'
import { ProblemAlert } from '@/ui/page/Feedback'
import { Part } from '@/ui/page/Page'
import { useUnits } from '@/ui/format/units'
import { Millimetres, useMillimetres } from './Millimetres'

/** Whether a part goes into its space, before it is bought. */
export function PartInSpace() {
  const { t } = useTranslation()
  const units = useUnits()
  const [v, setV] = useState({ space: '', part: '', margin: units.figure(5, 'MILLIMETRE', 2) })
  const [spaceMm, partMm, marginMm] = [v.space, v.part, v.margin].map(useMillimetres())
  const complete = spaceMm !== undefined && partMm !== undefined && marginMm !== undefined
  const verdict = useQuery({
    queryKey: ['clearance', 'part', spaceMm, partMm, marginMm],
    enabled: complete,
    retry: false,
    queryFn: () =>
      unwrap(
        api.GET('/api/clearance/part', {
          params: { query: { spaceMm: spaceMm!, partMm: partMm!, marginMm: marginMm! } },
        }),
      ),
  })
  return (
    <Part title={t('fits.part')}>
      <div className="grid grid-cols-3 gap-2">
        <Millimetres label={t('fits.space')} value={v.space} onChange={(space) => setV({ ...v, space })} />
        <Millimetres label={t('fits.partSize')} value={v.part} onChange={(part) => setV({ ...v, part })} />
        <Millimetres label={t('fits.margin')} value={v.margin} onChange={(margin) => setV({ ...v, margin })} />
      </div>
      <ProblemAlert error={verdict.error} />
      <p aria-live="polite" className="mt-1 font-semibold">
        {complete &&
          verdict.data &&
          `${t(`fits.fit.${verdict.data.fit}`)}, ${verdict.data.spareMm < 0 ? t('fits.lacks', { size: units.about(-verdict.data.spareMm, 'MILLIMETRE') }) : t('fits.spare', { size: units.about(verdict.data.spareMm, 'MILLIMETRE') })}`}
      </p>
    </Part>
  )
}
