import { useTranslation } from 'react-i18next'
import type { Schemas } from '@/api/client'
import { useThings } from '@/ui/format/things'

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
      : t('finding.of', { kind: t(`kind.${f.kind}`).toLocaleLowerCase(), thing: thing.name })
  }
  return {
    what,
    whole: (f: Named) =>
      things.find(f.component) ? `${what(f)} (${nameOf(f.zone)})` : `${what(f)}: ${nameOf(f.zone)}`,
  }
}
