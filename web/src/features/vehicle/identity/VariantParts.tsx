import { useState } from 'react'
import { useTranslation } from 'react-i18next'
import { api, unwrap, write, type Schemas } from '@/api/client'
import { useWrite } from '@/api/useWrite'
import { ProblemAlert } from '@/ui/page/Feedback'
import { TextField } from '@/ui/form/Field'
import { useFreshId } from '@/ui/form/useFreshId'

type VariantPart = Schemas['VariantPartRow']

/** Parts that look alike on a sister variant and do not fit: they warn on the list of parts. */
export function VariantParts({ projectId, parts }: { projectId: string; parts: VariantPart[] }) {
  const { t } = useTranslation()
  const [id, renew] = useFreshId()
  const [name, setName] = useState('')
  const [difference, setDifference] = useState('')
  const path = { projectId }
  const add = useWrite(
    (body: VariantPart, writeId) =>
      unwrap(api.POST('/api/projects/{projectId}/variant-parts', { params: { path }, body, ...write(writeId) })),
    {
      said: (p) => t('identitySheet.partAdded', { name: p.name }),
      done: () => {
        renew()
        setName('')
        setDifference('')
      },
    },
  )
  const drop = useWrite(
    (gone: string, writeId) =>
      unwrap(
        api.DELETE('/api/projects/{projectId}/variant-parts/{id}', {
          params: { path: { projectId, id: gone } },
          ...write(writeId),
        }),
      ),
    { said: () => t('identitySheet.partDropped') },
  )
  return (
    <>
      <p className="quiet mb-2 text-sm">{t('identitySheet.otherwiseHint')}</p>
      <ul className="mb-3">
        {parts.map((p) => (
          <li key={p.id} className="flex items-center gap-2 border-b border-base-300 py-1">
            <span className="grow">
              <span className="font-semibold">{p.name}</span>: {p.difference}
            </span>
            <button
              type="button"
              className="btn btn-ghost"
              aria-label={`${t('identitySheet.drop')}: ${p.name}`}
              onClick={() => drop.mutate(p.id)}
            >
              {t('identitySheet.drop')}
            </button>
          </li>
        ))}
      </ul>
      <form
        className="grid gap-2"
        onSubmit={(e) => {
          e.preventDefault()
          add.mutate({ id, name, difference })
        }}
      >
        <TextField
          label={t('identitySheet.part')}
          value={name}
          maxLength={120}
          onChange={(e) => setName(e.target.value)}
        />
        <TextField
          label={t('identitySheet.difference')}
          value={difference}
          maxLength={120}
          onChange={(e) => setDifference(e.target.value)}
        />
        <ProblemAlert error={add.error ?? drop.error} />
        <div>
          <button
            type="submit"
            className="btn"
            disabled={name.trim() === '' || difference.trim() === '' || add.isPending}
          >
            {t('identitySheet.addPart')}
          </button>
        </div>
      </form>
    </>
  )
}
