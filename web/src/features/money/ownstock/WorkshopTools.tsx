import { useState } from 'react'
import { useQuery } from '@tanstack/react-query'
import { useTranslation } from 'react-i18next'
import { api, unwrap, write, type Schemas } from '@/api/client'
import { useWrite } from '@/api/useWrite'
import { useFormat } from '@/ui/format/format'
import { LineWithPress } from './LineWithPress'
import { workshopToolsQuery } from './queries'
import { ToWorkshopForm } from './ToWorkshopForm'

/** The tools that the workshop keeps for all cars, and the press by which one of this car's joins them. @param borneMinor what this car bears for tools */
export function WorkshopTools({ projectId, borneMinor }: { projectId: string; borneMinor: number }) {
  const { t } = useTranslation()
  const format = useFormat()
  const { data: workshop } = useQuery(workshopToolsQuery)
  const [keeping, setKeeping] = useState(false)
  if (!workshop) return null
  return (
    <>
      {workshop.tools.length > 0 && (
        <details className="mt-2">
          <summary className="cursor-pointer py-2">
            {t('workshopTools.title', { sum: format.money(workshop.sumMinor, workshop.currency) })}
          </summary>
          <ul className="pl-5 text-sm">
            {workshop.tools.map((tool) => (
              <Kept key={tool.id} tool={tool} money={format.money(tool.paidMinor, workshop.currency)} />
            ))}
          </ul>
        </details>
      )}
      {borneMinor > 0 && (
        <button type="button" className="btn btn-sm mt-2" onClick={() => setKeeping(true)}>
          {t('workshopTools.keep')}
        </button>
      )}
      {keeping && (
        <ToWorkshopForm projectId={projectId} currency={workshop.currency} onClose={() => setKeeping(false)} />
      )}
    </>
  )
}

function Kept({ tool, money }: { tool: Schemas['WorkshopTool']; money: string }) {
  const { t } = useTranslation()
  const format = useFormat()
  const [reversalId] = useState(() => crypto.randomUUID())
  const back = useWrite(
    (id: string, writeId) =>
      unwrap(
        api.POST('/api/entries/{id}/reversal', { params: { path: { id } }, body: { reversalId }, ...write(writeId) }),
      ),
    { said: () => t('workshopTools.isBack', { what: tool.description, car: tool.vehicleName }), undoable: false },
  )
  return (
    <LineWithPress
      says={t('workshopTools.from', {
        what: tool.description,
        car: tool.vehicleName,
        day: format.shortDay(tool.movedOn),
      })}
      money={money}
      act={t('workshopTools.back')}
      what={tool.description}
      write={back}
      onPress={() => back.mutate(tool.id)}
    />
  )
}
