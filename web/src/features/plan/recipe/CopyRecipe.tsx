import { useState } from 'react'
import { useQuery } from '@tanstack/react-query'
import { z } from 'zod'
import { useTranslation } from 'react-i18next'
import { api, unwrap, write, type Schemas } from '@/api/client'
import { anatomyQuery } from '@/api/queries'
import { useWrite } from '@/api/useWrite'
import { Form } from '@/ui/form/Form'
import { Line, Pick } from '@/ui/form/named'
import { line } from '@/ui/form/rules'
import { Sheet } from '@/ui/form/Sheet'
import { useFields } from '@/ui/form/useFields'
import { bare, type RecipeLine } from './recipes'

/** The same steps for another part of the vehicle. */
export function CopyRecipe({
  projectId,
  recipe,
  onClose,
}: {
  projectId: string
  recipe: RecipeLine
  onClose: () => void
}) {
  const { t } = useTranslation()
  const [id] = useState(() => crypto.randomUUID())
  const { data } = useQuery(anatomyQuery(projectId))
  const parts = (data ?? []).filter((p) => !p.symptom).sort((a, b) => a.name.localeCompare(b.name))
  const form = useFields(z.object({ title: line(t('form.missing')), component: line(t('form.missing')) }), {
    title: bare(recipe.title),
    component: '',
  })
  const copy = useWrite(
    (body: Schemas['RecipeCopyRequest'], writeId) =>
      unwrap(api.POST('/api/own-recipes/copies', { body, ...write(writeId) })),
    { said: () => t('recipes.sheet.copied'), done: onClose },
  )
  return (
    <Sheet title={t('recipes.sheet.copy')} onClose={onClose}>
      <Form
        form={form}
        save={copy}
        label={t('recipes.sheet.copySave')}
        onSubmit={(v) => copy.mutate({ id, from: recipe.recipe, projectId, ...v })}
      >
        <Line name="title" label={t('recipes.sheet.copyTitle')} />
        <Pick
          name="component"
          label={t('recipes.sheet.copyPart')}
          none="–"
          of={parts.map((p) => p.id)}
          say={(p) => parts.find((part) => part.id === p)?.name ?? ''}
        />
      </Form>
    </Sheet>
  )
}
