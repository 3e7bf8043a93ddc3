import { useQuery } from '@tanstack/react-query'
import { useTranslation } from 'react-i18next'
import { useWatch } from 'react-hook-form'
import { api, unwrap } from '@/api/client'
import { aims, doubtfulPartPolicies, driverSides, layouts, projectStates } from '@/api/generated/enums'
import { Amount, Line, Note, Pick, Whole } from '@/ui/form/named'
import { NumberRemarks } from './NumberRemarks'
import type { Project, ProjectValues } from './projectValues'

const fuels = ['petrol', 'two-stroke', 'diesel', 'hybrid', 'electric'] as const
const coolings = ['water', 'air', 'oil-air'] as const
const carLayouts = layouts.filter((l) => l !== 'MOTORCYCLE')

/** What is asked of a vehicle, and of what is to become of it. @param project absent for a new one */
export function ProjectFields({ project, currency }: { project?: Project; currency: string }) {
  const { t } = useTranslation()
  const body = useWatch<ProjectValues, 'bodyStyle'>({ name: 'bodyStyle' })
  const styles = useQuery({ queryKey: ['bodies'], queryFn: () => unwrap(api.GET('/api/bodies')), staleTime: Infinity })
  const notKnown = t('projects.notKnown')
  return (
    <>
      <Line name="vehicleName" label={t('projects.name')} hint={t('projects.nameHint')} />
      <div className="grid grid-cols-2 gap-3">
        <Whole name="builtYear" label={t('projects.year')} />
        <Pick name="bodyStyle" label={t('projects.body')} of={styles.data ?? [body]} say={(s) => t(`body.${s}`)} />
        {body !== 'MOTORCYCLE' && (
          <Pick name="layout" label={t('projects.layout')} of={carLayouts} say={(l) => t(`layout.${l}`)} />
        )}
        {!project && (
          <>
            <Pick
              name="fuel"
              label={t('projects.fuel')}
              none={notKnown}
              of={fuels}
              say={(f) => t(`projects.fuels.${f}`)}
            />
            <Pick
              name="cooling"
              label={t('projects.cooling')}
              none={notKnown}
              of={coolings.filter((c) => c !== 'oil-air' || body === 'MOTORCYCLE')}
              say={(c) => t(`projects.coolings.${c}`)}
            />
          </>
        )}
        <Pick name="driverSide" label={t('projects.driverSide')} of={driverSides} say={(s) => t(`driverSide.${s}`)} />
        <Pick name="aim" label={t('projects.aim')} of={aims} say={(a) => t(`aim.${a}`)} />
        <Line name="targetOn" label={t('projects.target')} type="date" />
        <Amount name="budget" label={t('projects.budget', { currency })} currency={currency} />
        <Amount name="monthly" label={t('projects.monthly', { currency })} currency={currency} />
      </div>
      <Pick name="state" label={t('projects.state')} of={projectStates} say={(s) => t(`projectState.${s}`)} />
      <Pick
        name="doubtfulParts"
        label={t('decide.policy')}
        of={doubtfulPartPolicies}
        say={(p) => t(`decide.policies.${p}`)}
      />
      <Line name="identity" label={t('projects.identity')} hint={t('projects.identityHint')} />
      {project && <NumberRemarks projectId={project.id} />}
      <Note name="note" label={t('projects.note')} />
    </>
  )
}
