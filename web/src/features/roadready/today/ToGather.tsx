import { useTranslation } from 'react-i18next'
import { inside } from '@/ui/format/format'
import type { Today } from '../sentences'

type Job = NonNullable<Today['tonight']>['jobs'][number]

const each = (lists: string[][]) => [...new Set(lists.flat())]

/** Before the first step: tools beyond those on the bench, and what to pack for work elsewhere. */
export function ToGather({ today }: { today: Today }) {
  const { t } = useTranslation()
  const jobs = today.tonight?.jobs ?? []
  const marked = useMarked()
  const tools = each(jobs.filter((j) => !j.elsewhere).map((j) => j.tools))
  const places = each([jobs.filter((j) => j.elsewhere).flatMap((j) => j.place ?? [])])
  return (
    <>
      {tools.length > 0 && (
        <p>{t('today.tools', { what: tools.map((tool) => marked(inside(tool), isHired(jobs, tool))).join(', ') })}</p>
      )}
      {places.map((place) => (
        <Packing key={place} place={place} jobs={jobs.filter((j) => j.elsewhere && j.place === place)} />
      ))}
    </>
  )
}

const isHired = (jobs: Job[], tool: string) => jobs.some((j) => j.hired.includes(tool))

/** What is hired is to be fetched first. */
function useMarked() {
  const { t } = useTranslation()
  return (tool: string, hired: boolean) => (hired ? t('today.hired', { tool }) : tool)
}

function Packing({ place, jobs }: { place: string; jobs: Job[] }) {
  const { t } = useTranslation()
  const marked = useMarked()
  const fetch = jobs.flatMap((j) => j.fetch)
  return (
    <div className="rounded border-2 border-base-300 p-3">
      <h3 className="font-semibold">{t('today.pack', { place })}</h3>
      <ul className="list-disc pl-5">
        {each(jobs.map((j) => j.tools)).map((tool) => (
          <li key={tool}>{marked(tool, isHired(jobs, tool))}</li>
        ))}
        {fetch.map((f) => (
          <li key={f.needId}>
            {f.title} {f.placeCode && <span className="label-code">{f.placeCode}</span>}
          </li>
        ))}
        <li>{t('today.packUsual')}</li>
      </ul>
    </div>
  )
}
