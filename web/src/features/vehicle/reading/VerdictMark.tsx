import { CircleCheck, CircleHelp, Eye, OctagonX } from 'lucide-react'
import { useTranslation } from 'react-i18next'
import type { Schemas } from '@/api/client'

type Outcome = Schemas['JudgedResponse']['outcome']
const icons = { WITHIN: CircleCheck, WATCH: Eye, OUTSIDE: OctagonX, NOT_JUDGED: CircleHelp }
const colours = { WITHIN: '', WATCH: 'text-warning', OUTSIDE: 'text-error', NOT_JUDGED: 'quiet' }

/** What a reading means: a shape and a word. */
export function VerdictMark({ outcome }: { outcome: Outcome }) {
  const { t } = useTranslation()
  const Icon = icons[outcome]
  return (
    <span className={`inline-flex items-center gap-1 font-semibold ${colours[outcome]}`}>
      <Icon className="size-5" aria-hidden="true" />
      {t(`reading.outcome.${outcome}`)}
    </span>
  )
}
