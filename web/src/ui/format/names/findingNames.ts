import { useTranslation } from 'react-i18next'
import type { Schemas } from '@/api/client'
import { useThings } from './things'

type Named = Pick<Schemas['FindingRow'], 'kind' | 'zone' | 'component'>

/** What a finding is called: "Rear brake shoes: worn (Rear brakes)", "Rusted through: Sill, left"; what the vehicle does needs no word for what is wrong. */
export function useFindingName(projectId: string, nameOf: (zone: string) => string) {
  const { t } = useTranslation()
  const things = useThings(projectId)
  const what = (f: Named) => {
    const thing = things.find(f.component)
    if (!thing) return t(`kind.${f.kind}`)
    return thing.symptom
      ? thing.name
      : t('thingIs', { kind: t(`kind.${f.kind}`).toLocaleLowerCase(), thing: thing.name })
  }
  const whole = (f: Named) =>
    things.find(f.component)
      ? t('thingAt', { what: what(f), place: nameOf(f.zone) })
      : t('findingAt', { kind: what(f), place: nameOf(f.zone) })
  return { what, whole }
}
