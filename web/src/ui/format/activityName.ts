import { useTranslation } from 'react-i18next'

/** What something in the plan is called: a way in is opened up or closed again. */
export function useActivityName(): (subject: { kind: string; title: string }) => string {
  const { t } = useTranslation()
  return ({ kind, title }) => (kind === 'STRIP' || kind === 'REFIT' ? t(`plan.${kind}`, { what: title }) : title)
}
