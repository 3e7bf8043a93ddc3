import { useState } from 'react'
import { useQuery } from '@tanstack/react-query'
import { useParams } from 'react-router'
import { useTranslation } from 'react-i18next'
import { Calendar, CircleDashed, CircleHelp, Eye, Quote } from 'lucide-react'
import { api, unwrap, write } from '@/api/client'
import { equipmentQuery } from '@/api/queries'
import { useWrite } from '@/api/useWrite'
import { Loaded, ProblemAlert } from '@/ui/page/Feedback'
import { Page, Part } from '@/ui/page/Page'
import { FactForm, type Equipment } from './FactForm'

type Group = 'unknown' | 'guessed' | 'said' | 'known' | 'only'

/** What its year and layout leave no choice about stands by itself: nobody has to look. */
function standing(e: Equipment): Group {
  if (e.how === 'SEEN' || e.how === 'PAPERS') return 'known'
  if (e.how === 'SAID') return 'said'
  if (e.values.filter((v) => v.possible).length === 1) return 'only'
  return e.value ? 'guessed' : 'unknown'
}
const groups: Group[] = ['unknown', 'guessed', 'said', 'known', 'only']

/** What the vehicle has: unknown first, since what nobody ruled out counts as there. */
export function EquipmentPage() {
  const { projectId = '' } = useParams()
  const { t } = useTranslation()
  const equipment = useQuery(equipmentQuery(projectId))
  const [open, setOpen] = useState<Equipment>()
  return (
    <Loaded query={equipment} what={t('equipment.loading')}>
      {(all) => {
        const of = (group: Group) => all.filter((e) => standing(e) === group)
        return (
          <Page
            title={t('equipment.title')}
            words={['equipment']}
            answer={t('equipment.answer', {
              known: of('known').length,
              all: all.length - of('only').length,
              unknown: of('unknown').length,
            })}
          >
            <p className="quiet mb-4 text-sm">{t('equipment.hint')}</p>
            {groups
              .filter((g) => of(g).length > 0)
              .map((g) => (
                <Part key={g} title={t(`equipment.${g}`)} aside={<span className="quiet text-sm">{of(g).length}</span>}>
                  {g === 'guessed' && <AllSeen projectId={projectId} guessed={of(g)} />}
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

/** All that is guessed, seen to be so: one press after one look. */
function AllSeen({ projectId, guessed }: { projectId: string; guessed: Equipment[] }) {
  const { t } = useTranslation()
  const save = useWrite(
    (_: void, writeId) =>
      unwrap(
        api.POST('/api/projects/{projectId}/equipment', {
          params: { path: { projectId } },
          body: {
            facts: guessed.map((e) => ({ id: crypto.randomUUID(), item: e.id, value: e.value!, how: 'SEEN' as const })),
          },
          ...write(writeId),
        }),
      ),
    { said: () => t('equipment.allKept', { count: guessed.length }) },
  )
  return (
    <>
      <button type="button" className="btn my-2" disabled={save.isPending} onClick={() => save.mutate()}>
        {t('equipment.allSeen', { count: guessed.length })}
      </button>
      <ProblemAlert error={save.error} />
    </>
  )
}

const icon = { unknown: CircleHelp, guessed: CircleDashed, said: Quote, known: Eye, only: Calendar }

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
            {value ? `${value.name}${e.how ? `, ${t(`equipment.how.${e.how}`)}` : ''}` : might.join('; ')}
          </span>
        </span>
      </button>
    </li>
  )
}
