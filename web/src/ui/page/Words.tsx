import { useTranslation } from 'react-i18next'
import type { glossary } from './glossary'

/** A word of the trade or of this program that a beginner cannot know; `docs/glossary.md` has the same lines. */
export type Term = keyof (typeof glossary)['of']

/** The words of a page, each opened to a line of explanation. */
export function Words({ of }: { of: readonly Term[] }) {
  const { t } = useTranslation()
  return (
    <details className="no-print text-sm">
      <summary className="quiet cursor-pointer py-2">{t('glossary.open')}</summary>
      <dl className="grid max-w-3xl gap-x-4 gap-y-1 pb-2 sm:grid-cols-[10rem_1fr]">
        {of.map((term) => (
          <div key={term} className="contents">
            <dt className="font-semibold">{t(`glossary.of.${term}.word`)}</dt>
            <dd>{t(`glossary.of.${term}.meaning`)}</dd>
          </div>
        ))}
      </dl>
    </details>
  )
}
