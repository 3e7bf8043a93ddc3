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
import { recipesQuery, spoken, type RecipeLine } from './recipes'

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
  const found = all.filter((r) => words(r, t('recipes.at')).includes(wanted))
  const own = all.filter((r) => r.own)
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
        {[...own, ...found.filter((r) => !r.own)]
          .filter((r) => found.includes(r))
          .map((r) => (
            <Line key={r.recipe} recipe={r} onOpen={() => setOpen({ recipe: r.recipe, copying: false })} />
          ))}
      </ul>
      {owns && <RecipeFiles some={own.length > 0} />}
      {opened && !open?.copying && (
        <RecipeSheet recipe={opened} onCopy={() => setOpen({ recipe: opened.recipe, copying: true })} onClose={close} />
      )}
      {opened && open?.copying && <CopyRecipe projectId={projectId} recipe={opened} onClose={close} />}
    </Page>
  )
}

const words = (r: RecipeLine, place: string) =>
  [r.title, ...r.steps.map((s) => s.title)]
    .map((text) => spoken(text, place))
    .join(' ')
    .toLocaleLowerCase()

function Line({ recipe: r, onOpen }: { recipe: RecipeLine; onOpen: () => void }) {
  const { t } = useTranslation()
  const sum = (of: (s: RecipeLine['steps'][number]) => number) => hours(r.steps.reduce((all, s) => all + of(s), 0))
  const first = r.steps[0]?.title ?? ''
  return (
    <li className="border-b border-base-300 py-2">
      <button type="button" className="link text-left font-semibold" onClick={onOpen}>
        {spoken(r.title, t('recipes.at'))}
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
        {spoken(first, t('recipes.at'))}
        {r.steps.length > 1 && ' …'}
      </span>
    </li>
  )
}
