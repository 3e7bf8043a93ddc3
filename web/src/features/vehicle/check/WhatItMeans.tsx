import { useTranslation } from 'react-i18next'
import { SafetyMark } from '@/ui/safety/SafetyMark'
import type { Step, Walk } from './checkWalk'

/** What is good at a check, what a fault means, and what it endangers. */
export function WhatItMeans({ check, ifBad }: { check: Walk['checks'][number]; ifBad: Step['ifBad'] }) {
  const { t } = useTranslation()
  return (
    <dl className="grid gap-2 sm:grid-cols-[8rem_1fr]">
      <dt className="quiet">{t('check.good')}</dt>
      <dd>{check.good}</dd>
      <dt className="quiet">{t('check.means')}</dt>
      <dd>{check.means}</dd>
      <dt className="quiet">{t('check.endangers')}</dt>
      <dd className="grid gap-1">
        {check.endangers}
        <SafetyMark safety={ifBad} />
      </dd>
    </dl>
  )
}
