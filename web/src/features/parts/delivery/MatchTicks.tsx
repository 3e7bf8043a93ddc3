import { useTranslation } from 'react-i18next'
import type { Schemas } from '@/api/client'
import { factsOf } from './facts'

/** What has to agree before a part is kept, each to be compared and ticked. */
export function MatchTicks({
  need,
  seen,
  onSeen,
}: {
  need: Pick<Schemas['Need'], 'mustMatch'>
  seen: string[]
  onSeen: (seen: string[]) => void
}) {
  const { t } = useTranslation()
  const facts = factsOf(need)
  if (facts.length === 0) return null
  return (
    <fieldset className="grid gap-1">
      <legend className="text-sm font-semibold">{t('parts.matches')}</legend>
      {facts.map((fact) => (
        <label key={fact} className="flex min-h-11 items-center gap-3">
          <input
            type="checkbox"
            className="checkbox"
            checked={seen.includes(fact)}
            onChange={(e) => onSeen(e.target.checked ? [...seen, fact] : seen.filter((s) => s !== fact))}
          />
          {fact}
        </label>
      ))}
    </fieldset>
  )
}
