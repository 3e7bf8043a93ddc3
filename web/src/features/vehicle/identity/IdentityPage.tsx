import { useState, type ReactNode } from 'react'
import { useQuery } from '@tanstack/react-query'
import { useParams } from 'react-router'
import { useTranslation } from 'react-i18next'
import { Loaded } from '@/ui/page/Feedback'
import { Further, Page, Part } from '@/ui/page/Page'
import { FeatureForm } from './FeatureForm'
import { VariantParts } from './VariantParts'
import { identityQuery, type Feature } from './identity'

const order = { CONTRADICTS: 0, UNCHECKED: 1, CONFIRMED: 2 } as const
const sign = { CONFIRMED: '✓', CONTRADICTS: '≠', UNCHECKED: '?' } as const

/** Whether the vehicle is what its papers say, and what of a sister variant does not fit it. */
export function IdentityPage() {
  const { projectId = '' } = useParams()
  const { t } = useTranslation()
  const identity = useQuery(identityQuery(projectId))
  const [open, setOpen] = useState<Feature>()
  return (
    <Loaded query={identity} what={t('identitySheet.loading')}>
      {({ features, otherwise }) => (
        <Page title={t('identitySheet.title')} answer={<Answer features={features} />}>
          <div className="grid gap-x-10 md:grid-cols-[3fr_2fr]">
            <Part title={t('identitySheet.features')}>
              <ul>
                {[...features]
                  .sort((a, b) => order[a.standing] - order[b.standing])
                  .map((f) => (
                    <FeatureLine key={f.row.feature} feature={f} onOpen={() => setOpen(f)} />
                  ))}
              </ul>
            </Part>
            <Part title={t('identitySheet.otherwise')}>
              <VariantParts projectId={projectId} parts={otherwise} />
            </Part>
          </div>
          {open && <FeatureForm projectId={projectId} feature={open} onClose={() => setOpen(undefined)} />}
        </Page>
      )}
    </Loaded>
  )
}

function Answer({ features }: { features: Feature[] }) {
  const { t } = useTranslation()
  const of = (standing: Feature['standing']) => features.filter((f) => f.standing === standing)
  const against = of('CONTRADICTS')
  return (
    <>
      {against.length > 0 &&
        `${t('identitySheet.against', {
          count: against.length,
          what: against.map((f) => t(`identitySheet.feature.${f.row.feature}`)).join(', '),
        })} `}
      <Said further={against.length > 0}>
        {t('identitySheet.confirmed', { count: of('CONFIRMED').length, all: features.length })}{' '}
        {of('UNCHECKED').length > 0 && t('identitySheet.unchecked', { count: of('UNCHECKED').length })}
      </Said>
    </>
  )
}

/** The headline itself, or what follows it. */
function Said({ further, children }: { further: boolean; children: ReactNode }) {
  return further ? <Further>{children}</Further> : children
}

function FeatureLine({ feature: { row, standing }, onOpen }: { feature: Feature; onOpen: () => void }) {
  const { t } = useTranslation()
  return (
    <li className="border-b border-base-300 last:border-0">
      <button
        type="button"
        className="flex min-h-11 w-full items-center gap-3 rounded px-1 py-2 text-left hover:bg-base-200"
        onClick={onOpen}
      >
        <span aria-hidden="true" className="w-5 shrink-0 text-center text-lg font-bold">
          {sign[standing]}
        </span>
        <span className="grow">
          <span className="font-semibold">{t(`identitySheet.feature.${row.feature}`)}</span>
          {(row.expected || row.found) && (
            <span className="quiet block text-sm">
              {t('identitySheet.both', { expected: row.expected || '–', found: row.found || '–' })}
              {row.foundAt && ` (${row.foundAt})`}
            </span>
          )}
        </span>
        <span className={standing === 'CONTRADICTS' ? 'font-bold' : ''}>{t(`identitySheet.standing.${standing}`)}</span>
      </button>
    </li>
  )
}
