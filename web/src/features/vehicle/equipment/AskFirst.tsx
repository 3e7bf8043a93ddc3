import { useState } from 'react'
import { useQuery } from '@tanstack/react-query'
import { Link } from 'react-router'
import { useTranslation } from 'react-i18next'
import { api, unwrap, write, type Schemas } from '@/api/client'
import { equipmentQuery } from '@/api/queries'
import { useWrite } from '@/api/useWrite'
import { ProblemAlert } from '@/ui/page/Feedback'
import { SafetyMark } from '@/ui/safety/SafetyMark'

/** What nobody has seen yet though checks wait for it: one question at a time, one press each. */
export function AskFirst({ projectId, questions }: { projectId: string; questions: Schemas['Question'][] }) {
  const { t } = useTranslation()
  const { data: items } = useQuery(equipmentQuery(projectId))
  const [later, setLater] = useState<string[]>([])
  const question = questions.find((q) => !later.includes(q.item))
  const item = items?.find((i) => i.id === question?.item)
  const save = useWrite(
    (value: string, writeId) =>
      unwrap(
        api.POST('/api/projects/{projectId}/equipment', {
          params: { path: { projectId } },
          body: { facts: [{ id: crypto.randomUUID(), item: item!.id, value, how: 'SEEN' }] },
          ...write(writeId),
        }),
      ),
    {
      said: (value) =>
        t('equipment.kept', { item: item!.name, value: item!.values.find((v) => v.id === value)?.name ?? value }),
    },
  )
  if (!question || !item) return null
  return (
    <section aria-label={t('equipment.ask')} className="card-sheet grid gap-2 p-4">
      <p className="quiet text-sm">{t('equipment.askLeft', { count: questions.length })}</p>
      <h2 className="text-lg font-semibold">{t('equipment.askWhich', { item: item.name })}</h2>
      <p className="flex flex-wrap items-center gap-2 text-sm">
        <SafetyMark safety={question.gravest} />
        {t('equipment.askWaiting', { count: question.checks })}
      </p>
      <div className="flex flex-wrap gap-2">
        {item.values
          .filter((v) => v.possible)
          .map((v) => (
            <button
              key={v.id}
              type="button"
              className="btn border-base-300 bg-base-100"
              disabled={save.isPending}
              onClick={() => save.mutate(v.id)}
            >
              {v.id === item.value ? t('equipment.askUsual', { value: v.name }) : v.name}
            </button>
          ))}
      </div>
      <ProblemAlert error={save.error} />
      <div className="flex justify-between">
        <button type="button" className="btn btn-ghost" onClick={() => setLater([...later, item.id])}>
          {t('equipment.askLater')}
        </button>
        <Link className="btn btn-ghost" to={`/p/${projectId}/walk/equipment`}>
          {t('equipment.askAll')}
        </Link>
      </div>
    </section>
  )
}
