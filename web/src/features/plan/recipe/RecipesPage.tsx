import { useState } from 'react'
import { useQuery } from '@tanstack/react-query'
import { useParams } from 'react-router'
import { useTranslation } from 'react-i18next'
import { useRole } from '@/api/useRole'
import { TextField } from '@/ui/form/Field'
import { hours } from '@/ui/format/format'
import { Loaded } from '@/ui/page/Feedback'
import { Page } from '@/ui/page/Page'
import { CopyRecipe } from './CopyRecipe'
import { RecipeFiles } from './RecipeFiles'
import { RecipeSheet } from './RecipeSheet'
import { bare, recipesQuery, useRecipeName, type RecipeLine } from './recipes'

/** How things are repaired: the recipes that ship, and the garage's own steps and hours. */
export function RecipesPage() {
  const { t } = useTranslation()
  const recipes = useQuery(recipesQuery)
  return (
    <Loaded query={recipes} what={t('recipes.loading')}>
      {(all) => <Recipes all={all} />}
    </Loaded>
  )
}

function Recipes({ all }: { all: RecipeLine[] }) {
  const { t } = useTranslation()
  const { projectId = '' } = useParams()
  const { owns } = useRole()
  const [search, setSearch] = useState('')
  const [open, setOpen] = useState<{ recipe: string; copying: boolean }>()
  const wanted = search.trim().toLocaleLowerCase()
  const nameOf = useRecipeName()
  const own = all.filter((r) => r.own)
  const found = all
    .filter((r) => words(r, nameOf(r)).includes(wanted))
    .sort((a, b) => Number(!a.own) - Number(!b.own) || nameOf(a).localeCompare(nameOf(b)))
  const opened = all.find((r) => r.recipe === open?.recipe)
  const close = () => setOpen(undefined)
  return (
    <Page
      title={t('recipes.title')}
      answer={
        <>
          {t('recipes.answer', { count: all.length })} {own.length > 0 && t('recipes.own', { count: own.length })}
        </>
      }
    >
      <div className="max-w-md">
        <TextField label={t('recipes.search')} value={search} onChange={(e) => setSearch(e.target.value)} />
      </div>
      {found.length === 0 && <p className="mt-4">{t('recipes.nothing')}</p>}
      <ul className="mt-4 grid gap-x-10 md:grid-cols-2">
        {found.map((r) => (
          <Line
            key={r.recipe}
            recipe={r}
            name={nameOf(r)}
            onOpen={() => setOpen({ recipe: r.recipe, copying: false })}
          />
        ))}
      </ul>
      {owns && <RecipeFiles some={own.length > 0} />}
      {opened && !open?.copying && (
        <RecipeSheet
          name={nameOf(opened)}
          recipe={opened}
          onCopy={() => setOpen({ recipe: opened.recipe, copying: true })}
          onClose={close}
        />
      )}
      {opened && open?.copying && <CopyRecipe projectId={projectId} recipe={opened} onClose={close} />}
    </Page>
  )
}

const words = (r: RecipeLine, name: string) =>
  [name, ...r.things, ...r.steps.map((s) => bare(s.title))].join(' ').toLocaleLowerCase()

function Line({ recipe: r, name, onOpen }: { recipe: RecipeLine; name: string; onOpen: () => void }) {
  const { t } = useTranslation()
  const sum = (of: (s: RecipeLine['steps'][number]) => number) => hours(r.steps.reduce((all, s) => all + of(s), 0))
  return (
    <li className="border-b border-base-300 py-2">
      <button type="button" className="link text-left font-semibold" onClick={onOpen}>
        {name}
      </button>{' '}
      {r.own && <span className="quiet text-sm">{t('recipes.yours')}</span>}
      <span className="block text-sm">
        {t('recipes.hours', {
          hours: sum((s) => s.likelyMinutes),
          from: sum((s) => s.optimisticMinutes),
          to: sum((s) => s.pessimisticMinutes),
        })}
      </span>
      <span className="quiet block text-sm">
        {bare(r.steps[0]?.title ?? '')}
        {r.steps.length > 1 && ' …'}
      </span>
    </li>
  )
}
