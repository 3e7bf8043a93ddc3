import { useState } from 'react'
import { useFieldArray } from 'react-hook-form'
import { useTranslation } from 'react-i18next'
import { Plus } from 'lucide-react'
import { api, unwrap, write, type Schemas } from '@/api/client'
import { useRole } from '@/api/useRole'
import { useWrite } from '@/api/useWrite'
import { Form } from '@/ui/form/Form'
import { Line } from '@/ui/form/named'
import { Sheet } from '@/ui/form/Sheet'
import { useFields } from '@/ui/form/useFields'
import { hours } from '@/ui/format/format'
import { Cautions } from '@/ui/safety/Cautions'
import { RecipeStep } from './RecipeStep'
import { freshStep, useRecipeRules, valuesOf, stepsOf } from './recipeValues'
import { bare, type RecipeLine } from './recipes'

/** One recipe: its dangers, its steps with their hours, and how the garage does it otherwise. */
export function RecipeSheet({
  recipe,
  name,
  onCopy,
  onClose,
}: {
  recipe: RecipeLine
  name: string
  onCopy: () => void
  onClose: () => void
}) {
  const { t } = useTranslation()
  const { owns } = useRole()
  return (
    <Sheet title={name} onClose={onClose}>
      <div className="grid gap-4">
        <Cautions cautions={recipe.cautions} />
        {recipe.locked && <p>{t('recipes.locked')}</p>}
        {owns && !recipe.locked ? <Change recipe={recipe} onClose={onClose} /> : <Steps recipe={recipe} />}
        {owns && !recipe.locked && (
          <div className="flex flex-wrap gap-2">
            <button type="button" className="btn" onClick={onCopy}>
              {t('recipes.sheet.copy')}
            </button>
            {recipe.own && <Reset id={recipe.own} onClose={onClose} />}
          </div>
        )}
      </div>
    </Sheet>
  )
}

function Steps({ recipe }: { recipe: RecipeLine }) {
  return (
    <ol className="list-inside list-decimal">
      {recipe.steps.map((s) => (
        <li key={s.title}>
          {bare(s.title)} <span className="quiet text-sm">{hours(s.likelyMinutes)}</span>
        </li>
      ))}
    </ol>
  )
}

function Change({ recipe, onClose }: { recipe: RecipeLine; onClose: () => void }) {
  const { t } = useTranslation()
  const [id] = useState(() => crypto.randomUUID())
  const form = useFields(useRecipeRules(), valuesOf(recipe))
  const { fields, append, remove } = useFieldArray({ control: form.control, name: 'steps' })
  const save = useWrite(
    (body: Schemas['OwnRecipeRequest'], writeId) => unwrap(api.PUT('/api/own-recipes', { body, ...write(writeId) })),
    { said: () => t('recipes.sheet.saved'), done: onClose },
  )
  return (
    <Form
      form={form}
      save={save}
      label={t('recipes.sheet.save')}
      onSubmit={(v) => save.mutate({ id, recipe: recipe.recipe, version: recipe.version, ...stepsOf(v, recipe) })}
    >
      <Line name="title" label={t('recipes.sheet.title')} />
      {fields.map((f, n) => (
        <RecipeStep key={f.id} number={n} only={fields.length === 1} onRemove={() => remove(n)} />
      ))}
      <div>
        <button type="button" className="btn btn-ghost" onClick={() => append(freshStep)}>
          <Plus className="size-5" aria-hidden="true" />
          {t('recipes.sheet.add')}
        </button>
      </div>
    </Form>
  )
}

function Reset({ id, onClose }: { id: string; onClose: () => void }) {
  const { t } = useTranslation()
  const reset = useWrite(
    (body: { id: string }, writeId) =>
      unwrap(api.DELETE('/api/own-recipes/{id}', { params: { path: body }, ...write(writeId) })),
    { said: () => t('recipes.sheet.resetDone'), done: onClose },
  )
  return (
    <button type="button" className="btn" disabled={reset.isPending} onClick={() => reset.mutate({ id })}>
      {t('recipes.sheet.reset')}
    </button>
  )
}
