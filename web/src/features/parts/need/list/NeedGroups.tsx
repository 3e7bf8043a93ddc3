import { queryOptions, useQuery } from '@tanstack/react-query'
import { useTranslation } from 'react-i18next'
import { api, unwrap, type Schemas } from '@/api/client'
import { toOrderStates } from '@/api/toOrder'
import { useRole } from '@/api/useRole'
import { Part } from '@/ui/page/Page'
import { linesOf, type NeedLine } from './needLines'
import { NeedRow } from './NeedRow'
import { PooledNeed } from './PooledNeed'
import { useAssemblies } from './useAssemblies'

type Need = Schemas['Need']

/** More lines than this are read assembly by assembly. */
const LONG = 8

const variantsQuery = (projectId: string) =>
  queryOptions({
    queryKey: ['needs', projectId, 'variants'],
    queryFn: () => unwrap(api.GET('/api/projects/{projectId}/needs/variants', { params: { path: { projectId } } })),
  })

const groups: {
  key: 'check' | 'toOrder' | 'held' | 'coming' | 'here' | 'fitted' | 'leftOut'
  states: Need['state'][]
}[] = [
  { key: 'check', states: ['RECEIVED'] },
  { key: 'toOrder', states: toOrderStates },
  { key: 'coming', states: ['ORDERED'] },
  { key: 'here', states: ['ACCEPTED'] },
  { key: 'held', states: ['HELD'] },
  { key: 'fitted', states: ['FITTED', 'VERIFIED'] },
  { key: 'leftOut', states: ['LEFT_OUT'] },
]

type Choosing = { chosen: string[]; onChoose: (ids: string[], yes: boolean) => void; onOpen: (id: string) => void }

/** Parts by where they stand; where there are many, by what they belong to. */
export function NeedGroups({ projectId, needs, ...choosing }: { projectId: string; needs: Need[] } & Choosing) {
  const { t } = useTranslation()
  const assemblies = useAssemblies(projectId)
  const parts = groups
    .map((g) => ({ ...g, lines: linesOf(needs.filter((n) => g.states.includes(n.state))) }))
    .filter((g) => g.lines.length > 0)
  return (
    <>
      {runsOf(parts).map((run) =>
        run[0]!.lines.length > LONG ? (
          <Part key={run[0]!.key} title={t(`parts.group.${run[0]!.key}`)} aside={<Count of={run[0]!.lines} />}>
            <div className={inColumns}>
              {assemblies(run[0]!.lines).map(({ key, name, lines }) => (
                <section key={key} className="mb-4">
                  <h3 className="quiet mt-1 text-sm font-semibold">{name}</h3>
                  <Lines projectId={projectId} lines={lines} toOrder={run[0]!.key === 'toOrder'} {...choosing} />
                </section>
              ))}
            </div>
          </Part>
        ) : (
          <div key={run[0]!.key} className={`mb-7 ${inColumns}`}>
            {run.map((g) => (
              <Part key={g.key} title={t(`parts.group.${g.key}`)} aside={<Count of={g.lines} />}>
                <Lines projectId={projectId} lines={g.lines} toOrder={g.key === 'toOrder'} {...choosing} />
              </Part>
            ))}
          </div>
        ),
      )}
    </>
  )
}

const inColumns = 'gap-x-8 lg:columns-2 [&>section]:break-inside-avoid'

/** A long group stands by itself; short ones that follow each other share the columns. */
function runsOf<G extends { lines: NeedLine[] }>(groups: G[]): G[][] {
  const runs: G[][] = []
  for (const g of groups) {
    const last = runs.at(-1)
    if (g.lines.length > LONG || !last || last[0]!.lines.length > LONG) runs.push([g])
    else last.push(g)
  }
  return runs
}

const Count = ({ of }: { of: NeedLine[] }) => <span className="quiet text-sm">{of.length}</span>

function Lines({
  projectId,
  lines,
  toOrder,
  chosen,
  onChoose,
  onOpen,
}: { projectId: string; lines: NeedLine[]; toOrder: boolean } & Choosing) {
  const { owns } = useRole()
  const { data: variants } = useQuery(variantsQuery(projectId))
  return (
    <ul>
      {lines.map((line) => {
        const ids = line.needs.map((n) => n.id)
        const row = {
          choosing: owns && toOrder,
          chosen: ids.every((id) => chosen.includes(id)),
          onChoose: (yes: boolean) => onChoose(ids, yes),
          onOpen,
        }
        return line.needs.length > 1 ? (
          <PooledNeed key={line.key} projectId={projectId} line={line} {...row} />
        ) : (
          <NeedRow
            key={line.key}
            line={line}
            warning={variants?.find((v) => v.needId === ids[0])?.difference}
            {...row}
          />
        )
      })}
    </ul>
  )
}
