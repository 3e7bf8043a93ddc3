import { useState } from 'react'
import { useQuery } from '@tanstack/react-query'
import { useTranslation } from 'react-i18next'
import { api, unwrap } from '@/api/client'
import { ProblemAlert } from '@/ui/page/Feedback'
import { useUnits } from '@/ui/format/units'
import { Millimetres, useMillimetres } from '../clearance/Millimetres'

/** How much of a damage a repair panel covers, before it is bought. */
export function PanelCover() {
  const { t } = useTranslation()
  const units = useUnits()
  const [typed, setTyped] = useState(['', '', '', ''])
  const mm = typed.map(useMillimetres())
  const complete = mm.every((v): v is number => v !== undefined)
  const cover = useQuery({
    queryKey: ['panel-cover', mm],
    enabled: complete,
    retry: false,
    queryFn: () =>
      unwrap(
        api.GET('/api/bench/panel-cover', {
          params: {
            query: {
              damageLengthMm: mm[0]!,
              damageWidthMm: mm[1]!,
              panelLengthMm: mm[2]!,
              panelWidthMm: mm[3]!,
            },
          },
        }),
      ),
  })
  const field = (i: number, label: string) => (
    <Millimetres label={label} value={typed[i]!} onChange={(v) => setTyped(typed.with(i, v))} />
  )
  return (
    <details className="mb-4">
      <summary className="cursor-pointer py-2 font-semibold">{t('scope.cover')}</summary>
      <p className="quiet text-sm">{t('scope.damage')}</p>
      <div className="grid grid-cols-2 gap-2">
        {field(0, t('fits.length'))}
        {field(1, t('fits.width'))}
      </div>
      <p className="quiet text-sm">{t('scope.panel')}</p>
      <div className="grid grid-cols-2 gap-2">
        {field(2, t('fits.length'))}
        {field(3, t('fits.width'))}
      </div>
      <ProblemAlert error={cover.error} />
      <p aria-live="polite" className="mt-1 font-semibold">
        {complete &&
          cover.data &&
          (cover.data.toMakeMm2 === 0
            ? t('scope.coveredAll')
            : t('scope.covered', {
                percent: cover.data.coveredPercent,
                rest: units.sayArea(cover.data.toMakeMm2, 'MILLIMETRE'),
              }))}
      </p>
      {complete && cover.data && (
        <p className="quiet text-sm">
          {t('scope.wearsOut', {
            welds: cover.data.spotWelds,
            bits: t('scope.bits', { count: cover.data.drillBits }),
            discs: t('scope.discs', { count: cover.data.discs }),
          })}
        </p>
      )}
    </details>
  )
}
