import { useState } from 'react'
import { useQuery } from '@tanstack/react-query'
import { useParams } from 'react-router'
import { useTranslation } from 'react-i18next'
import { Printer } from 'lucide-react'
import { projectQuery } from '@/api/queries'
import { Loaded } from '@/ui/page/Feedback'
import { Page, Part } from '@/ui/page/Page'
import { groupBy } from '@/ui/format/groupBy'
import { useZoneNames } from '@/ui/format/names/zones'
import { checksQuery, type Walk } from '../check/checkWalk'
import { TypeIn } from './TypeIn'

/** The checks as a numbered sheet for a clip-board, and what was written on it. */
export function PaperPage() {
  const { projectId = '' } = useParams()
  const { t } = useTranslation()
  const project = useQuery(projectQuery(projectId))
  const walk = useQuery(checksQuery(projectId))
  const zoneName = useZoneNames(projectId)
  const [onlyLeft, setOnlyLeft] = useState(false)
  const nameOf = (place: string) => (place === 'papers' || place === 'road' ? t(`check.${place}`) : zoneName(place))
  return (
    <Loaded query={walk} what={t('check.loading')}>
      {(w) => (
        <Page
          title={t('paper.title')}
          answer={<span className="no-print">{t('paper.answer', { count: w.steps.length })}</span>}
          action={
            <button type="button" className="btn btn-primary" onClick={() => window.print()}>
              <Printer className="size-5" aria-hidden="true" />
              {t('paper.print')}
            </button>
          }
        >
          <div className="no-print">
            <Part title={t('paper.typeIn')}>
              <TypeIn projectId={projectId} />
            </Part>
            <label className="flex min-h-11 items-center gap-2">
              <input
                type="checkbox"
                className="checkbox"
                checked={onlyLeft}
                onChange={(e) => setOnlyLeft(e.target.checked)}
              />
              {t('paper.onlyLeft')}
            </label>
          </div>
          <Paper walk={w} title={project.data?.vehicleName ?? ''} nameOf={nameOf} onlyLeft={onlyLeft} />
        </Page>
      )}
    </Loaded>
  )
}

type PaperProps = { walk: Walk; title: string; nameOf: (place: string) => string; onlyLeft: boolean }

function Paper({ walk, title, nameOf, onlyLeft }: PaperProps) {
  const { t } = useTranslation()
  const text = new Map(walk.checks.map((c) => [c.id, c]))
  const numbered = walk.steps.map((step, i) => ({ step, number: i + 1 })).filter(({ step }) => !onlyLeft || !step.seen)
  return (
    <section aria-label={t('paper.title')} className="paper-sheet wrap-anywhere border border-base-300 p-4">
      <h2 className="text-xl font-bold">{title}</h2>
      <p className="mb-1">{t('paper.head', { edition: walk.edition })}</p>
      <p className="mb-2 text-sm">{t('paper.letters')}</p>
      <div className="gap-6 md:columns-2 print:columns-2">
        {[...groupBy(numbered, (n) => n.step.place)].map(([place, here]) => (
          <section key={place} className="mb-2">
            <h3 className="break-after-avoid border-b border-base-content font-bold">{nameOf(place)}</h3>
            <ul>
              {here.map(({ step, number }) => (
                <li key={number} className="flex break-inside-avoid gap-1.5 py-px text-xs leading-tight">
                  <span className="w-7 shrink-0 text-right font-semibold">{number}</span>
                  <span className="mt-px size-3.5 shrink-0 border border-base-content" />
                  <span className="min-w-0 wrap-anywhere">{text.get(step.checkId)!.how}</span>
                </li>
              ))}
            </ul>
          </section>
        ))}
      </div>
    </section>
  )
}
