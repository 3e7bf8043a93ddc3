import { useState } from 'react'
import { queryOptions, useQuery } from '@tanstack/react-query'
import { useParams } from 'react-router'
import { useTranslation } from 'react-i18next'
import { CircleDashed, CircleHelp, Eye, Quote } from 'lucide-react'
import { api, unwrap, type Schemas } from '@/api/client'
import { Loaded } from '@/ui/Feedback'
import { Page, Part } from '@/ui/Page'
import { FactForm } from './FactForm'

export type Equipment = Schemas['EquipmentItemResponse']

const equipmentQuery = (projectId: string) =>
  queryOptions({
    queryKey: ['equipment', projectId],
    queryFn: () => unwrap(api.GET('/api/projects/{projectId}/equipment', { params: { path: { projectId } } })),
  })

const standing = (e: Equipment) =>
  e.how === 'SEEN' || e.how === 'PAPERS' ? 'known' : e.how === 'SAID' ? 'said' : e.value ? 'guessed' : 'unknown'
const groups = ['unknown', 'guessed', 'said', 'known'] as const

/** What the vehicle has: unknown first, since what nobody ruled out counts as there. */
export function EquipmentPage() {
  const { projectId = '' } = useParams()
  const { t } = useTranslation()
  const equipment = useQuery(equipmentQuery(projectId))
  const [open, setOpen] = useState<Equipment>()
  return (
    <Loaded query={equipment} what={t('equipment.loading')}>
      {(all) => {
        const of = (group: (typeof groups)[number]) => all.filter((e) => standing(e) === group)
        return (
          <Page
            title={t('equipment.title')}
            answer={t('equipment.answer', {
              known: of('known').length,
              all: all.length,
              unknown: of('unknown').length,
            })}
          >
            <p className="quiet mb-4 text-sm">{t('equipment.hint')}</p>
            {groups
              .filter((g) => of(g).length > 0)
              .map((g) => (
                <Part key={g} title={t(`equipment.${g}`)} aside={<span className="quiet text-sm">{of(g).length}</span>}>
                  <ul className="grid gap-x-8 sm:grid-cols-2 lg:grid-cols-3">
                    {of(g).map((e) => (
                      <Line key={e.id} item={e} onOpen={() => setOpen(e)} />
                    ))}
                  </ul>
                </Part>
              ))}
            {open && <FactForm projectId={projectId} item={open} onClose={() => setOpen(undefined)} />}
          </Page>
        )
      }}
    </Loaded>
  )
}

const icon = { unknown: CircleHelp, guessed: CircleDashed, said: Quote, known: Eye }

function Line({ item: e, onOpen }: { item: Equipment; onOpen: () => void }) {
  const { t } = useTranslation()
  const Icon = icon[standing(e)]
  const value = e.values.find((v) => v.id === e.value)
  const might = e.values.filter((v) => v.possible).map((v) => v.name)
  return (
    <li className="border-b border-base-300">
      <button type="button" className="flex min-h-11 w-full items-center gap-3 py-2 text-left" onClick={onOpen}>
        <Icon className="size-5 shrink-0" aria-hidden="true" />
        <span>
          <span className="font-semibold">{e.name}</span>
          <span className="quiet block text-sm">
            {value ? `${value.name}${e.how ? `, ${t(`equipment.how.${e.how}`)}` : ''}` : might.join(', ')}
          </span>
        </span>
      </button>
    </li>
  )
}
